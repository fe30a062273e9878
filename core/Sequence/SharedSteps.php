<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\FigureType;

/**
 * The steps of figures that differ in some of what is painted on them, as if one figure had them all: what is laid the same
 * way is one step, a light of two steps beside a light of one is another.
 */
final readonly class SharedSteps
{
    /**
     * @param  non-empty-list<PaintedAlike>  $all
     * @param  Composition  $composition all their uses; names are unique in each area
     * @param  array<array-key, array<array-key, string>>  $paints of those, by area and use
     * @param  array<string, int>  $numbers of the uses of the composition, by the way they are laid
     */
    private function __construct(
        public array $all,
        public Composition $composition,
        public array $paints,
        private array $numbers,
    ) {
    }

    /**
     * @param  non-empty-list<PaintedAlike>  $all of one figure type
     * @return self|null null where two of them are laid in opposite order on an area
     */
    public static function of(array $all, FigureType $type): ?self
    {
        $uses = $paints = $numbers = [];
        foreach ($type->areas as $place) {
            $chain = self::chain($all, $place->area->id);
            if ($chain === null) {
                return null;
            }
            $names = [];
            foreach ($chain as $way => [$use, $paint]) {
                $numbers[$way] = count($uses);
                $named = self::named($use, $names);
                $names[] = $named->use->id;
                $uses[] = $named;
                if ($paint !== '') {
                    $paints[$place->area->id][$named->use->id] = $paint;
                }
            }
        }

        return new self($all, new Composition($uses, [], [], [], array_sum(array_map(static fn (ComposedUse $use): float => $use->minutes, $uses))), $paints, $numbers);
    }

    /**
     * All lines of the sheet: for each of the figures that has it, its own, with its own reasons and its own tidying.
     *
     * @param  list<int>|null  $known numbers of the steps in the order that was found before; null: it is looked for
     * @return SheetLines|null null where what some wait for forbids one order for all
     */
    public function inOrder(WorkOrder $order, FigureType $type, ?array $known = null): ?SheetLines
    {
        $joint = $order->of($this->composition, $type, $known, $this->paints);
        $works = [];
        foreach ($this->all as $one) {
            $own = $this->ownOrder($one, $joint->order());
            $work = $order->inOrder($one->composition, $type, $own, $one->paints);
            if ($work === null) {
                return null;
            }
            $works[] = $work;
        }

        $gaveWay = array_merge(...array_map(static fn (Work $work): array => $work->gaveWay, $works));

        return new SheetLines($this->lines($joint, array_map(static fn (Work $work): array => $work->items, $works)), $joint->order(), $gaveWay);
    }

    /**
     * @param  list<int>  $joint
     * @return list<int> the steps of some of the figures as they come in the order of all
     */
    private function ownOrder(PaintedAlike $one, array $joint): array
    {
        $place = array_flip($joint);
        $own = array_keys($one->composition->uses);
        $at = array_map(fn (ComposedUse $use): int => $place[$this->numbers[$one->wayOf($use)]], $one->composition->uses);
        usort($own, static fn (int $a, int $b): int => $at[$a] <=> $at[$b]);

        return $own;
    }

    /**
     * @param  non-empty-list<list<PlannedStep|TidyBack>>  $works
     * @return list<non-empty-array<int, PlannedStep|TidyBack>>
     */
    private function lines(Work $joint, array $works): array
    {
        $at = array_fill_keys(array_keys($works), 0);
        $lines = $tidied = [];
        foreach ($joint->items as $item) {
            if ($item instanceof TidyBack) {
                continue;
            }
            $line = [];
            foreach ($works as $who => $items) {
                $next = $items[$at[$who]] ?? null;
                if ($next instanceof PlannedStep && $this->numbers[$this->all[$who]->wayOf($next->step->laid)] === $item->step->number) {
                    $line[$who] = $next;
                    for ($at[$who]++; ($items[$at[$who]] ?? null) instanceof TidyBack; $at[$who]++) {
                        $tidied = self::withTidying($tidied, $items[$at[$who]], $who);
                    }
                }
            }
            if ($line !== []) {
                $lines[] = $line;
            }
            // What is laid in one go on several areas is not broken off to tidy.
            if ($item->inOneGo === [] || $item->inOneGo[count($item->inOneGo) - 1] === $item->step) {
                array_push($lines, ...array_values($tidied));
                $tidied = [];
            }
        }

        return $lines;
    }

    /**
     * With a tidying; of one area it is one line for all that tidy it in this place, whatever soiled it on each.
     *
     * @param  array<string, non-empty-array<int, TidyBack>>  $tidied
     * @return array<string, non-empty-array<int, TidyBack>>
     */
    private static function withTidying(array $tidied, TidyBack $tidying, int $who): array
    {
        $time = 1;
        while (isset($tidied["{$time} {$tidying->area->area->id}"][$who])) {
            $time++;
        }
        $tidied["{$time} {$tidying->area->area->id}"][$who] = $tidying;

        return $tidied;
    }

    /**
     * The uses of an area, each before what comes after it on the figures that have it.
     *
     * @param  non-empty-list<PaintedAlike>  $all
     * @return array<string, array{ComposedUse, string}>|null by the way it is laid, with its paint
     */
    private static function chain(array $all, string $area): ?array
    {
        /** @var list<string> $chain */
        $chain = [];
        $known = [];
        foreach ($all as $one) {
            $before = count($chain);
            foreach (array_reverse($one->composition->usesOn($area)) as $use) {
                $way = $one->wayOf($use);
                $at = array_search($way, $chain, true);
                if ($at === false) {
                    array_splice($chain, $before, 0, [$way]);
                    $known[$way] = [$use, $one->paintOf($use)];
                } elseif ($at >= $before) {
                    return null;
                } else {
                    $before = $at;
                }
            }
        }

        return array_combine($chain, array_map(static fn (string $way): array => $known[$way], $chain));
    }

    /**
     * @param  list<string>  $taken names of other uses there
     */
    private static function named(ComposedUse $use, array $taken): ComposedUse
    {
        $name = $use->use->id;
        for ($more = 2; in_array($name, $taken, true); $more++) {
            $name = "{$use->use->id} {$more}";
        }

        return $name === $use->use->id ? $use : new ComposedUse($use->area, $use->use->named($name), $use->technique, $use->minutes, $use->origin);
    }
}
