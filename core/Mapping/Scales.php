<?php

declare(strict_types=1);

namespace Core\Mapping;

use Core\Standard\Side;

/**
 * How large a place of each picture is, in heights of the figure: pictures are taken from nearer and from further. Seen from
 * in front, from behind and from its sides a figure is equally high; seen from above or below it is as wide as from in front,
 * or as deep as from its side (the figure seen from far off, as drawings of it are made).
 */
final readonly class Scales
{
    public function __construct(private FigureMap $map)
    {
    }

    /** @return float|null heights of the figure a place; null: nothing is laid out on that side */
    public function of(SideMap $side): ?float
    {
        $box = $side->grid->box();
        if ($box === null) {
            return null;
        }
        if (! in_array($side->side, [Side::Above, Side::Below], true)) {
            return 1 / $box['height'];
        }
        $wide = $this->extent(Side::Front) ?? $this->extent(Side::Back);
        $deep = $this->extent(Side::Left) ?? $this->extent(Side::Right);

        return match (true) {
            $wide !== null => $wide / $box['width'],
            $deep !== null => $deep / $box['height'],
            default => 1 / max($box['width'], $box['height']),
        };
    }

    /** @return float|null how wide the figure is from a side, in its heights */
    private function extent(Side $side): ?float
    {
        $box = $this->map->of($side)?->grid->box();

        return $box === null ? null : $box['width'] / $box['height'];
    }
}
