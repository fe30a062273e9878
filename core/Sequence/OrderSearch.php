<?php

declare(strict_types=1);

namespace Core\Sequence;

/**
 * Looks for the order of a figure's steps: least tidying back first, then inner before outer. Steps that are alike are laid in
 * one go wherever nothing more has to be tidied for it; without such steps no other order has less to tidy, as {@see LeastTidying}
 * says.
 */
final readonly class OrderSearch
{
    private const ALIKE = 1e-9;

    /** Goes that are tried on a figure, times its steps: each is looked for anew. */
    private const TRIES = 600;

    /** @param  list<OrderWish>  $wishes by force, the greatest first */
    public function __construct(
        private Steps $steps,
        private array $wishes,
        private WetRuns $wet,
        private TidySettings $settings,
        private Alike $alike,
    ) {
    }

    /**
     * @param  PartialOrder  $bare of the wishes
     * @param  bool  $likeColours whether steps that soil nothing are laid in one go too, outer ones with inner ones
     * @return list<Step> all steps
     */
    public function order(PartialOrder $bare, bool $likeColours): array
    {
        $goes = [];
        $best = $this->found($bare, new InOneGo);
        $groups = $this->worthTrying($bare, $likeColours);
        $least = $groups === [] ? 0.0 : $this->minutes($best, $bare);
        foreach ($groups as $group) {
            $together = $this->held($bare, [...$goes, $group]);
            $order = $together === null ? [] : $this->found($together, new InOneGo([...$goes, $group]));
            $minutes = $order === [] ? INF : $this->minutes($order, $bare);
            if ($minutes <= $least + self::ALIKE) {
                $goes[] = $group;
                $best = $order;
                $least = $minutes;
            }
        }

        return $best;
    }

    /** @return list<non-empty-list<int>> the longest first, for they save most */
    private function worthTrying(PartialOrder $bare, bool $likeColours): array
    {
        $groups = array_values(array_filter($this->alike->groups($bare), fn (array $group): bool => $likeColours || $this->steps->all[$group[0]]->technique->messy));
        usort($groups, static fn (array $a, array $b): int => [count($b), $a[0]] <=> [count($a), $b[0]]);

        return array_slice($groups, 0, intdiv(self::TRIES, max(1, count($this->steps->all))));
    }

    /**
     * What comes before one step of a go comes before all of it, and what comes after one after all.
     *
     * @param  list<non-empty-list<int>>  $goes
     * @return PartialOrder|null null where something must come between two steps of a go
     */
    private function held(PartialOrder $bare, array $goes): ?PartialOrder
    {
        $more = [];
        foreach ($goes as $go) {
            foreach (array_diff(array_keys($this->steps->all), $go) as $step) {
                $before = array_filter($go, static fn (int $one): bool => $bare->comesBefore($step, $one));
                $after = array_filter($go, static fn (int $one): bool => $bare->comesBefore($one, $step));
                foreach ($before === [] ? [] : $go as $one) {
                    $more[] = new OrderWish($step, $one, OrderForce::Technique);
                }
                foreach ($after === [] ? [] : $go as $one) {
                    $more[] = new OrderWish($one, $step, OrderForce::Technique);
                }
            }
        }
        $held = PartialOrder::among(count($this->steps->all), [...$this->wishes, ...$more]);

        return count($held->gaveWay) > count($bare->gaveWay) ? null : $held;
    }

    /** @return list<Step> */
    private function found(PartialOrder $order, InOneGo $together): array
    {
        $tracks = new Tracks($this->steps, $order, new Soiling($this->steps, $this->settings, $together), $this->wet);
        $tidying = new LeastTidying($tracks);

        return (new InnerFirst($this->steps, $order, $tracks, $this->wet, $together, $tidying, $tidying->order()))->order();
    }

    /**
     * What is tidied in an order, steps that happen to be laid in one go counted as such.
     *
     * @param  list<Step>  $order
     */
    private function minutes(array $order, PartialOrder $bare): float
    {
        $tracks = new Tracks($this->steps, $bare, new Soiling($this->steps, $this->settings, InOneGo::along($order, $this->alike)), $this->wet);
        $steps = array_map(static fn (Step $step): int => $step->number, $order);

        return (new TidiedOrder($tracks, array_values(array_filter($steps, static fn (int $step): bool => isset($tracks->of[$step])))))->minutes;
    }
}
