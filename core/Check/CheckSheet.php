<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Composition\ComposedCriterion;
use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Composition\TypeArea;
use Core\Standard\Criterion;
use Core\Standard\Judging;
use Core\Standard\Severity;
use Core\Standard\Side;

/** What is asked of one figure, and from which side. */
final readonly class CheckSheet
{
    /**
     * @param  list<Side>  $sides those that the tier counts, in its order
     * @param  list<CheckItem>  $items focal areas first, then as the figure lists its areas
     * @param  list<string>  $unseen areas with something to ask that no counted side sees
     */
    private function __construct(
        public array $sides,
        public array $items,
        public array $unseen,
    ) {
    }

    /** @param  list<string>  $failedBefore keys of items that failed earlier on this figure */
    public static function of(FigureType $type, Composition $composition, Judging $judging, array $failedBefore = []): self
    {
        $items = $unseen = [];
        foreach ($composition->criteria as $composed) {
            $area = $type->area($composed->area->id);
            if ($area === null) {
                continue;
            }
            $sides = self::counted($area, $judging);
            if ($sides === []) {
                $unseen[$composed->area->id] = true;

                continue;
            }
            $items[] = new CheckItem($area, $composed->criterion, $sides, self::alone($area, $composed, $failedBefore));
        }
        usort($items, static fn (CheckItem $a, CheckItem $b): int => $b->area->focal <=> $a->area->focal);

        return new self($judging->sides, $items, array_map(strval(...), array_keys($unseen)));
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

    /** @param  list<string>  $failedBefore */
    private static function alone(TypeArea $area, ComposedCriterion $composed, array $failedBefore): ?string
    {
        return match (true) {
            in_array(CheckItem::keyOf($area->area->id, $composed->criterion->id), $failedBefore, true) => 'failed before on this figure',
            self::isCritical($composed->criterion) => 'critical',
            $area->focal => 'draws the eye',
            default => null,
        };
    }

    private static function isCritical(Criterion $criterion): bool
    {
        return $criterion->severity === Severity::Critical;
    }
}
