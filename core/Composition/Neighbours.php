<?php

declare(strict_types=1);

namespace Core\Composition;

/** Which areas of a figure border on which: as its type lists them, both ways. Where it lists none, nothing is known. */
final readonly class Neighbours
{
    /** @var array<array-key, array<array-key, true>> */
    private array $borders;

    public function __construct(private FigureType $type)
    {
        $borders = [];
        foreach ($type->areas as $area) {
            foreach ($area->neighbours as $other) {
                $borders[$area->area->id][$other] = true;
                $borders[$other][$area->area->id] = true;
            }
        }
        $this->borders = $borders;
    }

    /** @return list<string> in the order of the figure's areas */
    public function of(string $area): array
    {
        $here = $this->borders[$area] ?? [];

        return array_values(array_filter(
            array_map(static fn (TypeArea $other): string => $other->area->id, $this->type->areas),
            static fn (string $id): bool => isset($here[$id]),
        ));
    }
}
