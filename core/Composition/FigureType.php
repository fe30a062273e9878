<?php

declare(strict_types=1);

namespace Core\Composition;

/** A reusable list of areas with a size class. */
final readonly class FigureType
{
    /** @var array<array-key, TypeArea> */
    private array $areasById;

    /** @param  list<TypeArea>  $areas */
    public function __construct(
        public string $name,
        public SizeClass $sizeClass,
        public array $areas,
    ) {
        $byId = [];
        foreach ($areas as $area) {
            $byId[$area->area->id] = $area;
        }
        $this->areasById = $byId;
    }

    public function area(string $id): ?TypeArea
    {
        return $this->areasById[$id] ?? null;
    }
}
