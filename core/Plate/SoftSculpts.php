<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Standard\Extent;

/** Sculpts of what is worn: cloth, straps, ribbed joints, scrolls, decals. */
final readonly class SoftSculpts
{
    public static function fold(): Sculpt
    {
        return new Sculpt(
            'M26 10C36 14 44 7 56 10S78 13 94 9C96 26 92 44 95 60C84 66 78 58 68 62S46 66 40 61S30 62 25 63C28 46 23 28 26 10Z',
            [new Line('M41 12C38 28 43 44 40 62', Extent::Every, 6.0), new Line('M57 11C60 28 54 44 57 62', Extent::Focal, 6.0), new Line('M72 12C69 30 74 46 71 61', Extent::Every, 6.0), new Line('M85 12C87 30 83 44 86 62', Extent::Every, 5.0)],
            [new Line('M25.5 62C32 61 36 60 40 60.4C46 65 58 63 68 61S84 65 94.4 59.4', Extent::Every), new Line('M26.6 10.8C36 14.6 44 7.8 56 10.8S78 13.8 93.6 9.8', Extent::Upper), new Line('M48.5 10C47 28 51 42 48.6 62', Extent::Focal), new Line('M79 12C77 30 80 46 78.4 61', Extent::Upper)],
            [new Line('M33 12C31 28 35 44 32.5 61', Extent::Every, 7.0), new Line('M49 10C47 28 51 44 48.6 62', Extent::Focal, 7.5), new Line('M64.5 12C66 30 62 44 64.6 61', Extent::Upper, 7.0), new Line('M78.6 12C77 30 80 46 78.4 60', Extent::Upper, 6.0), new Line('M91 11C92 28 89 44 91.6 60', Extent::Every, 5.0)],
            ['M36 12C33 28 38 46 35 62H41C44 46 39 28 41 12Z', 'M52 10C54 28 50 44 53 63H57C60 44 54 28 57 11Z', 'M68 12C65 28 70 46 67 62H72C75 46 70 28 72 12Z', 'M82 12C84 28 80 46 83 62H87C90 46 84 28 86 11Z'],
            ['M29 12C27 28 32 44 29 62H34C37 44 32 28 34 12Z', 'M45 10C43 28 48 46 45 63H50C53 46 48 28 50 10Z'],
            [[48.6, 60.0], [64.4, 59.4], [78.4, 58.8], [48.0, 12.0], [33.0, 58.4]],
            [[44.0, 30.0, 6.0, 6.0], [60.0, 30.0, 6.0, 6.0], [75.0, 30.0, 6.0, 6.0]],
            [34.0, 20.0, 52.0, 32.0],
        );
    }

    public static function strap(): Sculpt
    {
        return new Sculpt(
            'M6 12H114V27H84V56Q84 65 75 65H45Q36 65 36 56V27H6Z',
            [new Line('M36 44Q60 57 84 44', Extent::Focal, 3.0), new Line('M36 27H84', Extent::Focal, 2.6), new Line('M10 15.5H110', Extent::Every, 0.8), new Line('M10 23.5H110', Extent::Every, 0.8), new Line('M40 58Q60 63 80 58', Extent::Every, 1.6)],
            [new Line('M6 12.8H114', Extent::Upper), new Line('M36 43Q60 56 84 43', Extent::Focal), new Line('M6 26.2H36', Extent::Every), new Line('M84 26.2H114', Extent::Every), new Line('M36.8 28V56Q37 64 45 64.2H75Q83 64 83.2 56V28', Extent::Every)],
            [new Line('M10 17H110', Extent::Upper, 5.0), new Line('M42 34H78', Extent::Every, 9.0), new Line('M46 38Q60 46 74 38', Extent::Focal, 5.0), new Line('M46 56H74', Extent::Every, 6.0)],
            ['M36 50Q60 62 84 50V56Q84 65 75 65H45Q36 65 36 56Z', 'M6 22H114V27H6Z'],
            ['M6 12H114V18H6Z', 'M38 28H82V36H38Z'],
            [[60.0, 49.2], [36.8, 43.0], [83.2, 43.0], [12.0, 12.8], [108.0, 12.8]],
            [[55.0, 42.0, 10.0, 9.0], [14.0, 13.5, 10.0, 12.0], [96.0, 13.5, 10.0, 12.0]],
            [42.0, 29.0, 36.0, 14.0],
        );
    }

    public static function joint(): Sculpt
    {
        $grooves = $crests = $edges = $pieces = $points = [];
        foreach ([18, 32, 46, 60, 74, 88] as $i => $x) {
            $bend = 10 - abs(2 * $i - 5) * 1.6;
            $rib = sprintf('M%d %.1fQ%d 36 %1$d %.1f', $x + 7, 14 + $bend / 2, $x + 11, 58 - $bend / 2);
            $crests[] = new Line($rib, $i === 2 || $i === 3 ? Extent::Focal : ($i < 4 ? Extent::Upper : Extent::Every), 6.0);
            $edges[] = new Line($rib, $i === 2 || $i === 3 ? Extent::Focal : Extent::Upper);
            $grooves[] = new Line(sprintf('M%d 16Q%d 36 %1$d 56', $x, $x + 4), $i % 2 === 0 ? Extent::Focal : Extent::Every, 4.0);
            $pieces[] = [$x + 5.0, 30.0, 7.0, 12.0];
            $points[] = [$x + 8.6, 26.0];
        }

        return new Sculpt(
            'M14 20Q60 8 106 20Q110 36 106 52Q60 64 14 52Q18 36 14 20Z',
            [...$grooves, new Line('M102 17Q106 36 102 55', Extent::Every, 4.0)],
            $edges,
            $crests,
            ['M14 44Q60 58 106 44V52Q60 64 14 52Z'],
            ['M14 20Q60 8 106 20V27Q60 15 14 27Z'],
            $points,
            $pieces,
            [24.0, 26.0, 72.0, 20.0],
        );
    }

    public static function scroll(): Sculpt
    {
        return new Sculpt(
            'M6 28L18 22V14C40 24 80 4 102 14V22L114 28L106 36L114 46L102 50V58C80 48 40 68 18 58V50L6 46L14 37Z',
            [new Line('M18 22V50', Extent::Focal, 3.0), new Line('M102 22V50', Extent::Focal, 3.0), new Line('M18 58C40 68 80 48 102 58', Extent::Every, 2.0)],
            [new Line('M18.6 14.8C40 24.8 80 4.8 101.4 14.8', Extent::Upper), new Line('M18 57.2C40 67.2 80 47.2 102 57.2'), new Line('M6 28L18 22.6', Extent::Upper), new Line('M102 22.6L113 28', Extent::Upper)],
            [new Line('M24 20C44 28 76 10 98 19', Extent::Upper, 8.0), new Line('M24 48C44 56 76 40 98 48', Extent::Every, 7.0), new Line('M74 18Q86 14 98 18', Extent::Focal, 5.0)],
            ['M18 50C40 60 80 40 102 50V58C80 48 40 68 18 58Z', 'M6 36H18V50L6 46Z'],
            ['M18 14C40 24 80 4 102 14V22C80 12 40 32 18 22Z'],
            [[18.6, 15.0], [101.4, 15.0], [76.0, 11.4], [112.0, 28.4]],
            [[30.0, 30.0, 6.0, 6.0], [84.0, 28.0, 6.0, 6.0]],
            [28.0, 25.0, 64.0, 24.0],
        );
    }

    public static function decal(): Sculpt
    {
        return new Sculpt(
            'M28 8Q60 2 92 8L94 44Q84 62 60 68Q36 62 26 44Z',
            [new Line('M28 14Q60 8 92 14', Extent::Every, 2.4), new Line('M30 46Q42 60 60 64Q78 60 90 46', Extent::Focal, 2.4)],
            [new Line('M28.6 8.8Q60 2.8 91.4 8.8', Extent::Upper), new Line('M28.4 9L26.8 44'), new Line('M91.6 9L93.2 44'), new Line('M26.6 44Q36 61 60 67.2Q84 61 93.4 44')],
            [new Line('M34 16Q60 10 86 16', Extent::Upper, 8.0), new Line('M34 26V42', Extent::Every, 9.0)],
            ['M26 44Q36 62 60 68Q84 62 94 44Q80 56 60 58Q40 56 26 44Z'],
            ['M28 8Q60 2 92 8V18Q60 10 28 18Z'],
            [[28.6, 8.8], [91.4, 8.8], [60.0, 66.8]],
            [[46.0, 22.0, 28.0, 28.0]],
            [44.0, 20.0, 32.0, 32.0],
        );
    }
}
