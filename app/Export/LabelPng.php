<?php

declare(strict_types=1);

namespace App\Export;

use Core\Mapping\LabelGrid;
use LogicException;

/**
 * A picture of labels as PNG with a palette, one index an area (W3C, Portable Network Graphics Specification, third edition):
 * no filter and no interlacing, so that it is read again by inflating it. Names of areas go along as a text.
 */
final readonly class LabelPng
{
    private const SIGNATURE = "\x89PNG\r\n\x1a\n";

    private const BITS = 8;

    private const WITH_A_PALETTE = 3;

    /** @param  list<string>  $areas by number: the first is 1 */
    public static function of(LabelGrid $grid, array $areas = []): string
    {
        $lines = '';
        for ($y = 0; $y < $grid->height; $y++) {
            $lines .= "\0".$grid->row($y);
        }
        $names = implode("\n", array_map(static fn (int $i, string $name): string => ($i + 1).' '.$name, array_keys($areas), $areas));

        return self::SIGNATURE
            .self::chunk('IHDR', pack('NNCCCCC', $grid->width, $grid->height, self::BITS, self::WITH_A_PALETTE, 0, 0, 0))
            .self::chunk('PLTE', implode('', array_map(static fn (int $label): string => str_repeat(chr(self::grey($label)), 3), range(0, LabelGrid::MOST_LABELS))))
            .($names === '' ? '' : self::chunk('iTXt', "areas\0\0\0\0\0{$names}"))
            .self::chunk('IDAT', (string) gzcompress($lines, 9))
            .self::chunk('IEND', '');
    }

    /** What {@see of()} has written. */
    public static function grid(string $png): LabelGrid
    {
        $width = 0;
        $packed = '';
        for ($at = strlen(self::SIGNATURE); $at < strlen($png); $at += 12 + $length) {
            [$length, $width] = [self::number($png, $at), substr($png, $at + 4, 4) === 'IHDR' ? self::number($png, $at + 8) : $width];
            $packed .= substr($png, $at + 4, 4) === 'IDAT' ? substr($png, $at + 8, $length) : '';
        }
        $lines = gzuncompress($packed);
        if ($lines === false || $width < 1) {
            throw new LogicException('A stored map is damaged; take the database back from a backup.');
        }

        return LabelGrid::ofRows(array_map(static fn (string $line): string => substr($line, 1), str_split($lines, $width + 1)));
    }

    /** Nothing is white; areas are greys, those that follow each other far apart. */
    private static function grey(int $label): int
    {
        return $label === 0 ? 255 : 16 + ($label * 97) % 223;
    }

    private static function chunk(string $kind, string $data): string
    {
        return pack('N', strlen($data)).$kind.$data.pack('N', crc32($kind.$data));
    }

    private static function number(string $bytes, int $at): int
    {
        $read = unpack('Nnumber', substr($bytes, $at, 4));
        $number = $read['number'] ?? 0;

        return is_int($number) ? $number : 0;
    }
}
