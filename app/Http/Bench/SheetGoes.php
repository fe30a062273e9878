<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheet;
use App\Actions\Bench\SheetLaying;
use App\Actions\Bench\SheetStep;
use App\Http\Schemes\RecipeParts;
use Core\Scheme\Batch;
use Core\Sequence\TidyBack;

/**
 * What is laid in one go on several areas: one step with several places, its mix stirred once for all of them.
 *
 * @phpstan-import-type MixBatch from RecipeParts
 *
 * @phpstan-type SheetGo array{
 *   number: int,
 *   areas: list<string>,
 *   minutes: float,
 *   minutes_to: float,
 *   batches: list<array{step: int, batch: MixBatch}>,
 * }
 */
final readonly class SheetGoes
{
    public function __construct(private BenchSheet $sheet)
    {
    }

    /** @return list<SheetGo> */
    public function toArray(): array
    {
        return array_map($this->go(...), $this->sheet->goes());
    }

    /**
     * @param  non-empty-list<SheetStep>  $steps
     * @return SheetGo
     */
    private function go(array $steps): array
    {
        $minutes = array_map(fn (SheetStep $step): float => SheetLaying::minutes($step->planned, $this->sheet->mixesOf($step)), $steps);
        $most = array_map(static fn (SheetStep $step): float => $step->planned instanceof TidyBack ? 0.0 : $step->planned->step->laid->minutesAtMost(), $steps);

        return [
            'number' => $steps[0]->number,
            'areas' => array_map(static fn (SheetStep $step): string => $step->area, $steps),
            'minutes' => array_sum($minutes),
            'minutes_to' => max(array_sum($minutes), array_sum($most)),
            'batches' => $this->batches($steps),
        ];
    }

    /**
     * @param  non-empty-list<SheetStep>  $steps
     * @return list<array{step: int, batch: MixBatch}> for what is stirred
     */
    private function batches(array $steps): array
    {
        $byStep = [];
        foreach ($steps as $step) {
            foreach ($this->sheet->mixesOf($step)->of($step->area, $step->use, $step->steps, count($this->sheet->figuresOf($step))) as $mix) {
                if ($mix->batch !== null) {
                    $byStep[$mix->step][] = $mix->batch;
                }
            }
        }
        $together = [];
        foreach ($byStep as $number => $batches) {
            $together[] = ['step' => $number, 'batch' => RecipeParts::batch(Batch::together($batches))];
        }

        return $together;
    }
}
