<?php

declare(strict_types=1);

namespace Core\Schedule;

use Core\Composition\FigureType;
use Core\Sequence\After;
use Core\Sequence\OrderForce;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;

/**
 * The coats of one figure in the order of its sheet. A coat waits for what was laid last on its own area, for the other coats
 * of its step, and for what its step comes after anywhere; what goes over the whole figure waits for all that it lies on.
 */
final readonly class Coats
{
    /** @var array<int, list<int>> by coat, those that wait for it */
    public array $waiting;

    /** @param  list<Coat>  $all */
    private function __construct(public array $all)
    {
        $waiting = array_fill_keys(array_keys($all), []);
        foreach ($all as $place => $coat) {
            foreach ([...$coat->after, ...$coat->behind] as $before) {
                $waiting[$before][] = $place;
            }
        }
        $this->waiting = $waiting;
    }

    /** @param  list<Coat>  $all each after those that it waits for */
    public static function with(array $all): self
    {
        return new self($all);
    }

    /**
     * @param  list<PlannedStep|TidyBack>  $items of a sheet, in order
     * @param  list<Laying>  $layings of the same
     */
    public static function of(array $items, array $layings, FigureType $type): self
    {
        $areas = array_map(static fn (PlannedStep|TidyBack $item): array => $item->areasIn($type), $items);
        $near = NearMessyWork::behind($items, $areas, $type);
        $all = $lastOn = $lastOf = $last = [];
        foreach ($items as $i => $item) {
            $laying = $layings[$i];
            $dry = static fn (bool $mustBe): array => array_map(static fn (After $one): ?int => $lastOf[$one->step->number] ?? null, self::waitsFor($item, $mustBe));
            $after = self::places([...array_map(static fn (string $area): ?int => $lastOn[$area] ?? null, $areas[$i]), ...$dry(true)]);
            $behind = self::places([...array_map(static fn (int $before): int => $last[$before], $near[$i]), ...$dry(false)]);
            $paints = $laying->paint === '' ? [] : [$laying->paint];
            for ($time = 1; $time <= $laying->times; $time++) {
                $coat = new Coat($i, $laying->minutes / $laying->times, $laying->dry, $after, $behind, $paints);
                $into = $time === 1 && $item instanceof PlannedStep && $item->wetInto !== null ? array_pop($all) : null;
                $all[] = $into === null ? $coat : self::inOneGo($into, $coat, count($all));
                $after = [count($all) - 1];
            }
            $last[] = count($all) - 1;
            $lastOn = array_fill_keys($areas[$i], count($all) - 1) + $lastOn;
            if ($item instanceof PlannedStep) {
                $lastOf[$item->step->number] = count($all) - 1;
            }
        }

        return new self($all);
    }

    /**
     * What a step comes after: a school says what is painted first, on areas that need not touch, and asks for no drying.
     *
     * @return list<After>
     */
    private static function waitsFor(PlannedStep|TidyBack $item, bool $mustBeDry): array
    {
        return $item instanceof TidyBack ? [] : array_values(array_filter($item->after, static fn (After $after): bool => ($after->force !== OrderForce::School) === $mustBeDry));
    }

    /** @param  int  $place of both */
    private static function inOneGo(Coat $wet, Coat $into, int $place): Coat
    {
        $others = static fn (int $coat): ?int => $coat === $place ? null : $coat;

        return new Coat(
            $wet->item, $wet->minutes + $into->minutes, $into->dry, self::places([...$wet->after, ...array_map($others, $into->after)]),
            self::places([...$wet->behind, ...array_map($others, $into->behind)]), [...$wet->paints, ...$into->paints], true,
        );
    }

    /**
     * @param  array<int|null>  $coats
     * @return list<int> each once
     */
    private static function places(array $coats): array
    {
        return array_values(array_unique(array_filter($coats, is_int(...))));
    }
}
