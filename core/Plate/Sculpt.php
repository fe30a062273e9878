<?php

declare(strict_types=1);

namespace Core\Plate;

/** The shape of a proof plate, before any paint: lines and fields in a drawing of 120 by 72. */
final readonly class Sculpt
{
    public const WIDTH = 120;

    public const HEIGHT = 72;

    /**
     * @param  string  $outline path data of SVG
     * @param  list<Line>  $grooves where shade gathers
     * @param  list<Line>  $edges where an edge line goes
     * @param  list<Line>  $crests where light falls, with the breadth of a first light
     * @param  list<string>  $low faces turned away from the light
     * @param  list<string>  $high faces turned to the light
     * @param  list<array{float, float}>  $points where most light falls, the most telling first
     * @param  list<array{float, float, float, float}>  $pieces where counted things sit: x, y, width, height
     * @param  array{float, float, float, float}  $field for marks, letters and patterns: x, y, width, height
     * @param  string  $mouldLine a line of the casting, seen until it is cleaned; empty: none
     * @param  list<Mark>  $features what is cast in it and tells what it is, whatever it is painted with: brows, lips, a collar
     * @param  array{float, float, float, float}|null  $bare an oval of the field that hair leaves out, x and y of its middle, half its width and height; null: a painted texture is no hair here
     */
    public function __construct(
        public string $outline,
        public array $grooves,
        public array $edges,
        public array $crests,
        public array $low,
        public array $high,
        public array $points,
        public array $pieces,
        public array $field,
        public string $mouldLine = '',
        public array $features = [],
        public ?array $bare = null,
    ) {
    }
}
