<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchRun;
use App\Actions\Bench\RunPlace;
use App\Http\Schemes\RecipeParts;
use App\Http\Shared\Resource;
use Core\Scheme\Batch;

/**
 * What can be painted in one run over several sheets.
 *
 * @phpstan-import-type MixBatch from RecipeParts
 *
 * @phpstan-type RunPlace_ array{
 *   job_id: int,
 *   sheet: string,
 *   unit: string,
 *   area: string,
 *   use: string,
 *   figures: non-empty-list<array{id: int, number: int, seen: int|null}>,
 *   minutes: float,
 * }
 * @phpstan-type BenchRun_ array{
 *   title: string,
 *   degree: string,
 *   paint: string,
 *   hexes: list<string>,
 *   batches: list<MixBatch>,
 *   minutes: float,
 *   places: list<RunPlace_>,
 * }
 */
final readonly class BenchRunsResource extends Resource
{
    /** @param  list<BenchRun>  $runs */
    public function __construct(private array $runs)
    {
    }

    /** @return list<BenchRun_> */
    public function toArray(): array
    {
        return array_map(self::run(...), $this->runs);
    }

    /** @return BenchRun_ */
    private static function run(BenchRun $run): array
    {
        $batches = $run->batches();

        return [
            'title' => $run->title, 'degree' => $run->degree, 'paint' => $run->paint,
            'hexes' => array_values(array_filter(array_map(static fn (Batch $batch): ?string => $batch->recipe->colour()?->hex(), $batches))),
            'batches' => array_map(RecipeParts::batch(...), $batches),
            'minutes' => $run->minutes(),
            'places' => array_map(static fn (RunPlace $place): array => [
                'job_id' => $place->jobId, 'sheet' => $place->sheet, 'unit' => $place->unit, 'area' => $place->area, 'use' => $place->use, 'figures' => $place->figures, 'minutes' => $place->minutes,
            ], $run->places),
        ];
    }
}
