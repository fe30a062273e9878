<?php

declare(strict_types=1);

namespace Core\School;

/** What practitioners do in different ways, each for a reason. Common practice, no source. */
enum SchoolQuestion: string
{
    case Ground = 'ground';
    case Metals = 'metals';
    case MetalOver = 'metal-over';
    case Shade = 'shade';
    case Lights = 'lights';
    case GroundCover = 'ground-cover';
    case LayIn = 'lay-in';
    case DarkLining = 'dark-lining';
    case LastLight = 'last-light';
    case AfterShade = 'after-shade';
    case Start = 'start';
    case Glaze = 'glaze';
    case Covering = 'covering';
    case Mending = 'mending';
    case LightOnGold = 'light-on-gold';
    case Path = 'path';
    case Brush = 'brush';
    case Pools = 'pools';
    case Thinner = 'thinner';

    /** Whether its choices are rules of the order of steps, and not only what the standard's own layers show. */
    public function decidesOrder(): bool
    {
        return in_array($this, [self::Metals, self::GroundCover, self::Path], true);
    }

    /** @return list<self> of those that decide the order, what is chosen area by area; a path leads through a whole figure */
    public static function ofAreas(): array
    {
        return [self::Metals, self::GroundCover];
    }

    /** @return list<self> */
    public static function thatDecideTheOrder(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $one): bool => $one->decidesOrder()));
    }

    /**
     * In what who ordered a figure has a say. Common practice, no source.
     *
     * @return list<self> what is seen on the finished figure and neither the layers of a standard nor its colours say
     */
    public static function ofTheClient(): array
    {
        return [self::Pools, self::DarkLining, self::LightOnGold];
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Ground => 'Ground',
            self::Metals => 'Metals',
            self::MetalOver => 'Metal over',
            self::Shade => 'Shade',
            self::Lights => 'Lights',
            self::GroundCover => 'Ground cover',
            self::LayIn => 'Lay-in',
            self::DarkLining => 'Dark lining',
            self::LastLight => 'Last light',
            self::AfterShade => 'After a shade',
            self::Start => 'Where to start',
            self::Glaze => 'Glaze',
            self::Covering => 'Covering coat',
            self::Mending => 'Mending',
            self::LightOnGold => 'Light on gold',
            self::Path => 'Path through a batch',
            self::Brush => 'Brush',
            self::Pools => 'Pools of a wash',
            self::Thinner => 'Washes and glazes thinned',
        };
    }
}
