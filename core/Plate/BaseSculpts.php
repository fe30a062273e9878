<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Standard\Extent;

/** Sculpts of the base that a figure stands on. */
final readonly class BaseSculpts
{
    public static function ground(): Sculpt
    {
        return new Sculpt(
            'M8 34C8 14 112 14 112 34V42C112 64 8 64 8 42Z',
            [new Line('M8 34C8 54 112 54 112 34', Extent::Every, 3.0), new Line('M22 34L38 28L46 36L34 42Z', Extent::Focal, 2.4), new Line('M52 26L74 23L82 31L60 36Z', Extent::Focal, 2.4), new Line('M66 41L88 36L98 42', Extent::Every, 2.4), new Line('M46 44L60 40', Extent::Every, 1.8)],
            [new Line('M22.6 33.4L38 27.4', Extent::Focal), new Line('M52.6 25.4L74 22.4L82 30.4', Extent::Focal), new Line('M66.6 40.4L88 35.4', Extent::Upper), new Line('M9 33C10 15 110 15 111 33', Extent::Every), new Line('M38 27.4L46 35.4', Extent::Upper)],
            [new Line('M26 33L38 29.6L42 34', Extent::Upper, 5.0), new Line('M56 27L73 25L78 30', Extent::Focal, 5.0), new Line('M70 40L88 37', Extent::Every, 4.0), new Line('M20 26Q60 16 100 26', Extent::Every, 4.0)],
            ['M8 36C8 56 112 56 112 36V42C112 64 8 64 8 42Z'],
            ['M52 26L74 23L82 31L60 36Z', 'M22 34L38 28L46 36L34 42Z'],
            [[38.0, 27.8], [74.0, 23.0], [88.0, 36.0], [53.0, 26.0], [23.0, 33.6]],
            [[30.0, 32.0, 6.0, 5.0], [64.0, 27.0, 6.0, 5.0], [84.0, 37.0, 6.0, 5.0]],
            [24.0, 22.0, 72.0, 22.0],
        );
    }

    public static function rim(): Sculpt
    {
        return new Sculpt(
            'M8 22C8 8 112 8 112 22V44C112 66 8 66 8 44Z',
            [new Line('M8 22C8 40 112 40 112 22', Extent::Focal, 3.4), new Line('M8 44C8 66 112 66 112 44', Extent::Every, 2.4)],
            [new Line('M8.6 24C10 41.6 110 41.6 111.4 24', Extent::Upper), new Line('M10 47C16 63.6 104 63.6 110 47')],
            [new Line('M12 34C24 50 96 50 108 34', Extent::Every, 12.0), new Line('M30 42C44 48 76 48 90 42', Extent::Focal, 6.0)],
            ['M8 34C20 52 100 52 112 34V44C112 66 8 66 8 44Z'],
            ['M10 22C10 10 110 10 110 22C110 36 10 36 10 22Z'],
            [[40.0, 41.6], [80.0, 41.6]],
            [[54.0, 46.0, 12.0, 8.0]],
            [30.0, 42.0, 60.0, 14.0],
        );
    }
}
