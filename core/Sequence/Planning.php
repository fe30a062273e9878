<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\School\SchoolChoice;

/** The steps of an order with what had to come before each, what its place saves and what it is laid with. */
final readonly class Planning
{
    public function __construct(
        private Steps $steps,
        private PartialOrder $order,
        private WetRuns $wet,
        private InOneGo $together,
        private Soiling $soiling,
    ) {
    }

    /**
     * @param  list<Step>  $inOrder all steps
     * @return list<PlannedStep>
     */
    public function of(array $inOrder): array
    {
        $saved = (new Savings($this->steps, $this->order, $this->soiling))->of($inOrder);
        $ahead = $this->ahead();

        return array_map(fn (Step $step): PlannedStep => new PlannedStep(
            $step,
            array_map(fn (OrderWish $wish): After => self::after($this->steps, $wish), $this->order->into[$step->number]),
            $saved[$step->number] ?? [],
            $this->step($this->wet->into[$step->number] ?? null),
            $this->step($this->wet->behind($step->number)[0] ?? null),
            $ahead[$step->number] ?? null,
            $this->go($step),
        ), $inOrder);
    }

    /** @return list<GaveWay> */
    public static function gaveWay(Steps $steps, PartialOrder $order): array
    {
        return array_map(static fn (OrderWish $wish): GaveWay => new GaveWay($steps->all[$wish->after], self::after($steps, $wish)), $order->gaveWay);
    }

    private static function after(Steps $steps, OrderWish $wish): After
    {
        return new After($steps->all[$wish->before], $wish->force, $wish->why, $wish->school);
    }

    /** @return array<int, SchoolChoice> by step of a metal or of the ground, the school by which other paint waits for it */
    private function ahead(): array
    {
        $ahead = [];
        foreach ([new MetalsInTurn, new GroundCoverInTurn] as $school) {
            foreach ($school->wishes($this->steps) as $wish) {
                $area = $this->steps->all[$wish->before]->area;
                $isOfSchool = $this->steps->schooled->isMetal($area) || $this->steps->schooled->isGroundCover($area);
                if ($wish->school !== null && $isOfSchool && $this->order->comesBefore($wish->before, $wish->after)) {
                    $ahead[$wish->before] = $wish->school;
                }
            }
        }

        return $ahead;
    }

    /** @return list<Step> */
    private function go(Step $step): array
    {
        $go = $this->together->with($step->number);

        return count($go) === 1 ? [] : array_map(fn (int $number): Step => $this->steps->all[$number], $go);
    }

    private function step(?int $number): ?Step
    {
        return $number === null ? null : $this->steps->all[$number];
    }
}
