<?php

declare(strict_types=1);

namespace Core\Sequence;

/**
 * Makes an order better by small changes: a step that soils an area is moved to the other side of one of that area's
 * steps, with all that must go with it, as long as that leaves less to tidy.
 *
 * A change is steps that stand in a row, in another order, and the place of the first.
 *
 * @phpstan-type Change array{list<int>, int}
 */
final readonly class TidyRearranging
{
    public function __construct(private Tracks $tracks)
    {
    }

    /**
     * @param  int  $tries changes that may be tried
     * @return array{TidiedOrder, int} the better order, and the tries that are left
     */
    public function better(TidiedOrder $order, int $tries): array
    {
        do {
            $better = null;
            foreach ($this->changes($order) as [$steps, $first]) {
                if (--$tries < 0) {
                    return [$order, 0];
                }
                if ($order->isBetter($order->with($steps, $first))) {
                    $better = $order = $order->changed($steps, $first);
                    break;
                }
            }
        } while ($better !== null);

        return [$order, $tries];
    }

    /**
     * The order with one step on the other side of another, whether that is better or not.
     *
     * @param  int  $which of all pairs of steps; any whole number from 0
     * @return TidiedOrder the same where neither may be moved past the other
     */
    public function kicked(TidiedOrder $order, int $which): TidiedOrder
    {
        $many = count($order->order);
        $pair = $which % ($many * $many);
        $past = [...$this->past($order, $order->order[intdiv($pair, $many)], $order->order[$pair % $many])];

        return $past === [] ? $order : $order->changed(...$past[$which % 2]);
    }

    /** @return iterable<Change> */
    private function changes(TidiedOrder $order): iterable
    {
        foreach ($order->tidied as [$step, $track]) {
            foreach ($this->tracks->steps[$track] as $near) {
                foreach ($this->past($order, $step, $near) as $change) {
                    yield $change;
                }
            }
        }
    }

    /** @return iterable<int, Change> */
    private function past(TidiedOrder $order, int $step, int $near): iterable
    {
        if ($this->tracks->mustComeBefore($near, $step) || $this->tracks->mustComeBefore($step, $near)) {
            return;
        }
        $first = min($order->place[$step], $order->place[$near]);
        $between = array_slice($order->order, $first, abs($order->place[$step] - $order->place[$near]) + 1);
        yield [$this->firstPutOff($between), $first];
        yield [$this->lastBroughtForward($between), $first];
    }

    /**
     * The first step, and all that must come after it, behind the last.
     *
     * @param  list<int>  $steps
     * @return list<int>
     */
    private function firstPutOff(array $steps): array
    {
        $stay = $go = [];
        /** @var array<int, int> $from place of the first that goes, by track */
        $from = [];
        foreach ($steps as $at => $step) {
            $track = $this->tracks->of[$step];
            $goes = $at === 0 || isset($from[$track]);
            foreach ($this->tracks->needs[$step] as $other => $laid) {
                $goes = $goes || $laid > ($from[$other] ?? PHP_INT_MAX);
            }
            if ($goes) {
                $from[$track] ??= $this->tracks->place[$step];
                $go[] = $step;
            } else {
                $stay[] = $step;
            }
        }

        return [...$stay, ...$go];
    }

    /**
     * The last step, and all that must come before it, in front of the first.
     *
     * @param  list<int>  $steps
     * @return list<int>
     */
    private function lastBroughtForward(array $steps): array
    {
        $stay = $go = [];
        /** @var array<int, int> $needed how many steps must be laid before those that go, by track */
        $needed = [];
        foreach (array_reverse($steps) as $at => $step) {
            $track = $this->tracks->of[$step];
            if ($at === 0 || $this->tracks->place[$step] < ($needed[$track] ?? 0)) {
                $needed[$track] = max($needed[$track] ?? 0, $this->tracks->place[$step] + 1);
                foreach ($this->tracks->needs[$step] as $other => $laid) {
                    $needed[$other] = max($needed[$other] ?? 0, $laid);
                }
                $go[] = $step;
            } else {
                $stay[] = $step;
            }
        }

        return [...array_reverse($go), ...array_reverse($stay)];
    }
}
