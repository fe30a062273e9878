<?php

declare(strict_types=1);

namespace App\Papers;

use App\Actions\Transaction;
use App\Models\Paper;
use App\Models\PaperKind;
use App\Models\PaperState;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\UniqueConstraintViolationException;

/** Has a paper made by a worker. Who asks for what is being made already is told how far that is. */
final readonly class AskForPaper
{
    /** @param  array<string, string|int|null>  $subject what it is of, as its maker reads it */
    public function handle(User $asks, PaperKind $kind, array $subject): Paper
    {
        ksort($subject);
        $same = hash('sha256', json_encode([$kind->value, $subject], JSON_THROW_ON_ERROR));

        return $this->beingMade($same) ?? $this->begun($asks, $kind, $subject, $same);
    }

    /** @param  array<string, string|int|null>  $subject */
    private function begun(User $asks, PaperKind $kind, array $subject, string $same): Paper
    {
        try {
            return Transaction::run(static function () use ($asks, $kind, $subject, $same): Paper {
                $paper = Paper::query()->create(['user_id' => $asks->id, 'kind' => $kind, 'subject' => $subject, 'same' => $same, 'state' => PaperState::Waiting, 'asked_at' => CarbonImmutable::now()])->refresh();
                WritePaper::dispatch($paper->studio_id, $paper->id);

                return $paper;
            });
        } catch (UniqueConstraintViolationException $taken) {
            // Somebody asked in the same moment.
            return $this->beingMade($same) ?? throw $taken;
        }
    }

    private function beingMade(string $same): ?Paper
    {
        return Paper::query()->where('same', $same)->whereIn('state', PaperState::OPEN)->first();
    }
}
