<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\StoredFigure;
use App\Actions\Composing\StoredMark;
use App\Models\Mishap;
use Core\Composition\FigureType;
use Core\Schedule\Coats;
use Core\Schedule\Laying;
use Core\Schedule\SharedCoats;
use Core\Sequence\Beneath;
use Core\Sequence\GaveWay;
use Core\Sequence\GroundApart;
use Core\Sequence\Looks;
use Core\Sequence\PlannedStep;
use Core\Sequence\SheetLines;
use Core\Sequence\TidyBack;
use Core\Standard\Standard;

/** The ordered steps of figures of a unit that are painted alike, or differ in a few uses, with what was marked. */
final readonly class BenchSheet
{
    /** @var non-empty-list<ComposedFigure> by number */
    public array $figures;

    /** @var list<array<int, PlannedStep|TidyBack>> by those that share it and by line, what they have of it */
    private array $items;

    public SheetOutline $outline;

    /** @var array<int, int> by figure, the place of those that it is painted like */
    private array $who;

    /** @var array<int, true> figures that are at the bench */
    private array $atTheBench;

    /**
     * @param  non-empty-list<AlikeFigures>  $alike those that share it; on the first of them most figures are painted alike
     * @param  list<SheetStep>  $steps its lines, in order
     * @param  array<int, array<string, StoredMark>>  $marks by figure, then by the key of the step
     * @param  list<Mishap>  $mishaps that wait to be mended on its figures
     * @param  list<GaveWay>  $gaveWay what its order does not hold, because it would close a ring with something of greater force
     */
    public function __construct(
        public string $key,
        public Standard $standard,
        public array $alike,
        public array $steps,
        public array $marks,
        public array $mishaps = [],
        public array $gaveWay = [],
    ) {
        $figures = array_merge(...array_map(static fn (AlikeFigures $one): array => $one->figures, $alike));
        // Each row is asked once: whatever is said of a sheet goes through all of its figures, line by line.
        $numbers = $atTheBench = [];
        foreach ($figures as $figure) {
            $numbers[] = $figure->row->number;
            if ($figure->row->state->isAtTheBench()) {
                $atTheBench[$figure->id] = true;
            }
        }
        array_multisort($numbers, SORT_NUMERIC, $figures);
        $this->figures = $figures;
        $this->atTheBench = $atTheBench;
        $who = [];
        foreach ($alike as $place => $one) {
            $who += array_fill_keys($one->ids(), $place);
        }
        $this->who = $who;
        $this->items = array_map(static function (int $place) use ($steps): array {
            $of = array_map(static fn (SheetStep $step): PlannedStep|TidyBack|null => $step->of[$place] ?? null, $steps);

            return array_filter($of, static fn (PlannedStep|TidyBack|null $item): bool => $item !== null);
        }, array_keys($alike));
        $looks = array_map(fn (int $place): Looks => Looks::along($this->itemsOf($place), $this->first()->wholeType()), array_keys($alike));
        $this->outline = new SheetOutline(array_map(static fn (SheetStep $step): array => [$step->number, $step->keys], $steps), $looks);
    }

    /** Of those of which there are most. */
    public function first(): ComposedFigure
    {
        return $this->alike[0]->first();
    }

    /**
     * The same figures on sheets in another order of steps.
     *
     * @param  non-empty-list<AlikeFigures>  $alike
     */
    public function inOrder(array $alike, SheetLines $lines, Standard $standard): self
    {
        return new self($this->key, $standard, $alike, SheetStep::all($lines->all), $this->marks, $this->mishaps, $lines->gaveWay);
    }

    /**
     * The same sheet after something was said of its figures.
     *
     * @param  array<int, StoredFigure>  $rows of its figures, by id
     * @param  array<int, array<string, StoredMark>>  $marks
     * @param  list<Mishap>  $mishaps
     */
    public function readAgain(array $rows, array $marks, array $mishaps): self
    {
        return new self($this->key, $this->standard, array_map(static fn (AlikeFigures $one): AlikeFigures => $one->readAgain($rows), $this->alike), $this->steps, $marks, $mishaps, $this->gaveWay);
    }

    /** @return array<int, PlannedStep|TidyBack> by line, what some of those that share it have of it */
    public function itemsOf(int $who): array
    {
        return $this->items[$who];
    }

    /** @return list<ComposedFigure> that have a line */
    public function figuresOf(SheetStep $step): array
    {
        return array_values(array_filter($this->figures, fn (ComposedFigure $figure): bool => isset($step->of[$this->whoIs($figure->id)])));
    }

    /** @return list<ComposedFigure> at the bench on which a line is neither done nor excused */
    public function openOn(SheetStep $step): array
    {
        return array_values(array_filter($this->figuresOf($step), fn (ComposedFigure $figure): bool => isset($this->atTheBench[$figure->id]) && ! $this->isSettled($step, $figure->id)));
    }

    /** @return list<AlikeFigures> that have a line */
    public function alikeOf(SheetStep $step): array
    {
        return array_values(array_intersect_key($this->alike, $step->of));
    }

    /** Rank of the highest tier at which a step is laid on one of its figures. */
    public function rankOf(SheetStep $step): int
    {
        $ranks = array_map(fn (AlikeFigures $one): int => $this->standard->tier($one->first()->tierOn($step->area))->rank, $this->alikeOf($step));

        return $ranks === [] ? 0 : max($ranks);
    }

    /** What the first of those are painted with that have a line. */
    public function mixesOf(SheetStep $step): FigureMixes
    {
        return $this->alike[array_key_first($step->of)]->mixes;
    }

    /** What a figure is painted with. */
    public function mixesOn(int $figureId): FigureMixes
    {
        return $this->alike[$this->whoIs($figureId)]->mixes;
    }

    /**
     * The coats of some of its figures, in its order.
     *
     * @param  non-empty-list<ComposedFigure>  $figures in the order in which each coat is laid on them
     */
    public function coats(array $figures): SharedCoats
    {
        $places = [];
        foreach ($figures as $place => $figure) {
            $places[$this->whoIs($figure->id)][] = $place;
        }
        ksort($places);
        $all = [];
        foreach ($places as $who => $own) {
            $items = $this->itemsOf($who);
            $coats = $this->alike[$who]->mixes->coatsAlong(array_values($items), fn (): Coats => $this->coatsEach($who));
            $all[] = ['coats' => $coats, 'lines' => array_keys($items), 'figures' => $own];
        }

        return SharedCoats::of($all);
    }

    private function coatsEach(int $who): Coats
    {
        $items = array_values($this->itemsOf($who));

        return Coats::of($items, array_map(fn (PlannedStep|TidyBack $item): Laying => SheetLaying::of($item, $this->alike[$who]->mixes), $items), $this->typeInParts());
    }

    /** Its figure type in the parts in which it is painted: a ground that is made apart is one of its own. */
    public function typeInParts(): FigureType
    {
        return GroundApart::of($this->first()->wholeType(), $this->standard);
    }

    /** @return list<string> names of the tiers of its figures, the lowest first */
    public function tiers(): array
    {
        return AlikeFigures::tiers($this->alike, $this->standard);
    }

    /** @return array<int, list<int>> by line that is begun by itself, the lines that it waits for: beneath it, by an edge of the order, or because they are messy and near */
    public function waits(): array
    {
        $coats = $this->coats($this->figures)->coats->all;
        $waits = [];
        foreach ($coats as $coat) {
            $waits[$coat->item] ??= array_values(array_unique(array_map(static fn (int $place): int => $coats[$place]->item, [...$coat->after, ...$coat->behind])));
        }

        return $waits;
    }

    /** @return array<int, list<int>> by line, the lines directly beneath it on those that have them */
    public function beneath(): array
    {
        $beneath = array_fill(0, count($this->steps), []);
        foreach (array_keys($this->alike) as $who) {
            foreach (Beneath::of($this->itemsOf($who), $this->first()->wholeType()) as $line => $under) {
                $beneath[$line] = array_values(array_unique([...$beneath[$line], ...$under]));
            }
        }

        return $beneath;
    }

    /** Minutes by hand of all that is laid on one figure of some of those that share it. */
    public function minutesEach(int $who): float
    {
        return array_sum(array_map(fn (PlannedStep|TidyBack $item): float => SheetLaying::minutes($item, $this->alike[$who]->mixes), $this->items[$who]));
    }

    /** Minutes by hand on all of its figures, mixing and cleaning apart. */
    public function minutes(): float
    {
        return array_sum(array_map(fn (AlikeFigures $one, int $who): float => count($one->figures) * $this->minutesEach($who), $this->alike, array_keys($this->alike)));
    }

    /** Minutes that a line takes on a figure that has it. */
    public function minutesOn(SheetStep $step, int $figureId): float
    {
        $who = $this->whoIs($figureId);

        return isset($step->of[$who]) ? SheetLaying::minutes($step->of[$who], $this->alike[$who]->mixes) : 0.0;
    }

    /** Minutes that a line takes on all figures that have it. */
    public function minutesOnAll(SheetStep $step): float
    {
        return array_sum(array_map(fn (PlannedStep|TidyBack $item, int $who): float => count($this->alike[$who]->figures) * SheetLaying::minutes($item, $this->alike[$who]->mixes), $step->of, array_keys($step->of)));
    }

    /** Whether a line is laid in one go with that of the same use on another area. */
    public function areInOneGo(string $area, SheetStep $step): bool
    {
        foreach ($this->steps as $other) {
            if ($other->area === $area && $other->use === $step->use && $other->number === $step->number) {
                return $other !== $step;
            }
        }

        return false;
    }

    /** How many mishaps wait to be mended on a figure. */
    public function mishapsOn(int $figureId): int
    {
        return count(array_filter($this->mishaps, static fn (Mishap $one): bool => $one->figure_id === $figureId));
    }

    public function of(int $figureId): ComposedFigure
    {
        foreach ($this->figures as $figure) {
            if ($figure->id === $figureId) {
                return $figure;
            }
        }

        throw new \LogicException("Figure {$figureId} is not on this sheet.");
    }

    /** What was said of a line on a figure that has it. */
    public function mark(SheetStep $step, int $figureId): ?StoredMark
    {
        $who = $this->whoIs($figureId);

        return isset($step->of[$who]) ? $this->marks[$figureId][$step->key($who)] ?? null : null;
    }

    /** Whether a line is behind a figure: done, or excused. */
    public function isSettled(SheetStep $step, int $figureId): bool
    {
        return $this->mark($step, $figureId)?->state->settles() === true;
    }

    /** @param  list<SheetStep>  $steps those of them that a figure has must be behind it */
    public function areSettled(array $steps, int $figureId): bool
    {
        $who = $this->whoIs($figureId);
        foreach ($steps as $step) {
            if (isset($step->of[$who]) && ! $this->isSettled($step, $figureId)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<SheetStep> looks that a line waits for on a figure */
    public function looksBefore(SheetStep $step, int $figureId): array
    {
        $looks = array_map(fn (int $look): SheetStep => $this->steps[$look], $this->outline->looksBefore($this->whoIs($figureId), $step->line));

        return array_values(array_filter($looks, fn (SheetStep $look): bool => ! $this->isSettled($look, $figureId)));
    }

    /** @return list<ComposedFigure> at the bench on which a line is a look that can be taken */
    public function toLookAt(SheetStep $step): array
    {
        return $step->isLook() ? array_values(array_filter($this->openOn($step), fn (ComposedFigure $figure): bool => in_array($step, $this->looksDue($figure->id), true))) : [];
    }

    /** @return list<SheetStep> looks that can be taken on a figure: all that is looked at is done */
    public function looksDue(int $figureId): array
    {
        return array_map(fn (int $look): SheetStep => $this->steps[$look], $this->outline->looksDue($this->whoIs($figureId), $this->marks[$figureId] ?? []));
    }

    /** A line of the sheet that a figure has. */
    public function step(int $figureId, string $area, string $use): ?SheetStep
    {
        $who = $this->whoIs($figureId);
        foreach ($this->steps as $step) {
            if ($step->area === $area && $step->use === $use && isset($step->of[$who])) {
                return $step;
            }
        }

        return null;
    }

    /** Whether a figure is on it by something that is to be painted. */
    public function asksSomething(): bool
    {
        return $this->steps !== [];
    }

    /** How many steps it has; what is laid in one go on several areas is one. */
    public function length(): int
    {
        return $this->outline->length();
    }

    /** @return list<non-empty-list<SheetStep>> what is laid in one go on several areas */
    public function goes(): array
    {
        $goes = [];
        foreach ($this->steps as $step) {
            $goes[$step->number][] = $step;
        }

        return array_values(array_filter($goes, static fn (array $go): bool => count($go) > 1));
    }

    /** Steps that a figure still has before it. */
    public function left(int $figureId): int
    {
        return $this->outline->left($this->whoIs($figureId), $this->marks[$figureId] ?? []);
    }

    public function has(int $figureId): bool
    {
        return isset($this->who[$figureId]);
    }

    /** @return int place of those that a figure is painted like */
    public function whoIs(int $figureId): int
    {
        return $this->who[$figureId] ?? throw new \LogicException("Figure {$figureId} is not on this sheet.");
    }
}
