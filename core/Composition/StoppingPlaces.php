<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Answering;
use Core\Standard\Area;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;

/**
 * Where a figure on its way to a tier could ship at a lower one. A higher tier passes through the lower
 * ones; the use after which each is complete is worked out, area by area. Common practice, no source.
 */
final readonly class StoppingPlaces
{
    public function __construct(private Standard $standard)
    {
    }

    /** @return list<StoppingPlace> for each lower tier that is offered, from the lowest up */
    public function of(Figure $figure): array
    {
        $goal = $this->standard->tier($figure->tier);
        $places = [];
        foreach ($this->standard->tiersByRank() as $tier) {
            if ($tier->isCompared() && $tier->rank < $goal->rank) {
                $places[] = $this->on($figure, $tier->id);
            }
        }

        return $places;
    }

    private function on(Figure $figure, string $tier): StoppingPlace
    {
        $composition = (new Composer($this->standard))->compose($figure);
        $lower = new Asked($this->standard, $figure->atTier($tier));
        $after = $missing = $asked = [];
        $minutes = 0.0;
        foreach ($figure->areas as $area) {
            $laid = $composition->usesOn($area->id);
            $answers = $this->answers($area, $laid, $area->tier === null ? $lower->taken($area) : [], $missing);
            if ($answers !== []) {
                $last = max($answers);
                $asked[$area->id] = array_map(static fn (int $at): string => $laid[$at]->use->id, $answers);
                $after[$area->id] = $laid[$last]->use->id;
                $minutes += array_sum(array_column(array_slice($laid, 0, $last + 1), 'minutes'));
            }
        }

        return new StoppingPlace($tier, $after, $missing, (float) $minutes, $asked);
    }

    /**
     * @param  list<ComposedUse>  $laid on the way to the higher tier
     * @param  list<TechniqueUse>  $needed by the lower tier
     * @param  list<array{area: string, use: string}>  $missing
     * @return list<int> which of those laid answer the needed ones
     */
    private function answers(Area $area, array $laid, array $needed, array &$missing): array
    {
        $way = new Requirement('', $area->surface, array_column($laid, 'use'));
        $ids = $way->useIds();
        $answers = [];
        foreach ($needed as $use) {
            $answer = (new Answering($this->standard))->answerAmong($way, $use);
            if ($answer === null || ($answer->id === $use->id && $answer->asksLessThan($use))) {
                $missing[] = ['area' => $area->id, 'use' => $use->id];
            } else {
                $answers[] = (int) array_search($answer->id, $ids, true);
            }
        }

        return array_values(array_unique($answers));
    }
}
