<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Models\User;
use Core\Sequence\PlannedStep;
use Core\Standard\UseWords;

/**
 * What can be painted in one run over several sheets: lines that are laid the same way with the same paint, on figures on which all
 * that they wait for is done, and nothing messy is before them that would soil them.
 */
final readonly class BenchRuns
{
    public function __construct(private BenchSheets $sheets)
    {
    }

    /** @return list<BenchRun> what takes longest first; what lies on one sheet alone is no run */
    public function of(User $user): array
    {
        $runs = [];
        foreach ($this->sheets->ofUnits(BenchUnits::toPaintBy($user)) as $sheet) {
            foreach (self::ready($sheet, $user) as [$step, $planned, $figures]) {
                $mixes = $sheet->mixesOf($step);
                $paint = $mixes->paint($planned->step->laid);
                if ($paint !== '') {
                    $degree = UseWords::degree($planned->step->laid->use);
                    $way = "{$step->technique} {$degree} {$paint}";
                    $runs[$way] = ($runs[$way] ?? new BenchRun($planned->step->technique->name, $degree, $paint))
                        ->with(self::place($sheet, $step, $figures), $mixes->amountsOf($planned->step->laid, count($figures)));
                }
            }
        }
        $several = array_values(array_filter($runs, static fn (BenchRun $run): bool => $run->sheets() > 1));
        usort($several, static fn (BenchRun $one, BenchRun $other): int => $other->minutes() <=> $one->minutes());

        return $several;
    }

    /** @param  non-empty-list<ComposedFigure>  $figures */
    private static function place(BenchSheet $sheet, SheetStep $step, array $figures): RunPlace
    {
        return new RunPlace(
            $sheet->first()->unit->job_id, $sheet->key, $sheet->first()->unit->name, $step->area, $step->use,
            array_map(static fn (ComposedFigure $figure): array => ['id' => $figure->id, 'number' => $figure->row->number, 'seen' => $sheet->mark($step, $figure->id)?->id], $figures),
            array_sum(array_map(static fn (ComposedFigure $figure): float => $sheet->minutesOn($step, $figure->id), $figures)),
        );
    }

    /** @return iterable<array{SheetStep, PlannedStep, non-empty-list<ComposedFigure>}> lines, with the figures on which this person can lay them now */
    private static function ready(BenchSheet $sheet, User $user): iterable
    {
        foreach ($sheet->waits() as $line => $before) {
            $step = $sheet->steps[$line];
            $planned = $step->planned;
            if (! $planned instanceof PlannedStep || $step->isLook()) {
                continue;
            }
            $under = array_map(static fn (int $at): SheetStep => $sheet->steps[$at], $before);
            $figures = array_values(array_filter($sheet->openOn($step), static fn (ComposedFigure $figure): bool => $figure->painterId() === $user->id
                && $sheet->areSettled($under, $figure->id)
                && $sheet->looksBefore($step, $figure->id) === []));
            if ($figures !== []) {
                yield [$step, $planned, $figures];
            }
        }
    }
}
