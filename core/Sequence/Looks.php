<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\FigureType;

/**
 * Looks between stages: "flat and opaque before any shade". What comes after a look on the areas that it is of waits until
 * somebody who may check has looked; work elsewhere goes on.
 */
final readonly class Looks
{
    /**
     * @param  array<int, list<int>>  $before by step, the looks that it waits for
     * @param  array<int, list<int>>  $under by look, the steps that are looked at
     */
    private function __construct(
        private array $before,
        private array $under,
    ) {
    }

    /** @param  array<int, PlannedStep|TidyBack>  $items of a figure, in order */
    public static function along(array $items, FigureType $type): self
    {
        $looks = array_filter($items, self::isLook(...));
        $areas = $looks === [] ? [] : array_map(static fn (PlannedStep|TidyBack $item): array => $item->areasIn($type), $items);
        $before = $under = [];
        foreach (array_keys($looks) as $look) {
            $under[$look] = [];
            foreach ($areas as $other => $ofOther) {
                if ($other < $look && array_intersect($ofOther, $areas[$look]) !== []) {
                    $under[$look][] = $other;
                } elseif ($other > $look && array_intersect($ofOther, $areas[$look]) !== []) {
                    $before[$other][] = $look;
                }
            }
        }

        return new self($before, $under);
    }

    public static function isLook(PlannedStep|TidyBack $item): bool
    {
        return $item instanceof PlannedStep && $item->step->technique->look;
    }

    public function areNone(): bool
    {
        return $this->under === [];
    }

    /** @return list<int> looks that a step waits for */
    public function before(int $item): array
    {
        return $this->before[$item] ?? [];
    }

    /**
     * Looks that can be taken: all that is looked at is done or excused, and nobody has looked.
     *
     * @param  list<int>  $marked steps of which something stands
     * @return list<int>
     */
    public function due(array $marked): array
    {
        return array_values(array_filter(
            array_keys($this->under),
            fn (int $look): bool => ! in_array($look, $marked, true) && array_diff($this->under[$look], $marked) === [],
        ));
    }
}
