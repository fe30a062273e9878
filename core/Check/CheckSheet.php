<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Composition\ComposedCriterion;
use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Composition\NamedPlaces;
use Core\Composition\TypeArea;
use Core\Standard\Judging;
use Core\Standard\Severity;
use Core\Standard\Side;

/** What is asked of one figure, and from which side. */
final readonly class CheckSheet
{
    /**
     * @param  list<Side>  $sides those that the tier counts, in its order
     * @param  list<CheckItem>  $items focal areas first, then as the figure lists its areas; in each what was handed over undone first
     * @param  list<string>  $unseen areas with something to ask that no counted side sees
     * @param  list<string>  $undecided areas about which the standard is silent: open questions
     * @param  list<string>  $unsure areas of which nobody is sure what they are, so that what is asked of them is a guess
     */
    private function __construct(
        public array $sides,
        public array $items,
        public array $unseen,
        public array $undecided,
        public array $unsure,
    ) {
    }

    /**
     * @param  list<string>  $failedBefore keys of items that failed earlier on this figure
     * @param  list<ExcusedUse>  $excused what was handed over undone
     */
    public static function of(FigureType $type, Composition $composition, Judging $judging, array $failedBefore = [], array $excused = []): self
    {
        $undone = new UndoneUses($composition, $excused);
        $items = $unseen = [];
        foreach ($type->areas as $area) {
            $sides = self::counted($area, $judging);
            foreach ($undone->on($area->area->id) as $use) {
                // Undone stays undone from whichever side one looks.
                $items[] = new CheckItem($area, $use->asCriterion(), $sides === [] ? [$judging->sides[0] ?? Side::Front] : $sides, $use->as->words().' at the bench', excused: $use);
            }
            foreach ($undone->judged($area->area->id) as $composed) {
                if ($sides === []) {
                    $unseen[$area->area->id] = true;
                } else {
                    $items[] = new CheckItem($area, $composed->criterion, $sides, self::alone($area, $composed, $failedBefore), $composed->origin, places: self::places($area, $composed, $composition));
                }
            }
        }
        usort($items, static fn (CheckItem $a, CheckItem $b): int => $b->area->focal <=> $a->area->focal);

        return new self($judging->sides, $items, array_map(strval(...), array_keys($unseen)), $composition->undecided, $type->unsure());
    }

    public function item(string $key): ?CheckItem
    {
        foreach ($this->items as $item) {
            if ($item->key() === $key) {
                return $item;
            }
        }

        return null;
    }

    /** @return list<Side> */
    private static function counted(TypeArea $area, Judging $judging): array
    {
        return array_values(array_filter($judging->sides, static fn (Side $side): bool => in_array($side, $area->sides, true)));
    }

    /**
     * A criterion that names no uses judges the area as a whole.
     *
     * @return list<string>
     */
    private static function places(TypeArea $area, ComposedCriterion $composed, Composition $composition): array
    {
        $judged = array_filter($composition->usesOn($area->area->id), static fn (ComposedUse $laid): bool => in_array($laid->use->id, $composed->criterion->uses ?? [], true));

        return array_values(array_unique(array_merge(...array_map(static fn (ComposedUse $laid): array => NamedPlaces::of($area, $laid->use)->names, array_values($judged)))));
    }

    /** @param  list<string>  $failedBefore */
    private static function alone(TypeArea $area, ComposedCriterion $composed, array $failedBefore): ?string
    {
        return match (true) {
            in_array(CheckItem::keyOf($area->area->id, $composed->criterion->id), $failedBefore, true) => 'failed before on this figure',
            $composed->criterion->severity === Severity::Critical => 'critical',
            $area->focal => 'draws the eye',
            default => null,
        };
    }
}
