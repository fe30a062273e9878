<?php

declare(strict_types=1);

namespace Core\Mapping;

/** The line round an area as it is seen from one side, in places of its picture. */
final readonly class Outline
{
    /**
     * @param  non-empty-list<non-empty-list<array{int, int}>>  $rings corners of each closed line; a hole is one that runs the other way round
     * @param  array{float, float}  $inside a place well inside, for what is written there
     */
    public function __construct(
        public string $area,
        public array $rings,
        public array $inside,
    ) {
    }

    /** As the data of an SVG path (W3C, SVG 2, chapter 9). */
    public function path(): string
    {
        return implode('', array_map(
            static fn (array $ring): string => 'M'.implode('L', array_map(static fn (array $corner): string => "{$corner[0]} {$corner[1]}", $ring)).'Z',
            $this->rings,
        ));
    }
}
