<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheet;
use App\Actions\Bench\KeptTimes;
use App\Http\Shared\WhyShape;
use Core\NumberText;
use Core\Schedule\BatchPath;
use Core\Schedule\PathTime;
use Core\Why as CoreWhy;

/**
 * What a sheet takes by hand and on the clock, for all of its figures, and by which path through them.
 *
 * @phpstan-import-type Why from WhyShape
 *
 * @phpstan-type SheetPath array{path: value-of<BatchPath>, elapsed: float, waiting: float, changes: int, early: string}
 * @phpstan-type SheetTimes_ array{by_hand: float, paths: list<SheetPath>, at_once: int|null, why: Why}
 */
final readonly class SheetTimes
{
    public function __construct(
        private BenchSheet $sheet,
    ) {
    }

    /** @return SheetTimes_ */
    public function toArray(): array
    {
        $shared = $this->sheet->coats($this->sheet->figures);
        $coats = $shared->coats;
        $figures = $shared->figures;
        $times = KeptTimes::of($shared);
        $why = new CoreWhy(
            ['figures' => (string) $figures, 'coats on a figure' => (string) count($coats->all), 'share of drying times that passes here' => NumberText::of($this->sheet->alike[0]->mixes->drying(), 2)],
            'By hand is the work of the painter: mixing, cleaning and the looks of somebody else come beside it. On the clock one painter lays whatever may be laid while something dries: first by the path, then by the order of the sheet, or what is longest on its way where that is quicker. Messy work and what borders on it keep their order. Each coat dries before the next; the drying of last coats does not count. Enough at once are the fewest of which, step by step, at most a tenth of the work waits: more only add tedium and drift.',
            CoreWhy::COMMON_PRACTICE,
        );

        return [
            'by_hand' => $times->paths[0]->byHand,
            'paths' => array_map(fn (PathTime $time): array => [
                'path' => $time->path->value, 'elapsed' => $time->elapsed, 'waiting' => $time->waiting, 'changes' => $time->changes,
                'early' => $time->early === null ? '' : $this->sheet->steps[$coats->all[$time->early]->item]->inWords(),
            ], $times->paths),
            // How many are enough at once; one figure alone is no batch.
            'at_once' => $figures > 1 ? $times->enough : null,
            'why' => $why->toArray(),
        ];
    }
}
