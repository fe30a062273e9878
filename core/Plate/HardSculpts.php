<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Standard\Extent;

/** Sculpts with hard edges. */
final readonly class HardSculpts
{
    public static function plate(): Sculpt
    {
        $rivets = [[25.0, 20.0], [36.0, 20.0], [25.0, 50.0], [66.0, 55.0], [78.0, 55.0], [90.0, 55.0]];
        $rings = array_map(static fn (array $at): Line => new Line(Mark::dot($at[0], $at[1], 3.0), Extent::Every, 1.6), $rivets);

        return new Sculpt(
            'M14 10H82L106 26V60L98 66H22L14 58Z',
            [new Line('M52 10V32L60 40H106', Extent::Focal, 3.0), ...$rings, new Line('M14 58L22 66H98L106 60', Extent::Every, 2.4)],
            [
                new Line('M14.8 10.8H50', Extent::Upper), new Line('M54 10.8H82L105.2 26.3', Extent::Focal), new Line('M53.4 11V31.4L60.6 38.6', Extent::Upper),
                new Line('M61 41.4H105.2', Extent::Upper), new Line('M14.8 11V58'), new Line('M105.2 27V60'), new Line('M22 65.2H98L105 59.6'),
            ],
            [new Line('M58 21H92', Extent::Upper, 17.0), new Line('M20 24H46', Extent::Every, 18.0), new Line('M66 48H100', Extent::Every, 9.0), new Line('M76 15L100 30', Extent::Focal, 7.0)],
            ['M14 46H60L66 52H106V60L98 66H22L14 58Z'],
            ['M56 12H82L104 27V37H61L56 31Z'],
            [[82.0, 10.8], [105.0, 26.5], [14.8, 10.8], [54.0, 10.8], [24.2, 19.0], [35.2, 19.0]],
            array_map(static fn (array $at): array => [$at[0] - 2.6, $at[1] - 2.6, 5.2, 5.2], $rivets),
            [22.0, 27.0, 26.0, 17.0],
        );
    }

    public static function blade(): Sculpt
    {
        return new Sculpt(
            'M4 31H16V22H21V31L96 25L114 36L96 47L21 41V50H16V41H4Z',
            [new Line('M24 36L92 35.5', Extent::Focal, 3.2), new Line('M21 31V41', Extent::Every, 2.4), new Line('M8 31V41', Extent::Every, 1.6), new Line('M12 31V41', Extent::Every, 1.6)],
            [new Line('M21 31.6L96 25.6L113 36', Extent::Focal), new Line('M16.6 22.4H21', Extent::Upper), new Line('M21 40.6L96 46.4L113 36.4'), new Line('M4 31.6H16', Extent::Upper)],
            [new Line('M26 32L94 29', Extent::Upper, 5.0), new Line('M30 39L90 41', Extent::Every, 4.0), new Line('M80 29L108 36', Extent::Focal, 4.0)],
            ['M21 36.5L112 36.5L96 47L21 41Z', 'M4 36H16V50H21V36Z'],
            ['M21 31L96 25L112 35L21 35Z'],
            [[112.5, 36.0], [96.0, 25.8], [21.0, 31.6], [16.8, 22.6]],
            [[17.0, 33.5, 4.0, 5.0], [5.5, 33.0, 4.0, 6.0]],
            [36.0, 30.0, 44.0, 12.0],
        );
    }

    public static function trim(): Sculpt
    {
        return new Sculpt(
            'M10 14H110V58H10Z',
            [new Line('M20 36C20 22 40 22 40 36S60 50 60 36S80 22 80 36S100 50 100 36', Extent::Focal, 11.0), new Line('M10 21H110', Extent::Every, 2.0), new Line('M10 51H110', Extent::Every, 2.0)],
            [new Line('M10 14.8H110', Extent::Upper), new Line('M21 34C22 22.6 38 22.6 39 34', Extent::Focal), new Line('M61 34C62 22.6 78 22.6 79 34', Extent::Focal), new Line('M41 38C42 49 58 49 59 38'), new Line('M81 38C82 49 98 49 99 38'), new Line('M10 57.2H110')],
            [new Line('M20 36C20 22 40 22 40 36S60 50 60 36S80 22 80 36S100 50 100 36', Extent::Upper, 5.0), new Line('M12 17.5H108', Extent::Every, 4.0), new Line('M26 27Q30 25 34 27', Extent::Focal, 3.0)],
            ['M10 52H110V58H10Z'],
            ['M10 14H110V20H10Z'],
            [[30.0, 25.6], [70.0, 25.6], [50.0, 46.4], [90.0, 46.4], [10.8, 14.8]],
            [[27.0, 33.0, 6.0, 6.0], [47.0, 33.0, 6.0, 6.0], [67.0, 33.0, 6.0, 6.0], [87.0, 33.0, 6.0, 6.0]],
            [24.0, 24.0, 72.0, 24.0],
        );
    }

    public static function plank(): Sculpt
    {
        return new Sculpt(
            'M8 12L112 10V35L110 36L112 37V60L8 61V37L10 36L8 35Z',
            [
                new Line('M8 36H112', Extent::Focal, 2.8), new Line('M12 18C40 14 70 24 108 17', Extent::Every, 1.0), new Line('M12 27C30 31 44 22 60 27S90 30 108 25', Extent::Every, 1.0),
                new Line('M12 44C34 40 60 50 108 43', Extent::Every, 1.0), new Line('M12 53C40 57 70 48 108 54', Extent::Every, 1.0), new Line('M70 51a5 3 0 1 0 10 0a5 3 0 1 0 -10 0', Extent::Focal, 1.2),
            ],
            [new Line('M8 12.8L112 10.8', Extent::Focal), new Line('M8 37.8H112', Extent::Upper), new Line('M8.8 12V35'), new Line('M111.2 38V60'), new Line('M8 60.2L112 59.2')],
            [new Line('M12 15C40 11 72 20 108 13.5', Extent::Upper, 4.0), new Line('M12 40C36 37 70 45 108 40', Extent::Upper, 4.0), new Line('M12 49C40 52 66 44 108 49', Extent::Every, 4.0), new Line('M12 23C32 26 46 18 108 21', Extent::Focal, 3.0)],
            ['M8 54H112V61H8Z', 'M8 30H112V35H8Z'],
            ['M8 12L112 10V16L8 18Z', 'M8 37H112V42H8Z'],
            [[8.8, 12.8], [111.0, 11.4], [16.0, 23.4], [104.0, 48.4]],
            [[13.0, 22.0, 5.0, 5.0], [101.0, 46.0, 5.0, 5.0]],
            [30.0, 16.0, 60.0, 40.0],
        );
    }

    public static function lens(): Sculpt
    {
        return new Sculpt(
            Mark::dot(60, 36, 29),
            [new Line(Mark::dot(60, 36, 24.5), Extent::Focal, 4.0), new Line('M38 30C42 18 52 13 62 13', Extent::Every, 5.0)],
            [new Line(Mark::dot(60, 36, 28.2), Extent::Every), new Line('M36 24C42 12 54 8 64 8.4', Extent::Focal), new Line('M40 24C44 17 52 13 60 13', Extent::Upper)],
            [new Line('M42 45C50 58 70 58 78 45', Extent::Upper, 11.0), new Line('M46 49C54 58 66 58 74 49', Extent::Focal, 6.0), new Line('M38 40C44 60 76 60 82 40', Extent::Every, 8.0)],
            ['M36 36A24 24 0 0 1 84 36Z'],
            ['M38 44C46 62 74 62 82 44C74 52 46 52 38 44Z'],
            [[50.0, 25.0], [69.0, 52.0], [46.0, 30.0]],
            [[46.0, 20.0, 8.0, 8.0], [66.0, 44.0, 6.0, 6.0], [66.0, 20.0, 8.0, 8.0], [46.0, 44.0, 6.0, 6.0]],
            [46.0, 26.0, 28.0, 20.0],
        );
    }
}
