<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\Resource;
use App\Import\GivenRoster;
use App\Import\Roster;
use App\Import\RosterLine;
use App\Import\RosterProblem;
use App\Import\TextEncoding;

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
 * @phpstan-type RosterOffer array{key: string, name: string, like: bool}
 * @phpstan-type RosterProblem_ array{line: int, column: string, code: string, message: string, word: string, offers: list<RosterOffer>}
 * @phpstan-type RosterColumn_ array{heading: string, as: string|null, left_out: bool}
 * @phpstan-type Roster_ array{
 *   lines: list<RosterLine_>,
 *   problems: list<RosterProblem_>,
 *   unknown_types: list<string>,
 *   columns: list<RosterColumn_>,
 *   text: string,
 *   encoding: string,
 *   encodings: list<array{key: string, name: string}>,
 *   figures: int,
 *   units: int,
 *   taken: bool,
 * }
 */
final readonly class RosterResource extends Resource
{
    public function __construct(
        private Roster $roster,
        private GivenRoster $given,
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
                'word' => $problem->word, 'offers' => $problem->offers,
            ], $this->roster->problems),
            'unknown_types' => $this->roster->unknownTypes,
            'columns' => array_map(static fn (string $heading, ?string $column): array => ['heading' => $heading, 'as' => $column === '' ? null : $column, 'left_out' => $column === ''], $this->roster->columns->headings, $this->roster->columns->columns),
            'text' => $this->given->encoding->decode($this->given->bytes),
            'encoding' => $this->given->encoding->value,
            'encodings' => array_map(static fn (TextEncoding $one): array => ['key' => $one->value, 'name' => $one->inWords()], TextEncoding::cases()),
            'figures' => $this->roster->figures(),
            'units' => $this->roster->units(),
            'taken' => $this->taken,
        ];
    }

    protected function cameAbout(): bool
    {
        return $this->taken;
    }
}
