<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\School\SchoolChoice;
use Core\Standard\Standard;

/** The order in which a figure is painted so that least of it is done twice. */
final readonly class WorkOrder
{
    /** @var list<OrderRule> by force, the greatest first */
    private array $rules;

    public function __construct(
        private Standard $standard,
        private TidySettings $settings = new TidySettings,
    ) {
        $this->rules = [new AsTheStandardLays, new WholeAtItsStage($standard), new WhatItSitsOnFirst, new TechniquesInTurn, new MetalsInTurn, new GroundCoverInTurn];
    }

    /** @param  list<int>|null  $known numbers of the steps in the order that was found before, see {@see self::key()}; null: it is looked for */
    public function of(Composition $composition, FigureType $type, ?array $known = null): Work
    {
        $steps = Steps::of($composition, $type, $this->standard);
        $wet = WetRuns::of($steps);
        $order = PartialOrder::among(count($steps->all), $this->wishes($steps, $wet));
        $soiling = new Soiling($steps, $this->settings);
        $inOrder = $known === null ? self::found($steps, $order, $soiling, $wet) : array_map(static fn (int $number): Step => $steps->all[$number], $known);
        $saved = (new Savings($steps, $order, $soiling))->of($inOrder);
        $ahead = $this->ahead($steps, $order);
        $after = static fn (OrderWish $wish): After => new After($steps->all[$wish->before], $wish->force, $wish->why, $wish->school);
        $planned = array_map(
            static fn (Step $step): PlannedStep => new PlannedStep(
                $step,
                array_map($after, $order->into[$step->number]),
                $saved[$step->number] ?? [],
                self::step($steps, $wet->into[$step->number] ?? null),
                self::step($steps, $wet->behind($step->number)[0] ?? null),
                $ahead[$step->number] ?? null,
            ),
            $inOrder,
        );

        $gaveWay = array_map(static fn (OrderWish $wish): GaveWay => new GaveWay($steps->all[$wish->after], $after($wish)), $order->gaveWay);

        return new Work((new Tidying($steps->type, $soiling))->insert($planned), $gaveWay);
    }

    /** Equal where the same order is found: everything that the search reads, and how it searches. */
    public function key(Composition $composition, FigureType $type): string
    {
        $steps = Steps::of($composition, $type, $this->standard);
        $read = array_map(static fn (Step $step): array => [
            $step->area->area->id, $step->area->area->surface, $step->area->depth, $step->area->part, $step->area->on, $step->area->neighbours, $step->technique->id, $step->technique->group, $step->technique->opacity,
            $step->technique->messy, $step->technique->wetInto, $step->technique->after, $step->technique->before, $step->laid->minutes, $step->coversAll(), $step->laid->use->overAll, $step->keptOff(),
        ], $steps->all);

        return hash('sha256', json_encode([LeastTidying::VERSION, $this->settings, $read, $steps->schooled->asRead()], JSON_THROW_ON_ERROR));
    }

    /** @return array<int, SchoolChoice> by step of a metal or of the ground, the school by which other paint waits for it */
    private function ahead(Steps $steps, PartialOrder $order): array
    {
        $ahead = [];
        foreach ($this->wishes($steps, WetRuns::of($steps)) as $wish) {
            $area = $steps->all[$wish->before]->area;
            $isOfSchool = $steps->schooled->isMetal($area) || $steps->schooled->isGroundCover($area);
            if ($wish->school !== null && $isOfSchool && $order->comesBefore($wish->before, $wish->after)) {
                $ahead[$wish->before] = $wish->school;
            }
        }

        return $ahead;
    }

    private static function step(Steps $steps, ?int $number): ?Step
    {
        return $number === null ? null : $steps->all[$number];
    }

    /** @return list<Step> */
    private static function found(Steps $steps, PartialOrder $order, Soiling $soiling, WetRuns $wet): array
    {
        $tracks = new Tracks($steps, $order, $soiling, $wet);
        $tidying = new LeastTidying($tracks);

        return (new InnerFirst($steps, $order, $tracks, $wet, $tidying, $tidying->order()))->order();
    }

    /** @return iterable<OrderWish> by force; of one force in the order of composition of the step that comes first, then of the other */
    private function wishes(Steps $steps, WetRuns $wet): iterable
    {
        foreach ($this->rules as $rule) {
            $wishes = array_values(array_filter(array_map($wet->held(...), [...$rule->wishes($steps)])));
            usort($wishes, static fn (OrderWish $a, OrderWish $b): int => [$a->before, $a->after] <=> [$b->before, $b->after]);
            yield from $wishes;
        }
    }
}
