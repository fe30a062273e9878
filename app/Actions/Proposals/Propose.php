<?php

declare(strict_types=1);

namespace App\Actions\Proposals;

use App\Actions\Composing\JobStandards;
use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\Job;
use App\Models\Proposal;
use App\Models\ProposalState;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;

/** Proposals to change the standard, from the bench or a check; the lead takes or declines them. */
final readonly class Propose
{
    public function __construct(private JobStandards $standards)
    {
    }

    public function handle(Job $job, string $tier, string $surface, ?string $use, string $text, User $by): Proposal
    {
        $standard = $this->standards->of($job);
        if (! $standard->hasTier($tier) || ! $standard->hasSurface($surface)) {
            throw NotRight::at($standard->hasTier($tier) ? '/surface' : '/tier', 'unknown-place', 'The standard of this job has no such place.');
        }
        if ($use !== null && $standard->requirement($tier, $surface)?->use($use) === null) {
            throw NotRight::at('/use', 'unknown-use', "Nothing called \"{$use}\" is asked there.");
        }

        return Proposal::query()->create([
            'standard_version_id' => $job->standard_version_id, 'job_id' => $job->id, 'user_id' => $by->id,
            'tier' => $tier, 'surface' => $surface, 'use' => $use, 'text' => $text,
        ])->refresh();
    }

    /** @param  'taken'|'declined'  $state */
    public function answer(Proposal $proposal, string $state, string $answer, int $versionRead, User $by): Proposal
    {
        return Transaction::run(static function () use ($proposal, $state, $answer, $versionRead, $by): Proposal {
            $locked = Versioned::lock($proposal, $versionRead, 'this proposal');
            if ($locked->state !== ProposalState::Open) {
                throw NotAllowed::because('answered', 'This proposal was answered already.');
            }
            $locked->fill(['state' => $state, 'answer' => $answer, 'answered_by' => $by->id])->save();

            return $locked;
        });
    }
}
