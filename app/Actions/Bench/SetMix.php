<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\JobFigures;
use App\Actions\Paints\PaintBook;
use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\CurrentStudio;
use App\Models\JobMix;
use App\Models\JobMixPart;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;

/** Writes down what a step is painted with: one paint, or a mix in parts. */
final readonly class SetMix
{
    public function __construct(
        private CurrentStudio $studio,
        private PaintBook $paints,
        private JobFigures $figures,
    ) {
    }

    /**
     * @param  string  $text as typed; empty: nothing is set any more
     * @param  int|null  $versionRead null where nothing was set before
     *
     * @throws NotRight if a paint is not among the studio's, or the mix cannot be read
     */
    public function handle(MixedStep $step, string $text, ?int $versionRead, User $by): void
    {
        $this->requirePaintsIt($step, $by);
        $recipe = trim($text) === '' ? null : $this->paints->recipe($text, '/mix');
        Transaction::run(function () use ($step, $recipe, $versionRead): void {
            $mix = JobMix::query()->where($step->columns())->first();
            if ($mix === null) {
                $mix = JobMix::query()->create($step->columns());
            } else {
                $mix = Versioned::lock($mix, $versionRead ?? 0, "what \"{$step->use}\" on \"{$step->area}\" is painted with");
                $mix->save();
                JobMixPart::query()->where('job_mix_id', $mix->id)->delete();
            }
            if ($recipe === null) {
                $mix->delete();

                return;
            }
            $mix->update(['water' => $recipe->water]);
            JobMixPart::query()->insert(array_map(
                fn (array $part): array => ['studio_id' => $this->studio->id(), 'job_mix_id' => $mix->id, ...$part],
                $this->paints->rows($recipe),
            ));
        });
    }

    /**
     * The lead sets what a job is painted with; a painter writes down what was mixed for own figures.
     *
     * @throws NotRight if nothing of the kind is painted in this job
     * @throws NotAllowed if somebody else paints it
     */
    private function requirePaintsIt(MixedStep $step, User $by): void
    {
        $isThere = false;
        $paintsHere = $by->role->checks();
        foreach ($this->figures->ofJob($step->job) as $figure) {
            $isOwn = $by->role->checks() || $figure->painterId() === $by->id;
            $paintsHere = $paintsHere || $isOwn;
            if (! $step->isPaintedOn($figure)) {
                continue;
            }
            $isThere = true;
            if ($isOwn) {
                return;
            }
        }

        throw $isThere || ! $paintsHere
            ? NotAllowed::because('not-your-job', 'You paint nothing of this in the job; the lead or its painters say what it is painted with.')
            : NotRight::at('/use', 'unknown-use', "No figure of this job has a step {$step->step} of \"{$step->use}\" on \"{$step->area}\".");
    }
}
