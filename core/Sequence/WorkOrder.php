<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\School\SchoolQuestion;
use Core\Standard\Standard;

/** The order in which a figure is painted so that least of it is done twice. */
final readonly class WorkOrder
{
    /** @var list<OrderRule> by force, the greatest first */
    private array $rules;

    /** @param  list<OrderRule>  $first of greater force than all that always hold */
    public function __construct(
        private Standard $standard,
        private TidySettings $settings = new TidySettings,
        array $first = [],
    ) {
        $this->rules = [...$first, new AsTheStandardLays, new WholeAtItsStage($standard), new WhatItSitsOnFirst, new TechniquesInTurn, new MetalsInTurn, new GroundCoverInTurn];
    }

    /**
     * @param  list<int>|null  $known numbers of the steps in the order that was found before, see {@see self::key()}; null: it is looked for
     * @param  array<array-key, array<array-key, string>>  $paints by area and use, what it is painted with; left out: nobody knows
     */
    public function of(Composition $composition, FigureType $type, ?array $known = null, array $paints = []): Work
    {
        $steps = Steps::of($composition, $type, $this->standard);
        $wet = WetRuns::of($steps);
        $wishes = $this->wishes($steps, $wet);
        $order = PartialOrder::among(count($steps->all), $wishes);
        $alike = Alike::of($steps, $paints, $wet);
        $inOrder = $known === null
            ? (new OrderSearch($steps, $wishes, $wet, $this->settings, $alike))->order($order, $this->goesByColour())
            : self::named($steps, $known);

        return $this->work($steps, $order, $wet, $alike, $inOrder);
    }

    /**
     * The work in an order that was chosen for other reasons; null where that does not keep all that must be kept on this figure. How
     * much is tidied in it is another question.
     *
     * @param  list<int>  $numbers of all its steps
     * @param  array<array-key, array<array-key, string>>  $paints as they are given to the search
     */
    public function inOrder(Composition $composition, FigureType $type, array $numbers, array $paints = []): ?Work
    {
        $steps = Steps::of($composition, $type, $this->standard);
        $wet = WetRuns::of($steps);
        $order = PartialOrder::among(count($steps->all), $this->wishes($steps, $wet));

        return self::keeps($numbers, $order, $wet) ? $this->work($steps, $order, $wet, Alike::of($steps, $paints, $wet), self::named($steps, $numbers)) : null;
    }

    /** @param  list<int>  $numbers of all steps */
    private static function keeps(array $numbers, PartialOrder $order, WetRuns $wet): bool
    {
        $place = array_flip($numbers);
        foreach ($numbers as $step) {
            $isEarly = static fn (OrderWish $wish): bool => $place[$wish->before] > $place[$step];
            if (array_filter($order->into[$step], $isEarly) !== [] || (isset($wet->into[$step]) && $place[$wet->into[$step]] !== $place[$step] - 1)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<int>  $numbers
     * @return list<Step>
     */
    private static function named(Steps $steps, array $numbers): array
    {
        return array_map(static fn (int $number): Step => $steps->all[$number], $numbers);
    }

    /** @param  list<Step>  $inOrder */
    private function work(Steps $steps, PartialOrder $order, WetRuns $wet, Alike $alike, array $inOrder): Work
    {
        $together = InOneGo::along($inOrder, $alike);
        $soiling = new Soiling($steps, $this->settings, $together);
        $planned = (new Planning($steps, $order, $wet, $together, $soiling))->of($inOrder);

        return new Work((new Tidying($steps->type, $soiling, $together))->insert($planned), Planning::gaveWay($steps, $order));
    }

    /**
     * Equal where the same order is found: everything that the search reads, and how it searches.
     *
     * @param  array<array-key, array<array-key, string>>  $paints as they are given to the search
     */
    public function key(Composition $composition, FigureType $type, array $paints = []): string
    {
        $steps = Steps::of($composition, $type, $this->standard);
        $read = array_map(static fn (Step $step): array => [
            $step->area->area->id, $step->area->area->surface, $step->area->depth, $step->area->part, $step->area->on, $step->area->neighbours, $step->technique->id, $step->technique->group, $step->technique->opacity,
            $step->technique->messy, $step->technique->look, $step->technique->wetInto, $step->technique->after, $step->technique->before, $step->laid->minutes, $step->coversAll(), $step->laid->use->overAll, $step->keptOff(),
        ], $steps->all);
        $alike = Alike::of($steps, $paints, WetRuns::of($steps))->ways;

        return hash('sha256', json_encode([LeastTidying::VERSION, $this->settings, $read, $steps->schooled->asRead(), $alike, $alike !== [] && $this->goesByColour()], JSON_THROW_ON_ERROR));
    }

    private function goesByColour(): bool
    {
        return $this->standard->schools->choice(SchoolQuestion::Path) === 'colour-by-colour';
    }

    /** @return list<OrderWish> by force; of one force in the order of composition of the step that comes first, then of the other */
    private function wishes(Steps $steps, WetRuns $wet): array
    {
        $all = [];
        foreach ($this->rules as $rule) {
            $wishes = array_values(array_filter(array_map($wet->held(...), [...$rule->wishes($steps)])));
            $places = array_map(static fn (OrderWish $wish): int => $wish->before * count($steps->all) + $wish->after, $wishes);
            asort($places);
            array_push($all, ...array_map(static fn (int $wish): OrderWish => $wishes[$wish], array_keys($places)));
        }

        return $all;
    }
}
