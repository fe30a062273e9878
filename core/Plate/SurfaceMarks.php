<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Standard\Extent;
use Core\Standard\LiesOn;
use Core\Standard\Sheen;

/** What is put on a finished surface: pieces picked out, marks, letters, patterns, wear, shine. */
final readonly class SurfaceMarks
{
    /** @return list<Mark> counted things, each in its own colour, with the shadow that they sit in */
    public static function pieces(Touch $touch, Sculpt $sculpt, string $colour): array
    {
        $shadow = $pieces = '';
        $shrink = 0.18 * $touch->step;
        foreach ($sculpt->pieces as [$x, $y, $width, $height]) {
            $shadow .= self::piece($x + $width / 2, $y + $height / 2, $width / 2 + 0.8, $height / 2 + 0.8);
            $pieces .= self::piece($x + $width / 2, $y + $height / 2, $width / 2 * (1 - $shrink), $height / 2 * (1 - $shrink));
        }
        $inner = '';
        $isPoint = $touch->technique->liesOn === LiesOn::Point;
        foreach ($sculpt->pieces as [$x, $y, $width, $height]) {
            $inner .= Mark::dot($x + $width * ($isPoint ? 0.5 : 0.4), $y + $height * ($isPoint ? 0.5 : 0.34), min($width, $height) * (self::isAlmond($width, $height) ? 0.36 : 0.2));
        }
        // A pupil in what is dotted, a glint on what is raised.
        $within = $isPoint ? Mark::filled($inner, '#000000', 0.7) : Mark::filled($inner, '#ffffff', 0.5, 0.3);

        return [Mark::filled($shadow, '#000000', 0.55), Mark::filled($pieces, $colour), $within];
    }

    /** @return list<Mark> a mark with a border, its size as the plate's field */
    public static function mark(Touch $touch, Sculpt $sculpt, string $colour, string $ground): array
    {
        [$x, $y, $width, $height] = $sculpt->field;
        $radius = min($width, $height) / 2;
        [$cx, $cy] = [$x + $width / 2, $y + $height / 2];
        $lamp = sprintf('M%.1f %.1fl%.1f %.1fl%.1f %.1fl%.1f %.1fZ', $cx, $cy - 0.7 * $radius, 0.4 * $radius, 0.6 * $radius, -0.4 * $radius, 0.7 * $radius, -0.4 * $radius, -0.7 * $radius);
        $bars = sprintf('M%.1f %.1fh%.1fM%.1f %.1fh%.1f', $cx - 0.6 * $radius, $cy + 0.5 * $radius, 1.2 * $radius, $cx - 0.5 * $radius, $cy + 0.72 * $radius, $radius);

        return [
            Mark::filled(Mark::dot($cx, $cy, $radius), $colour),
            Mark::line(Mark::dot($cx, $cy, $radius * 0.84), $ground, 0.8),
            Mark::filled($lamp, $ground),
            ...($touch->technique->replaces === [] ? [] : [Mark::line($bars, $ground, 1.2)]),
        ];
    }

    /** @return list<Mark> lines of writing: what can be read is written in single letters */
    public static function letters(Touch $touch, Sculpt $sculpt, string $colour): array
    {
        [$x, $y, $width, $height] = $sculpt->field;
        $legible = $touch->technique->replaces !== [];
        $d = '';
        foreach ([0.25, 0.62] as $line => $at) {
            $base = $y + $height * $at;
            $from = $x + 2 + 4 * $line;
            $to = $x + $width - 2 - 8 * $line;
            for ($cx = $from, $i = 0; $cx < $to; $cx += $legible ? 4.2 : 2.6, $i++) {
                $d .= $legible ? self::letter($cx, $base, ($i + 3 * $line) % 5) : sprintf('M%.1f %.1fq.7 -2.4 1.3 0t1.1 0', $cx, $base);
            }
        }

        return [Mark::line($d, $colour, $legible ? 0.9 : 0.7)];
    }

    /** @return list<Mark> a pattern or texture painted on, wider with its extent */
    public static function pattern(Touch $touch, Sculpt $sculpt, string $colour): array
    {
        [$x, $y, $width, $height] = $sculpt->field;
        $share = match ($touch->use->extent) {
            Extent::Spot => 0.35,
            Extent::Focal => 0.6,
            Extent::Upper => 0.8,
            Extent::Every => 1.0,
        };
        $d = '';
        $first = 1 + 40 * $touch->step + 11 * strlen($touch->technique->id);
        if ($sculpt->bare !== null) {
            return self::stubble($sculpt->field, $sculpt->bare, $share, $first, $colour);
        }
        // Hatched both ways, as a weave or a grain is painted.
        foreach (Scatter::over([$x, $y, $width * $share, $height], (int) (150 * $share), $first) as $i => [$atX, $atY, $chance]) {
            $d .= sprintf('M%.1f %.1fl%.1f %.1f', $atX, $atY, 1.2 + 1.2 * $chance, $i % 2 === 0 ? 1.2 : -1.2);
        }

        return [Mark::line($d, $colour, 0.35, 0.6)];
    }

    /**
     * Short hair that grows away from the mouth, each too fine to be counted.
     *
     * @param  array{float, float, float, float}  $field
     * @param  array{float, float, float, float}  $bare
     * @return list<Mark>
     */
    private static function stubble(array $field, array $bare, float $share, int $first, string $colour): array
    {
        [$x, $y, $width, $height] = $field;
        [$cx, $cy, $rx, $ry] = $bare;
        $near = $far = '';
        foreach (Scatter::over([$x, $y, $width, $height], (int) (420 * $share), $first) as [$atX, $atY, $chance]) {
            $away = [($atX - $cx) / ($width / 2), ($atY - $cy) / ($height * 0.62)];
            $reach = hypot(...$away);
            // None on the lips, none on the cheeks, thinner toward them.
            if ((($atX - $cx) / $rx) ** 2 + (($atY - $cy) / $ry) ** 2 < 1 || $reach > 1 || $chance < $reach - 0.35) {
                continue;
            }
            $stroke = sprintf('M%.1f %.1fl%.2f %.2f', $atX, $atY, 0.9 * $away[0], 0.5 + 0.6 * $chance);
            $chance > 0.5 ? $near .= $stroke : $far .= $stroke;
        }

        return [Mark::line($far, $colour, 0.3, 0.5), Mark::line($near, '#000000', 0.3, 0.3)];
    }

    /** @return list<Mark> wear that runs down from where water would */
    public static function streaks(Touch $touch, Sculpt $sculpt, string $colour): array
    {
        $d = '';
        foreach (Scatter::over([12, 10, 96, 34], 16, 1 + 16 * $touch->step + strlen($touch->technique->id)) as [$x, $y, $chance]) {
            $d .= sprintf('M%.1f %.1fv%.1f', $x, $y, 8 + 16 * $chance);
        }

        return [Mark::line($d, $colour, 1.5, 0.3, 0.5), Mark::line($d, $colour, 0.5, 0.35)];
    }

    /** @return list<Mark> chips along the edges */
    public static function speckle(Touch $touch, Sculpt $sculpt, string $colour): array
    {
        $chips = '';
        foreach ($sculpt->points as $i => [$x, $y]) {
            foreach (Scatter::over([$x - 7, $y - 2, 14, 6], 5, 1 + 5 * $i + 40 * $touch->step) as [$atX, $atY, $chance]) {
                $chips .= sprintf('M%.1f %.1fl%.1f %.1fl%.1f %.1fZ', $atX, $atY, 1 + 1.6 * $chance, 0.5, -0.6, 0.7 + $chance);
            }
        }

        return [Mark::filled($chips, '#000000', 0.5), Mark::filled($chips, $colour, 0.9)];
    }

    /** @return list<Mark> */
    public static function sheen(Touch $touch, Sculpt $sculpt): array
    {
        $glint = '';
        foreach (array_slice($sculpt->points, 0, 2) as [$x, $y]) {
            $glint .= sprintf('M%.1f %.1fq6 -1 10 4', $x - 12, $y + 6);
        }

        return match ($touch->technique->sheen) {
            Sheen::Gloss => [Mark::line($glint, '#ffffff', 2.2, 0.85, 0.3), Mark::filled($sculpt->outline, '#ffffff', 0.03)],
            Sheen::Satin => [Mark::line($glint, '#ffffff', 4.0, 0.22, 1.6)],
            default => [Mark::filled($sculpt->outline, '#ffffff', 0.035)],
        };
    }

    /** What is much wider than high is an eye. */
    private static function isAlmond(float $width, float $height): bool
    {
        return $width > 1.6 * $height;
    }

    private static function piece(float $cx, float $cy, float $rx, float $ry): string
    {
        return self::isAlmond($rx, $ry)
            ? sprintf('M%.1f %.1fQ%.1f %.1f %.1f %.1fQ%.1f %.1f %.1f %.1fZ', $cx - $rx, $cy, $cx, $cy - 2 * $ry, $cx + $rx, $cy, $cx, $cy + 1.7 * $ry, $cx - $rx, $cy)
            : self::oval($cx, $cy, $rx, $ry);
    }

    private static function oval(float $cx, float $cy, float $rx, float $ry): string
    {
        return sprintf('M%.1f %.1fa%.1f %.1f 0 1 0 %.1f 0a%.1f %.1f 0 1 0 -%.1f 0Z', $cx - $rx, $cy, $rx, $ry, 2 * $rx, $rx, $ry, 2 * $rx);
    }

    private static function letter(float $x, float $base, int $form): string
    {
        return sprintf('M%.1f %.1f', $x, $base).match ($form) {
            0 => 'v-4h2.2M'.sprintf('%.1f %.1fh1.8', $x, $base - 2),
            1 => 'v-4l2.4 4v-4',
            2 => 'l1.2 -4l1.2 4M'.sprintf('%.1f %.1fh1.6', $x + 0.4, $base - 1.4),
            3 => 'h2v-2h-2v-2h2',
            default => 'v-4q2.6 .2 2.4 2t-2.4 2',
        };
    }
}
