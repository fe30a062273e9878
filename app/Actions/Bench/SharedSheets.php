<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Schemes\StudioRules;
use Core\Sequence\PaintedAlike;
use Core\Sequence\SharedSteps;
use Core\Sequence\Sharing;
use Core\Sequence\SheetLines;
use Core\Standard\Standard;
use WeakMap;

/** Which figures of a unit share a sheet, and its lines. Those that differ in a few uses do, where one order serves them all. */
final class SharedSheets
{
    /** @var WeakMap<Standard, WeakMap<FigureMixes, SheetLines>> lines of figures that are alike, by what is painted on them and with what: under another standard the same is painted in another order */
    private WeakMap $ofAlike;

    /** @var array<string, array{SheetLines|null, Standard, list<FigureMixes>}> lines of those that share a sheet, likewise; null where no one order serves them, or each has more of its own. What they are known by is kept, so that no number is given anew */
    private array $known = [];

    /** @var WeakMap<SheetLines, list<SheetStep>> */
    private WeakMap $steps;

    public function __construct(
        private readonly WorkOrders $orders,
        private readonly StudioRules $rules,
    ) {
        $this->ofAlike = new WeakMap;
        $this->steps = new WeakMap;
    }

    /**
     * @param  non-empty-list<AlikeFigures>  $all of one unit, one type and one scheme
     * @return list<array{non-empty-list<AlikeFigures>, SheetLines}> by sheet, who shares it and its lines
     */
    public function of(array $all, Standard $standard): array
    {
        $painted = array_map(static fn (AlikeFigures $one): PaintedAlike => $one->painted(), $all);
        $groups = (new Sharing($this->rules->now()->sheetShare))->groups($painted, array_map(static fn (AlikeFigures $one): int => count($one->figures), $all));
        $sheets = [];
        foreach ($groups as $group) {
            $sharing = array_map(static fn (int $one): AlikeFigures => $all[$one], $group);
            $lines = count($sharing) === 1 ? null : $this->lines($sharing, $standard);
            // Who shares with nobody, or has no order in common, has an own one.
            array_push($sheets, ...$lines === null ? array_map(fn (AlikeFigures $one): array => [[$one], $this->alone($one, $standard)], $sharing) : [[$sharing, $lines]]);
        }

        return $sheets;
    }

    /** @return list<SheetStep> the lines as steps of a sheet */
    public function steps(SheetLines $lines): array
    {
        return $this->steps[$lines] ??= SheetStep::all($lines->all);
    }

    /** @param  non-empty-list<AlikeFigures>  $sharing */
    private function lines(array $sharing, Standard $standard): ?SheetLines
    {
        // How many they are decides whether it is worth it.
        $like = spl_object_id($standard).' '.implode(' ', array_map(static fn (AlikeFigures $one): string => spl_object_id($one->mixes).'×'.count($one->figures), $sharing));
        $this->known[$like] ??= [$this->found($sharing, $standard), $standard, array_map(static fn (AlikeFigures $one): FigureMixes => $one->mixes, $sharing)];

        return $this->known[$like][0];
    }

    /** @param  non-empty-list<AlikeFigures>  $sharing */
    private function found(array $sharing, Standard $standard): ?SheetLines
    {
        $type = $sharing[0]->first()->wholeType();
        $shared = SharedSteps::of(array_map(static fn (AlikeFigures $one): PaintedAlike => $one->painted(), $sharing), $type);
        $lines = $shared === null ? null : $this->orders->shared($shared, $type, $standard);
        if ($lines === null) {
            return null;
        }
        $alone = array_map(fn (AlikeFigures $one): float => $this->alone($one, $standard)->tidyMinutes(0), $sharing);

        return $lines->saves($alone, array_map(static fn (AlikeFigures $one): int => count($one->figures), $sharing), $this->rules->now()->paintChange) ? $lines : null;
    }

    private function alone(AlikeFigures $one, Standard $standard): SheetLines
    {
        /** @var WeakMap<FigureMixes, SheetLines> $known */
        $known = $this->ofAlike[$standard] ?? new WeakMap;
        $this->ofAlike[$standard] = $known;

        return $known[$one->mixes] ??= $this->orders->of($one->first(), $standard, $one->mixes);
    }
}
