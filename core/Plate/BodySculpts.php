<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Standard\Extent;

/** Sculpts of what is alive, and of the figure as one. */
final readonly class BodySculpts
{
    public static function face(): Sculpt
    {
        return new Sculpt(
            'M60 4C80 4 89 18 87 36C89 40 87 46 84 46C80 60 70 69 60 69C50 69 40 60 36 46C33 46 31 40 33 36C31 18 40 4 60 4Z',
            [
                new Line('M42 33Q50 26 58 33', Extent::Focal, 4.0), new Line('M62 33Q70 26 78 33', Extent::Focal, 4.0), new Line('M55 34L53.5 45Q60 51 66.5 45L65 34', Extent::Every, 2.2),
                new Line('M50 56Q60 59.5 70 56', Extent::Focal, 2.2), new Line('M48 47Q46 53 49 57', Extent::Every, 2.0), new Line('M72 47Q74 53 71 57', Extent::Every, 2.0), new Line('M34 40Q42 66 60 69Q78 66 86 40', Extent::Every, 4.0),
            ],
            [new Line('M43 25Q51 21 57 25', Extent::Focal), new Line('M63 25Q69 21 77 25', Extent::Focal), new Line('M60 29V43', Extent::Focal), new Line('M53 54.4Q60 52.4 67 54.4', Extent::Upper), new Line('M40 42Q44 46 49 45', Extent::Upper), new Line('M80 42Q76 46 71 45', Extent::Upper), new Line('M56 64Q60 66 64 64')],
            [
                new Line('M44 17Q60 9 76 17', Extent::Upper, 9.0), new Line('M44 25Q51 22 56 25', Extent::Upper, 4.0), new Line('M64 25Q69 22 76 25', Extent::Upper, 4.0), new Line('M60 29V44', Extent::Focal, 4.4),
                new Line('M39 42Q44 48 49 46', Extent::Focal, 6.0), new Line('M81 42Q76 48 71 46', Extent::Focal, 6.0), new Line('M55 63.6Q60 66 65 63.6', Extent::Every, 4.6), new Line('M52 53.4Q60 51 68 53.4', Extent::Every, 2.4),
            ],
            ['M33 36C33 50 46 66 60 69C50 69 36 60 33 36Z', 'M87 36C87 50 74 66 60 69C70 69 84 60 87 36Z'],
            ['M42 20Q60 6 78 20Q60 13 42 20Z'],
            [[60.0, 43.6], [47.0, 43.6], [73.0, 43.6], [60.0, 65.0], [50.0, 22.6], [70.0, 22.6]],
            [[46.0, 31.0, 8.4, 4.8], [65.6, 31.0, 8.4, 4.8]],
            [44.0, 46.0, 32.0, 16.0],
        );
    }

    public static function hide(): Sculpt
    {
        return new Sculpt(
            'M38 58V36Q30 30 28 22Q28 17 32.6 18Q40 22 45 32V15Q45 9 50 9Q55 9 55 15V11Q55 5 60 5Q65 5 65 11V13Q65 8 69.6 8Q74.4 8 74.4 13.4V19Q75 15 79 15Q83.4 15 83.4 20V46Q83.4 60 72 68H46Q38 66 38 58Z',
            [new Line('M55 15V33', Extent::Focal, 2.6), new Line('M65 12V33', Extent::Focal, 2.6), new Line('M74.4 18V34', Extent::Every, 2.6), new Line('M45 32Q46 42 54 46', Extent::Every, 2.4), new Line('M44 56Q58 50 78 52', Extent::Every, 2.0), new Line('M46 20H54', Extent::Every, 1.0), new Line('M56 18H64', Extent::Every, 1.0), new Line('M66 20H74', Extent::Every, 1.0)],
            [new Line('M47 33Q50 31 53.6 33', Extent::Focal), new Line('M57 32Q60 30 63.6 32', Extent::Focal), new Line('M67 33Q70 31 73 33', Extent::Upper), new Line('M76 36Q79 34 82 36', Extent::Upper), new Line('M45.8 15Q46 10 50 9.8', Extent::Upper), new Line('M29 22Q33 31 39 36')],
            [new Line('M50 13V30', Extent::Upper, 5.0), new Line('M60 9V29', Extent::Upper, 5.0), new Line('M69.8 12V30', Extent::Upper, 5.0), new Line('M79 19V32', Extent::Every, 4.6), new Line('M48 35H80', Extent::Focal, 5.0), new Line('M48 46Q60 42 76 46', Extent::Every, 8.0), new Line('M31 21L40 34', Extent::Every, 4.4)],
            ['M38 54Q58 60 83 50Q82 60 72 68H46Q38 66 38 58Z'],
            ['M45 15Q45 9 50 9Q55 9 55 15V20H45Z', 'M55 11Q55 5 60 5Q65 5 65 11V18H55Z'],
            [[50.0, 32.4], [60.0, 31.4], [70.0, 32.4], [79.0, 35.4], [50.0, 12.0], [60.0, 8.0]],
            [[47.0, 11.0, 5.6, 5.0], [57.0, 7.0, 5.6, 5.0], [67.0, 10.0, 5.6, 5.0], [76.6, 17.0, 5.0, 5.0]],
            [46.0, 38.0, 32.0, 22.0],
        );
    }

    public static function hair(): Sculpt
    {
        return new Sculpt(
            'M18 60C16 36 30 10 56 7C82 4 102 24 103 60C97 52 95 58 89 65C85 54 78 60 73 68C69 56 62 60 57 67C53 55 46 60 40 66C37 55 28 54 18 60Z',
            [new Line('M56 9C40 18 32 36 32 58', Extent::Every, 4.0), new Line('M58 9C50 22 46 40 47 60', Extent::Focal, 4.0), new Line('M62 9C62 26 64 42 65 62', Extent::Focal, 4.0), new Line('M66 9C78 22 80 42 81 60', Extent::Every, 4.0), new Line('M70 10C88 22 94 40 95 56', Extent::Every, 3.4)],
            [new Line('M52 12C38 22 28 38 25 56', Extent::Every), new Line('M58 12C46 26 40 42 40 62', Extent::Upper), new Line('M61 12C56 30 56 46 57 64', Extent::Focal), new Line('M65 12C72 30 72 46 73 64', Extent::Focal), new Line('M69 13C84 28 88 44 89 62', Extent::Upper)],
            [new Line('M48 14C36 24 28 38 25 54', Extent::Every, 5.6), new Line('M56 14C44 26 39 42 40 60', Extent::Upper, 6.0), new Line('M60 14C55 30 56 44 57 62', Extent::Focal, 6.0), new Line('M65 14C71 30 72 44 73 62', Extent::Upper, 6.0), new Line('M70 15C84 28 88 42 89 60', Extent::Every, 5.6)],
            ['M18 60C24 50 34 54 40 66L47 60L57 67L65 60L73 68L81 60L89 65L95 56L103 60V48H18Z'],
            ['M32 26Q58 2 88 26Q58 14 32 26Z'],
            [[57.0, 22.0], [68.0, 22.0], [46.0, 24.0], [78.0, 26.0]],
            [[52.0, 28.0, 6.0, 6.0], [68.0, 30.0, 6.0, 6.0]],
            [34.0, 22.0, 54.0, 30.0],
        );
    }

    public static function tusk(): Sculpt
    {
        return new Sculpt(
            'M10 50Q12 40 22 40C46 46 70 40 88 26C96 20 104 12 110 6C108 26 96 44 78 54C56 66 30 66 14 60Q10 57 10 50Z',
            [new Line('M22 40Q17 50 20 62', Extent::Focal, 2.4), new Line('M30 42Q26 52 29 64', Extent::Every, 1.6), new Line('M38 43Q35 53 38 65', Extent::Every, 1.2), new Line('M14 60C34 68 62 64 82 50', Extent::Every, 4.0)],
            [new Line('M23 40.8C46 46.6 70 40.8 88 27C96 21 103 13.6 109 7.6', Extent::Focal), new Line('M14 59.4C34 66 62 62 80 52'), new Line('M11 50Q13 41 22 40.8', Extent::Upper)],
            [new Line('M24 45C48 50 70 46 90 31', Extent::Upper, 7.0), new Line('M60 45C80 39 94 28 105 14', Extent::Focal, 4.6), new Line('M26 55C46 58 66 54 82 44', Extent::Every, 6.0)],
            ['M14 60C34 64 62 60 84 44Q96 36 104 24C98 40 90 48 78 54C56 66 30 66 14 60Z'],
            ['M22 40C46 46 70 40 88 26L104 12C90 30 72 44 22 46Z'],
            [[108.0, 8.4], [88.0, 27.0], [24.0, 41.4]],
            [[14.0, 46.0, 6.0, 8.0], [96.0, 16.0, 6.0, 6.0]],
            [34.0, 44.0, 44.0, 14.0],
        );
    }

    public static function figure(): Sculpt
    {
        return new Sculpt(
            'M60 3A8.5 8.5 0 0 1 66.5 17Q77 20 79 32L86 55H94Q99 55 99 60.5Q99 66 94 66H26Q21 66 21 60.5Q21 55 26 55H34L41 32Q43 20 53.5 17A8.5 8.5 0 0 1 60 3Z',
            [new Line('M53.5 17.5Q60 21.5 66.5 17.5', Extent::Focal, 2.6), new Line('M52 24Q56 40 50 55', Extent::Focal, 3.0), new Line('M68 24Q64 40 70 55', Extent::Every, 3.0), new Line('M34 55.6H86', Extent::Every, 2.4), new Line('M22 61H98', Extent::Every, 1.6)],
            [new Line('M53 8Q60 1.6 67 8', Extent::Focal), new Line('M42 30Q46 19 54 18', Extent::Upper), new Line('M66 18Q74 19 78 30', Extent::Upper), new Line('M35 54.4L42 32'), new Line('M85 54.4L78 32'), new Line('M26 55.6H94', Extent::Upper)],
            [new Line('M55 9Q60 5 65 9', Extent::Focal, 5.0), new Line('M45 26Q60 17 75 26', Extent::Upper, 7.0), new Line('M60 26V52', Extent::Upper, 6.0), new Line('M44 34L40 52', Extent::Every, 5.0), new Line('M77 34L81 52', Extent::Every, 5.0)],
            ['M34 55L41 36L50 55Z', 'M21 61H99Q98 66 94 66H26Q22 66 21 61Z'],
            ['M54 5Q60 1 66 5V11H54Z', 'M44 26Q60 14 76 26V30H44Z'],
            [[57.0, 7.0], [48.0, 21.0], [72.0, 21.0], [60.0, 30.0]],
            [[57.0, 24.0, 6.0, 6.0]],
            [48.0, 26.0, 24.0, 22.0],
            'M60 3V55',
        );
    }
}
