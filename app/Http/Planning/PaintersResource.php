<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\PaintersOfJob;
use App\Actions\Planning\PaintingCell;
use App\Actions\Planning\PaintingPerson;
use App\Actions\Planning\PaintingRow;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use Core\NumberText;
use Core\Standard\Tier;
use Core\Why;

/**
 * Units of a job that nobody has yet, beside everybody at the bench, and to whom they should be given.
 *
 * @phpstan-import-type Why from WhyShape as WhyData
 *
 * @phpstan-type PaintingPerson_ array{id: int, name: string, alone: 'any'|'said'|'unsaid', bench: float, given: float, free: float}
 * @phpstan-type PaintingCell_ array{painter: int, minutes: float, cleared: bool|null, not: list<string>, bar: string}
 * @phpstan-type PaintingRow_ array{
 *   unit: int,
 *   version: int,
 *   name: string,
 *   tiers: list<string>,
 *   figures: int,
 *   minutes: float,
 *   painter: int|null,
 *   proposed: int|null,
 *   cells: list<PaintingCell_>,
 * }
 * @phpstan-type Painters_ array{
 *   job: array{id: int, name: string, due: string|null},
 *   people: list<PaintingPerson_>,
 *   rows: list<PaintingRow_>,
 *   late: float,
 *   is_best: bool,
 *   why: WhyData,
 * }
 */
final readonly class PaintersResource extends Resource
{
    public function __construct(private PaintersOfJob $painters)
    {
    }

    /** @return Painters_ */
    public function toArray(): array
    {
        $job = $this->painters->job;

        return [
            'job' => ['id' => $job->id, 'name' => $job->name, 'due' => $job->due?->format('Y-m-d')],
            'people' => array_map(static fn (PaintingPerson $one): array => ['id' => $one->user->id, 'name' => $one->user->name, 'alone' => $one->alone(), 'bench' => $one->bench, 'given' => $one->given, 'free' => $one->free()], $this->painters->people),
            'rows' => array_map($this->row(...), $this->painters->rows),
            'late' => $this->painters->found->assignment->late,
            'is_best' => $this->painters->found->isBest,
            'why' => $this->why()->toArray(),
        ];
    }

    /** @return PaintingRow_ */
    private function row(PaintingRow $row): array
    {
        return [
            'unit' => $row->unit->id, 'version' => $row->unit->version, 'name' => $row->unit->name, 'tiers' => array_map(static fn (Tier $tier): string => $tier->name, $row->tiers), 'figures' => $row->figures,
            'minutes' => array_sum($row->minutes), 'painter' => $row->unit->painter_id, 'proposed' => $this->painters->proposed($row),
            'cells' => array_map(static fn (int $painter, PaintingCell $cell): array => ['painter' => $painter, 'minutes' => $cell->minutes, 'cleared' => $cell->isCleared, 'not' => $cell->not, 'bar' => $cell->bar], array_keys($row->cells), array_values($row->cells)),
        ];
    }

    private function why(): Why
    {
        return new Why(
            ['units' => (string) count($this->painters->rows), 'people at the bench' => (string) count($this->painters->people), 'late, in all' => NumberText::minutes($this->painters->found->assignment->late)],
            'Nobody is proposed for what they are not cleared for, nor where nobody would be left to sign it. Of all ways that are left the least late is taken (minutes of work due by each day against the hours at the bench until then), and of those the most even. Minutes are by hand, at the pace that was worked: the median of what was taken by what is allowed, drawn toward 1 where little was observed. Drying is filled with other work and not counted; the plan says the day.',
            Why::COMMON_PRACTICE,
        );
    }
}
