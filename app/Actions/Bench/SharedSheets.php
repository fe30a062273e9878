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
    /** @var WeakMap<Standard, array<string, SheetLines>> lines of figures that are alike, by what is painted on them */
    private WeakMap $ofAlike;

    /** @var WeakMap<Standard, array<string, SheetLines|null>> lines of those that share a sheet, by what is painted on whom; null where no one order serves them, or each has more of its own */
    private WeakMap $known;

    public function __construct(
        private readonly WorkOrders $orders,
        private readonly StudioRules $rules,
    ) {
        $this->known = new WeakMap;
        $this->ofAlike = new WeakMap;
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

    /** @param  non-empty-list<AlikeFigures>  $sharing */
    private function lines(array $sharing, Standard $standard): ?SheetLines
    {
        $like = self::like($sharing);
        $known = $this->known[$standard] ?? [];
        if (! array_key_exists($like, $known)) {
            $known[$like] = $this->found($sharing, $standard);
            $this->known[$standard] = $known;
        }

        return $known[$like];
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
        $like = self::like([$one]);
        $known = $this->ofAlike[$standard] ?? [];
        $known[$like] ??= $this->orders->of($one->first(), $standard, $one->mixes);
        $this->ofAlike[$standard] = $known;

        return $known[$like];
    }

    /**
     * Equal where the same is painted, on figures of several units too.
     *
     * @param  non-empty-list<AlikeFigures>  $sharing
     */
    private static function like(array $sharing): string
    {
        return implode(' ', array_map(static fn (AlikeFigures $one): string => "{$one->first()->unit->job_id} {$one->first()->typeId()} {$one->first()->schemeId()} {$one->first()->figure->tier} {$one->first()->signature()} {$one->first()->agreed->schools()}", $sharing));
    }
}
