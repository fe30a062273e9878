<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;
use Core\Standard\Criterion;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;

/** Standard × figure × variations to what is painted and what is asked. */
final readonly class Composer
{
    public function __construct(private Standard $standard)
    {
    }

    /**
     * The figure's names have been checked (see {@see FigureCheck}).
     */
    public function compose(Figure $figure): Composition
    {
        $asked = new Asked($this->standard, $figure);
        $uses = $criteria = $undecided = $notAsked = [];
        foreach ($figure->areas as $area) {
            $requirement = $asked->requirement($area);
            if ($requirement === null) {
                $undecided[] = $area->id;
            } elseif ($requirement->asksNothing()) {
                $notAsked[] = $area->id;
            }
            $here = $this->usesOn($area, $figure, $asked);
            array_push($uses, ...$here);
            array_push($criteria, ...$this->criteriaOn($area, $here, $asked));
        }

        return new Composition($uses, $criteria, $undecided, $notAsked, array_sum(array_column($uses, 'minutes')));
    }

    /** @return list<ComposedUse> */
    private function usesOn(Area $area, Figure $figure, Asked $asked): array
    {
        $waived = [];
        foreach ($figure->waivers as $waiver) {
            if ($waiver->area === $area->id) {
                $waived[$waiver->use] = true;
            }
        }
        $composed = [];
        foreach ($asked->taken($area) as $use) {
            if (! isset($waived[$use->id])) {
                $composed[] = $this->lay($use, $area, $figure->size, $asked, Origin::Tier);
            }
        }
        foreach ($asked->added($area) as $addition) {
            $composed[] = $this->lay($addition->use, $area, $figure->size, $asked, Origin::Addition);
        }

        return $composed;
    }

    private function lay(TechniqueUse $use, Area $area, float $size, Asked $asked, Origin $origin): ComposedUse
    {
        $minutes = $use->allowance->onArea($area->share, $size, $area->pieces($use->feature));

        return new ComposedUse($area, $use, $asked->technique($area, $use), $minutes, $origin);
    }

    /**
     * @param  list<ComposedUse>  $laid the uses laid on the area
     * @return list<ComposedCriterion>
     */
    private function criteriaOn(Area $area, array $laid, Asked $asked): array
    {
        $criteria = $asked->requirement($area)->criteria ?? [];
        foreach ($asked->added($area) as $addition) {
            array_push($criteria, ...$addition->criteria);
        }
        $here = array_map(static fn (ComposedUse $composed): string => $composed->use->id, $laid);
        $composed = [];
        foreach ($criteria as $criterion) {
            if ($area->has($criterion->feature) && self::judgesSomething($criterion, $here)) {
                $composed[] = new ComposedCriterion($area, $criterion);
            }
        }

        return $composed;
    }

    /**
     * A criterion is asked unless it judges certain uses and every one of them is missing.
     *
     * @param  list<string>  $laid
     */
    private static function judgesSomething(Criterion $criterion, array $laid): bool
    {
        $judged = $criterion->uses ?? [];

        return $judged === [] || array_intersect($judged, $laid) !== [];
    }
}
