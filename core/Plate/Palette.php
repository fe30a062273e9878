<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Colour\Srgb;
use Core\Standard\TechniqueGroup;

/** The colours that a plate is painted in. */
final readonly class Palette
{
    /**
     * @param  list<Srgb>  $lights in the order they are laid
     * @param  array<string, array<int, Srgb>>  $ofUses colours of single uses, by id and step from 1, whatever their group has
     * @param  list<Srgb>  $grounds of the uses that lay a ground, in turn, over the ground itself; none: all in its colour
     */
    public function __construct(
        public Srgb $ground,
        public Srgb $base,
        public Srgb $shade,
        public array $lights,
        public Srgb $detail,
        private array $ofUses = [],
        private array $grounds = [],
    ) {
    }

    /**
     * Greys that show what is done without a scheme.
     *
     * @param  string|null  $ground the school: dark, mid-grey, light, zenithal; null: nobody has chosen, and it is mid grey
     */
    public static function neutral(?string $ground = null): self
    {
        [$first, $second] = match ($ground) {
            'dark' => ['#242424', '#8f8f8f'],
            'light' => ['#dedede', '#f2f2f2'],
            'zenithal' => ['#242424', '#cfcfcf'],
            default => ['#7c7c7c', '#c8c8c8'],
        };
        $lights = array_map(Srgb::fromHex(...), ['#8a8a8a', '#b2b2b2', '#d6d6d6', '#f2f2f2']);

        return new self(Srgb::fromHex($first), Srgb::fromHex('#686868'), Srgb::fromHex('#303030'), $lights, Srgb::fromHex('#e9e9e9'), grounds: [Srgb::fromHex($first), Srgb::fromHex($second)]);
    }

    /** @param  int  $step from 1 */
    public function ofUse(string $use, int $step): ?Srgb
    {
        return $this->ofUses[$use][$step] ?? null;
    }

    /**
     * @param  int  $before light steps, or uses that lay a ground, laid before; at least 0
     * @return Srgb|null null for work that leaves no colour, or a light that has none
     */
    public function colour(TechniqueGroup $group, int $before): ?Srgb
    {
        return match ($group) {
            TechniqueGroup::Ground => self::turn($this->grounds, $before) ?? $this->ground,
            TechniqueGroup::LayIn => $this->base,
            TechniqueGroup::Shade => $this->shade,
            TechniqueGroup::Light => self::turn($this->lights, $before),
            default => $group->leavesColour() ? $this->detail : null,
        };
    }

    /**
     * The last again when they run out.
     *
     * @param  list<Srgb>  $colours
     */
    private static function turn(array $colours, int $at): ?Srgb
    {
        return $colours === [] ? null : $colours[min($at, count($colours) - 1)];
    }
}
