<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;
use Core\Standard\Criterion;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;

/**
 * What of other tiers can be laid on an area of a figure, beside what its own tier asks there. A use keeps the place
 * that it has in the order of its tier: before the first use of the area's own that comes behind it there.
 *
 * What the area's tier asks by itself is no addition: such an agreement rests, as one whose tier asks it no more.
 */
final readonly class FittingAdditions
{
    public function __construct(private Standard $standard)
    {
    }

    /** @param  list<AgreedAddition>  $agreed the widest first; of two for one use the later one counts */
    public function apply(Figure $figure, array $agreed): Figure
    {
        $latest = [];
        foreach ($agreed as $one) {
            $latest["{$one->area}\n{$one->use}"] = $one;
        }
        $additions = $judged = [];
        foreach ($this->inOrder($latest, $figure) as $one) {
            $addition = $this->addition($figure, $one, $judged[$one->area] ?? []);
            if ($addition !== null) {
                $additions[] = $addition;
                $judged[$one->area] = [...$judged[$one->area] ?? [], ...array_column($addition->criteria, 'id')];
            }
        }

        return $figure->withAdditions($additions);
    }

    public function fits(Figure $figure, AgreedAddition $agreed): bool
    {
        return $this->addition($figure, $agreed, []) !== null;
    }

    /**
     * What other tiers ask of an area, and its own does not; what several ask alike, of the lowest of them.
     *
     * @return list<OfferedAddition> tiers by rank, without those that take no new work; of one tier in the order of laying
     */
    public function offered(Figure $figure, Area $area): array
    {
        $offered = $known = [];
        foreach ($this->standard->tiersByRank() as $tier) {
            foreach ($tier->retired ? [] : $this->standard->requirement($tier->id, $area->surface)->uses ?? [] as $use) {
                $addition = $this->addition($figure, new AgreedAddition($area->id, $tier->id, $use->id, 'offered'), []);
                if ($addition !== null && ! in_array($use, $known, false)) {
                    $known[] = $use;
                    $offered[] = new OfferedAddition($tier, $use, $use->allowance->onArea($area->share, $figure->size, $area->pieces($use->feature)), $addition->criteria);
                }
            }
        }

        return $offered;
    }

    /**
     * @param  list<string>  $judged ids of criteria that other additions bring to the area
     * @return Addition|null null: the area's tier asks it already, or the other tier does not ask it of such an area
     */
    private function addition(Figure $figure, AgreedAddition $agreed, array $judged): ?Addition
    {
        $area = $figure->area($agreed->area);
        $there = $area === null ? null : $this->there($area, $agreed);
        $use = $there?->use($agreed->use);
        if ($area === null || $there === null || $use === null || ! $area->has($use->feature)) {
            return null;
        }
        $own = (new Asked($this->standard, $figure))->requirement($area);
        if ($own?->use($use->id) !== null) {
            return null;
        }
        $known = [...array_column($own->criteria ?? [], 'id'), ...$judged];
        $criteria = array_filter($there->criteria, static fn (Criterion $one): bool => in_array($use->id, $one->uses ?? [], true) && ! in_array($one->id, $known, true));

        return new Addition($area->id, $use, array_values($criteria), self::before($use, $there, $own, $area), $agreed);
    }

    private function there(Area $area, AgreedAddition $agreed): ?Requirement
    {
        return $this->standard->hasTier($agreed->tier) ? $this->standard->requirement($agreed->tier, $area->surface) : null;
    }

    /** The first use of the area's own tier that comes behind the added one where that comes from; null: there is none. */
    private static function before(TechniqueUse $added, Requirement $there, ?Requirement $own, Area $area): ?string
    {
        $ids = $there->useIds();
        $behind = array_slice($ids, (int) array_search($added->id, $ids, true) + 1);
        foreach ($own->uses ?? [] as $use) {
            if ($area->has($use->feature) && in_array($use->id, $behind, true)) {
                return $use->id;
            }
        }

        return null;
    }

    /**
     * @param  array<string, AgreedAddition>  $agreed
     * @return list<AgreedAddition> those of lower tiers first; of one tier, as that lays them
     */
    private function inOrder(array $agreed, Figure $figure): array
    {
        $place = function (AgreedAddition $one) use ($figure): int {
            $area = $figure->area($one->area);

            return (int) array_search($one->use, ($area === null ? null : $this->there($area, $one))?->useIds() ?? [], true);
        };
        $rank = fn (AgreedAddition $one): int => $this->standard->hasTier($one->tier) ? $this->standard->tier($one->tier)->rank : 0;
        $list = array_values($agreed);
        usort($list, static fn (AgreedAddition $a, AgreedAddition $b): int => [$rank($a), $place($a)] <=> [$rank($b), $place($b)]);

        return $list;
    }
}
