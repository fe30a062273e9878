<?php

declare(strict_types=1);

namespace Core\Mapping;

use Core\CoreException;

/** A map of a figure that cannot be. */
final class NotAMap extends CoreException
{
    public static function size(int $width, int $height, int $least, int $most, string $pointer): self
    {
        return new self('map', $pointer, "A map of {$width} × {$height} places cannot be kept; each side has {$least} to {$most} of them.");
    }

    public static function notWhole(int $places, int $expected, string $pointer): self
    {
        return new self('map', $pointer, "This map tells of {$places} places and its picture has {$expected}; each place is told once, row by row.");
    }

    public static function run(string $pointer): self
    {
        return new self('map', $pointer, 'A run is the number of an area (0: none) and how many places in a row are of it, at least one.');
    }

    public static function unknownLabel(int $label, int $areas, string $pointer): self
    {
        return new self('map', $pointer, "Area {$label} is laid out here, and the map names {$areas}.");
    }

    public static function unknownArea(string $area, string $pointer): self
    {
        return new self('unknown-area', $pointer, "The map shows \"{$area}\", which this figure has not; take it off the map, or give the figure the area again.");
    }

    public static function sameSide(string $side, string $pointer): self
    {
        return new self('duplicate-id', $pointer, "There are two maps seen from {$side}; a side has one.");
    }

    public static function sameArea(string $area, string $pointer): self
    {
        return new self('duplicate-area', $pointer, "The map names \"{$area}\" twice; each area once.");
    }

    public static function outside(string $feature, string $pointer): self
    {
        return new self('out-of-range', $pointer, "This place ({$feature}) lies outside the picture; places go from 0 to 1, from the left and from above.");
    }

    public static function nothingLaidOut(string $pointer): self
    {
        return new self('map', $pointer, 'No area is laid out yet; lay one out before something can be measured.');
    }
}
