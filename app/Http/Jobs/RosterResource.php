<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\Resource;
use App\Import\Roster;
use App\Import\RosterLine;
use App\Import\RosterProblem;

/**
 * What a roster says, and what is wrong with it.
 *
 * @phpstan-type RosterLine_ array{
 *   line: int,
 *   unit: string,
 *   figure_type: string,
 *   count: int,
 *   tier: string,
 *   leader_count: int,
 *   leader_tier: string|null,
 *   note: string,
 * }
 * @phpstan-type RosterProblem_ array{line: int, column: string, code: string, message: string}
 * @phpstan-type Roster_ array{
 *   lines: list<RosterLine_>,
 *   problems: list<RosterProblem_>,
 *   unknown_types: list<string>,
 *   figures: int,
 *   taken: bool,
 * }
 */
final readonly class RosterResource extends Resource
{
    public function __construct(
        private Roster $roster,
        private bool $taken,
    ) {
    }

    /** @return Roster_ */
    public function toArray(): array
    {
        return [
            'lines' => array_map(static fn (RosterLine $line): array => [
                'line' => $line->line, 'unit' => $line->unit, 'figure_type' => $line->figureType, 'count' => $line->count, 'tier' => $line->tier,
                'leader_count' => $line->leaderCount, 'leader_tier' => $line->leaderTier, 'note' => $line->note,
            ], $this->roster->lines),
            'problems' => array_map(static fn (RosterProblem $problem): array => [
                'line' => $problem->line, 'column' => $problem->column, 'code' => $problem->code, 'message' => $problem->message,
            ], $this->roster->problems),
            'unknown_types' => $this->roster->unknownTypes,
            'figures' => $this->roster->figures(),
            'taken' => $this->taken,
        ];
    }

    protected function cameAbout(): bool
    {
        return $this->taken;
    }
}
