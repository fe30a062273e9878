<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\School\Schools;

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

    /**
     * The same figure, some of whose areas are something else: armour that is bare metal in one company and painted in another.
     *
     * @param  array<array-key, string>  $surfaces by area
     */
    public function withSurfaces(array $surfaces): self
    {
        return $surfaces === [] ? $this : new self($this->name, $this->sizeClass, array_map(
            static fn (TypeArea $area): TypeArea => isset($surfaces[$area->area->id]) ? $area->of($surfaces[$area->area->id]) : $area,
            $this->areas,
        ));
    }

    /**
     * The same figure, some of whose areas are painted by schools of their own.
     *
     * @param  array<array-key, Schools>  $schools by area
     */
    public function withSchools(array $schools): self
    {
        return $schools === [] ? $this : new self($this->name, $this->sizeClass, array_map(
            static fn (TypeArea $area): TypeArea => isset($schools[$area->area->id]) ? $area->by($schools[$area->area->id]) : $area,
            $this->areas,
        ));
    }

    public function area(string $id): ?TypeArea
    {
        return $this->areasById[$id] ?? null;
    }
}
