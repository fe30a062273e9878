<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Standard\Extent;

/** What is put on the base: paste and tufts. */
final readonly class BaseMarks
{
    /** @return list<Mark> */
    public static function grain(Touch $touch, Sculpt $sculpt, Palette $palette): array
    {
        $dark = $light = '';
        foreach (Scatter::over([10, 14, 100, 44], 150, 1 + 150 * $touch->step + strlen($touch->technique->id)) as [$x, $y, $chance]) {
            $dark .= Mark::dot($x, $y + 0.5, 0.6 + 0.7 * $chance);
            $light .= Mark::dot($x, $y, 0.5 + 0.6 * $chance);
        }
        $even = [];
        for ($coat = 0; $coat < $touch->use->coats; $coat++) {
            $even[] = Mark::filled($sculpt->outline, $palette->base->hex(), 0.55);
        }

        return [...$even, Mark::filled($dark, '#000000', 0.35), Mark::filled($light, $palette->base->hex(), 0.95)];
    }

    /** @return list<Mark> blades of grass that stand over the outline */
    public static function tufts(Touch $touch, Sculpt $sculpt, Palette $palette): array
    {
        $number = min(count($sculpt->points), match ($touch->use->extent) {
            Extent::Spot => 1,
            Extent::Focal => 2,
            Extent::Upper => 3,
            Extent::Every => 4,
        });
        $back = $front = '';
        foreach (array_slice($sculpt->points, 0, $number) as $i => [$x, $y]) {
            foreach (Scatter::over([-5, 0, 10, 1], 14, 1 + 14 * $i) as $blade => [$lean, , $chance]) {
                $stroke = sprintf('M%.1f %.1fq%.1f -%.1f %.1f -%.1f', $x + $lean * 0.4, $y + 4, $lean * 0.2, 4 + 3 * $chance, $lean, 8 + 5 * $chance);
                $blade % 2 === 0 ? $back .= $stroke : $front .= $stroke;
            }
        }

        return [Mark::line($back, $palette->shade->hex(), 0.9, outside: true), Mark::line($front, ($palette->lights[0] ?? $palette->detail)->hex(), 0.7, outside: true)];
    }
}
