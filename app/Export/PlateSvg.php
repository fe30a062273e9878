<?php

declare(strict_types=1);

namespace App\Export;

use Core\Plate\Drawing;
use Core\Plate\Mark;
use Core\Plate\Sculpt;

/** The drawing of a proof plate as an SVG picture on neutral grey. */
final readonly class PlateSvg
{
    private const MARGIN = 2;

    /** L* near 65, which colours are judged against. */
    public const NEUTRAL = '#9e9e9e';

    public const WIDTH = Sculpt::WIDTH + 2 * self::MARGIN;

    public const HEIGHT = Sculpt::HEIGHT + 2 * self::MARGIN;

    public static function of(Drawing $drawing): string
    {
        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$d %2$d" width="%1$d" height="%2$d" color-interpolation-filters="sRGB"><defs>%3$s</defs><rect width="%1$d" height="%2$d" fill="%4$s"/><g transform="translate(%5$d %5$d)">%6$s</g></svg>',
            self::WIDTH, self::HEIGHT, self::blurs($drawing), self::NEUTRAL, self::MARGIN, self::drawing($drawing, 'plate'),
        );
    }

    private static function drawing(Drawing $drawing, string $clip): string
    {
        $marks = "<clipPath id=\"{$clip}\"><path d=\"{$drawing->outline}\"/></clipPath>";
        foreach (self::runs($drawing->marks) as $run) {
            $together = implode('', array_map(self::mark(...), $run));
            $soft = $run[0]->blur > 0 ? sprintf('<g filter="url(#%s)">%s</g>', self::blurId($run[0]), $together) : $together;
            $marks .= $run[0]->outside ? $soft : "<g clip-path=\"url(#{$clip})\">{$soft}</g>";
        }

        return $marks;
    }

    /**
     * Marks that follow each other and are as soft: blurred together, for a blur costs more than all that it blurs.
     *
     * @param  list<Mark>  $marks
     * @return list<non-empty-list<Mark>>
     */
    private static function runs(array $marks): array
    {
        $runs = [];
        $run = [];
        foreach ($marks as $mark) {
            if ($run !== [] && ($run[0]->outside !== $mark->outside || self::blurId($run[0]) !== self::blurId($mark))) {
                $runs[] = $run;
                $run = [];
            }
            $run[] = $mark;
        }
        if ($run !== []) {
            $runs[] = $run;
        }

        return $runs;
    }

    private static function mark(Mark $mark): string
    {
        return sprintf(
            '<path d="%s" fill="%s" stroke="%s" stroke-width="%s" stroke-linecap="round" stroke-linejoin="round" opacity="%s"/>',
            $mark->d, $mark->fill ?? 'none', $mark->stroke ?? 'none', $mark->width, round($mark->opacity, 3),
        );
    }

    private static function blurs(Drawing $drawing): string
    {
        $blurs = [];
        foreach ($drawing->marks as $mark) {
            $blurs[self::blurId($mark)] = sprintf(
                '<filter id="%s" filterUnits="userSpaceOnUse" x="-10" y="-10" width="140" height="92"><feGaussianBlur stdDeviation="%s"/></filter>',
                self::blurId($mark), max(0.1, round($mark->blur, 1)),
            );
        }

        return implode('', $blurs);
    }

    private static function blurId(Mark $mark): string
    {
        return 'blur'.(int) round($mark->blur * 10);
    }
}
