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
            if ($requirement === null && ! $figure->isAgreedNotAsked($area->id)) {
                $undecided[] = $area->id;
            } elseif ($requirement === null || $requirement->asksNothing()) {
                $notAsked[] = $area->id;
            }
            $here = $this->usesOn($area, $figure, $asked);
            array_push($uses, ...$here);
            array_push($criteria, ...$this->criteriaOn($area, $here, $asked));
        }

        return new Composition($uses, $criteria, $undecided, $notAsked, array_sum(array_column($uses, 'minutes')));
    }

    /** A figure of this type wholly at a tier, with nothing agreed. */
    public function composeType(FigureType $type, string $tier): Composition
    {
        $areas = array_map(static fn (TypeArea $area): Area => $area->area, $type->areas);

        return $this->compose(new Figure($tier, $type->work(), $areas));
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
        $taken = array_column($asked->taken($area), null, 'id');
        $composed = [];
        foreach ($asked->layers($area) as $layer) {
            if ($layer instanceof Addition) {
                $composed[] = $this->lay($layer->use, $area, $figure->size, $asked, Origin::Addition);
            } elseif (isset($taken[$layer->id]) && ! isset($waived[$layer->id])) {
                $composed[] = $this->lay($layer, $area, $figure->size, $asked, Origin::Tier);
            }
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
        $here = array_map(static fn (ComposedUse $composed): string => $composed->use->id, $laid);
        $requirement = $asked->requirement($area);
        $composed = self::judging($area, $requirement->criteria ?? [], $requirement?->useIds() ?? [], $here, Origin::Tier);
        foreach ($asked->added($area) as $addition) {
            array_push($composed, ...self::judging($area, $addition->criteria, [$addition->use->id], $here, Origin::Addition));
        }

        return $composed;
    }

    /**
     * What is not painted is not judged: a criterion is asked unless all that it judges is missing on the area.
     *
     * @param  list<Criterion>  $criteria
     * @param  list<string>  $ofThem ids of the uses that they judge when they name none
     * @param  list<string>  $laid ids of the uses laid on the area
     * @return list<ComposedCriterion>
     */
    private static function judging(Area $area, array $criteria, array $ofThem, array $laid, Origin $origin): array
    {
        $asked = [];
        foreach ($criteria as $criterion) {
            $judged = $criterion->uses ?? [];
            $judged = $judged === [] ? $ofThem : $judged;
            if ($area->has($criterion->feature) && ($judged === [] || array_intersect($judged, $laid) !== [])) {
                $asked[] = new ComposedCriterion($area, $criterion, $origin);
            }
        }

        return $asked;
    }
}
