<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\ListedSheet;
use App\Actions\Composing\ComposedFigure;
use App\Http\Shared\PageNumbers;
use App\Http\Shared\Resource;
use App\Models\Unit;
use App\Models\User;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;

/**
 * The bench sheets that somebody has figures on, those of some units at once; what is counted in all are units.
 *
 * @phpstan-type BenchRow array{
 *   key: string,
 *   job_id: int,
 *   job: string,
 *   due: string|null,
 *   unit_id: int,
 *   unit: string,
 *   type: string,
 *   tier: string,
 *   painters: list<string>,
 *   figures: int,
 *   mine: int,
 *   steps: int,
 *   minutes: float,
 *   left: int,
 *   looks: int,
 *   to_paint: int,
 *   painting: int,
 *   to_check: int,
 *   refused: int,
 *   mended: int,
 *   signed: int,
 * }
 * @phpstan-type BenchList array{rows: list<BenchRow>, page: int, pages: int, all: int}
 */
final readonly class BenchResource extends Resource
{
    /**
     * @param  iterable<ListedSheet>  $sheets
     * @param  LengthAwarePaginator<int, Unit>  $units whose sheets they are
     */
    public function __construct(
        private iterable $sheets,
        private LengthAwarePaginator $units,
        private User $user,
    ) {
    }

    /** @return BenchList */
    public function toArray(): array
    {
        $rows = [];
        foreach ($this->sheets as $sheet) {
            $rows[] = $this->row($sheet);
        }

        return ['rows' => $rows, ...PageNumbers::of($this->units)];
    }

    /** @return BenchRow */
    private function row(ListedSheet $sheet): array
    {
        $first = $sheet->first();
        $job = $first->unit->job;
        $states = array_count_values(array_map(static fn (ComposedFigure $figure): string => $figure->row->state->value, $sheet->figures));

        return [
            'key' => $sheet->key(), 'job_id' => $job->id, 'job' => $job->name, 'due' => $job->due?->format('Y-m-d'), 'unit_id' => $first->unit->id, 'unit' => $first->unit->name,
            'type' => $first->type->name, 'tier' => implode(', ', $sheet->tiers()),
            'painters' => self::painters($sheet),
            'figures' => count($sheet->figures),
            'mine' => count(array_filter($sheet->figures, fn (ComposedFigure $figure): bool => $figure->painterId() === $this->user->id)),
            'steps' => $sheet->length(),
            'minutes' => $sheet->minutesEach(),
            'left' => $sheet->left(),
            'looks' => $sheet->looks(),
            'to_paint' => $states['to-paint'] ?? 0,
            'painting' => $states['painting'] ?? 0,
            'to_check' => $states['to-check'] ?? 0,
            'refused' => $states['refused'] ?? 0,
            'mended' => $states['mended'] ?? 0,
            'signed' => $states['signed'] ?? 0,
        ];
    }

    /** @return list<string> names of who has figures of it; nobody: none */
    private static function painters(ListedSheet $sheet): array
    {
        $names = array_filter(array_map(static fn (ComposedFigure $figure): ?string => $figure->painter(), $sheet->figures), is_string(...));

        return array_values(array_unique($names));
    }
}
