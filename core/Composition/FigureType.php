<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\School\Schools;

/** A reusable list of areas with a size class and a sculpt that takes the brush more or less easily. */
final readonly class FigureType
{
    /** @var array<array-key, TypeArea> */
    private array $areasById;

    /** @param  list<TypeArea>  $areas */
    public function __construct(
        public string $name,
        public SizeClass $sizeClass,
        public array $areas,
        public Difficulty $difficulty = Difficulty::Usual,
    ) {
        $byId = [];
        foreach ($areas as $area) {
            $byId[$area->area->id] = $area;
        }
        $this->areasById = $byId;
    }

    /** Work on it relative to a foot figure whose sculpt is as most are. */
    public function work(): float
    {
        return $this->sizeClass->size() * $this->difficulty->factor();
    }

    public function ofDifficulty(Difficulty $difficulty): self
    {
        return new self($this->name, $this->sizeClass, $this->areas, $difficulty);
    }

    /** @param  list<TypeArea>  $areas */
    public function with(array $areas): self
    {
        return new self($this->name, $this->sizeClass, $areas, $this->difficulty);
    }

    /** The same under another name. */
    public function named(string $name): self
    {
        return new self($name, $this->sizeClass, $this->areas, $this->difficulty);
    }

    /**
     * The same figure, some of whose areas are something else: armour that is bare metal in one company and painted in another.
     *
     * @param  array<array-key, string>  $surfaces by area
     */
    public function withSurfaces(array $surfaces): self
    {
        return $surfaces === [] ? $this : $this->with(array_map(
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
        return $schools === [] ? $this : $this->with(array_map(
            static fn (TypeArea $area): TypeArea => isset($schools[$area->area->id]) ? $area->by($schools[$area->area->id]) : $area,
            $this->areas,
        ));
    }

    /**
     * The same figure without some of its areas and what sits on them. The others keep their size: what is missing is not
     * shared out among them.
     *
     * @param  list<string>  $missing ids of areas; one that it has not is no matter
     */
    public function without(array $missing): self
    {
        $gone = $this->withWhatSitsOn($missing);

        return $gone === [] ? $this : $this->with(array_map(
            static fn (TypeArea $area): TypeArea => $area->beside($gone),
            array_values(array_filter($this->areas, static fn (TypeArea $area): bool => ! in_array($area->area->id, $gone, true))),
        ));
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> those that it has, and what sits on them, however far up
     */
    private function withWhatSitsOn(array $ids): array
    {
        $found = array_values(array_filter($ids, fn (string $id): bool => isset($this->areasById[$id])));
        for ($at = 0; $at < count($found); $at++) {
            foreach ($this->areas as $area) {
                if ($area->on === $found[$at] && ! in_array($area->area->id, $found, true)) {
                    $found[] = $area->area->id;
                }
            }
        }

        return $found;
    }

    /** @return list<string> areas of which nobody is sure what they are */
    public function unsure(): array
    {
        return array_values(array_map(
            static fn (TypeArea $area): string => $area->area->id,
            array_filter($this->areas, static fn (TypeArea $area): bool => $area->isUnsure),
        ));
    }

    public function area(string $id): ?TypeArea
    {
        return $this->areasById[$id] ?? null;
    }
}
