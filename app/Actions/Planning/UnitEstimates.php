<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Actions\Bench\BenchSheet;
use App\Actions\Bench\BenchSheets;
use App\Actions\Bench\KeptTimes;
use App\Actions\Bench\SheetStep;
use App\Actions\Composing\ComposedFigure;
use App\Actions\Schemes\StudioRules;
use App\Models\Unit;
use App\Models\WorkedTime;
use Core\Quote\BatchEstimate;
use Core\Quote\Past;

/** What a unit takes as a batch, sheet by sheet. */
final readonly class UnitEstimates
{
    /** What is further back says little of the next. */
    private const LATEST_UNITS = 200;

    public function __construct(
        private BenchSheets $sheets,
        private StudioRules $rules,
    ) {
    }

    /** @return list<SheetEstimate> of all figures of the unit, whatever was done of them */
    public function of(Unit $unit): array
    {
        $past = self::past($unit);
        $sheets = $this->sheets->ofUnit($unit);
        $paces = Paces::of(self::painters($sheets));

        return array_map(fn (BenchSheet $sheet): SheetEstimate => new SheetEstimate($sheet, $this->estimate($sheet, $paces, $past)), $sheets);
    }

    private function estimate(BenchSheet $sheet, Paces $paces, ?Past $past): BatchEstimate
    {
        $uses = $tidies = $paced = $looks = $further = 0.0;
        foreach ($sheet->steps as $step) {
            $minutes = $sheet->minutesOnAll($step);
            if ($step->isLook()) {
                $looks += $minutes;
            } else {
                $step->isTidying() ? $tidies += $minutes : $uses += $minutes;
                $paced += self::atTheirPace($sheet, $step, $paces);
            }
        }
        foreach ($sheet->alike as $one) {
            $work = $one->first()->composition;
            $further += count($one->figures) * ($work->minutesAtMost() - $work->minutes);
            $looks += count($one->figures) * $sheet->standard->tier($one->first()->figure->tier)->lookMinutes;
        }
        $times = KeptTimes::of($sheet->coats($sheet->figures));
        $known = $uses + $tidies > 0 && array_filter(self::painters([$sheet]), $paces->knows(...)) !== [];

        return new BatchEstimate(
            count($sheet->figures),
            $uses,
            $uses + $further,
            $tidies,
            $times->paths[0]->changes * $this->rules->now()->paintChange,
            $looks,
            $times->paths[0]->waiting,
            $known ? $paced / ($uses + $tidies) : null,
            $past,
            self::budget($sheet),
        );
    }

    private static function atTheirPace(BenchSheet $sheet, SheetStep $step, Paces $paces): float
    {
        return array_sum(array_map(static function (ComposedFigure $figure) use ($sheet, $step, $paces): float {
            $painter = $figure->painterId();

            return $sheet->minutesOn($step, $figure->id) * ($painter === null ? 1.0 : $paces->factor($painter, $step->technique));
        }, $sheet->figuresOf($step)));
    }

    /** Null where a tier of theirs has none, or only a part of them is painted. */
    private static function budget(BenchSheet $sheet): ?float
    {
        $sum = 0.0;
        foreach ($sheet->alike as $one) {
            $budget = $one->first()->estimate($sheet->standard)->budget;
            if ($budget === null) {
                return null;
            }
            $sum += count($one->figures) * $budget;
        }

        return $sum;
    }

    /**
     * @param  list<BenchSheet>  $sheets
     * @return list<int> ids
     */
    private static function painters(array $sheets): array
    {
        $painters = array_merge(...array_map(static fn (BenchSheet $sheet): array => array_map(static fn (ComposedFigure $figure): ?int => $figure->painterId(), $sheet->figures), $sheets));

        return array_values(array_unique(array_filter($painters, is_int(...))));
    }

    /** Of other units of the studio: what was worked on each for what it was allowed. */
    private static function past(Unit $unit): ?Past
    {
        $shares = WorkedTime::query()->whereNotNull('minutes')->where('unit_id', '<>', $unit->id)->groupBy('unit_id')->havingRaw('SUM(allowed) > 0 AND SUM(minutes) > 0')
            ->orderByDesc('unit_id')->limit(self::LATEST_UNITS)->toBase()->selectRaw('SUM(minutes) / SUM(allowed) AS share')->pluck('share');

        return Past::of(array_values($shares->map(static fn (mixed $share): float => is_numeric($share) ? (float) $share : 1.0)->all()));
    }
}
