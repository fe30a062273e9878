<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Standard\UseWords;

/** Which steps are laid in one way with one paint, so that they can be laid in one go. Where nobody knows the paint, none are. */
final readonly class Alike
{
    /** @param  array<int, string>  $ways by step, equal for those that are alike */
    private function __construct(public array $ways)
    {
    }

    /** @param  array<array-key, array<array-key, string>>  $paints by area and use, what it is painted with; left out: nobody knows */
    public static function of(Steps $steps, array $paints, WetRuns $wet): self
    {
        $ways = [];
        foreach ($steps->all as $step) {
            $paint = $paints[$step->area->area->id][$step->laid->use->id] ?? '';
            if ($paint !== '' && $steps->schooled->isOfFigure($step->area) && count($wet->with($step->number)) === 1) {
                $ways[$step->number] = self::way($step, $paint);
            }
        }

        return new self($ways);
    }

    public function are(int $one, int $other): bool
    {
        return isset($this->ways[$one]) && $this->ways[$one] === ($this->ways[$other] ?? null);
    }

    /**
     * What might be laid in one go: of each way the steps that do not wait for each other.
     *
     * @return list<non-empty-list<int>> each of two steps or more, in the order of composition
     */
    public function groups(PartialOrder $order): array
    {
        $groups = [];
        foreach (array_unique($this->ways) as $way) {
            for ($left = array_keys($this->ways, $way, true); count($left) > 1; $left = array_values(array_diff($left, $group))) {
                $group = self::besideEachOther($left, $order);
                if (count($group) > 1) {
                    $groups[] = $group;
                }
            }
        }

        return $groups;
    }

    private static function way(Step $step, string $paint): string
    {
        $use = $step->laid->use;

        return json_encode([$step->technique->id, UseWords::degree($use), $use->material->name, $step->area->part, $paint], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * @param  non-empty-list<int>  $steps
     * @return non-empty-list<int> the first, and those that neither wait for it nor for each other
     */
    private static function besideEachOther(array $steps, PartialOrder $order): array
    {
        $group = [$steps[0]];
        foreach ($steps as $step) {
            $isBeside = $step !== $steps[0];
            foreach ($group as $other) {
                $isBeside = $isBeside && ! $order->comesBefore($other, $step) && ! $order->comesBefore($step, $other);
            }
            if ($isBeside) {
                $group[] = $step;
            }
        }

        return $group;
    }
}
