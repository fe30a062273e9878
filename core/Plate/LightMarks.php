<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Standard\Extent;
use Core\Standard\LiesOn;
use Core\Standard\TechniqueGroup;

/** Lights and lines: each finer than the one before, which stays visible beside it. */
final readonly class LightMarks
{
    /** @return list<Mark> a glaze or a layer along the crests, or over everything */
    public static function smooth(Touch $touch, Sculpt $sculpt, string $colour): array
    {
        $share = Coverage::share($touch->technique, Zone::HighFace, $touch->use->coats);
        // A gradient is drawn out, whatever covers in it.
        $soft = $touch->technique->group === TechniqueGroup::Detail ? 1.0 : ZoneState::softnessOf($touch->technique->opacity);
        if ($touch->technique->liesOn === LiesOn::All) {
            return ($touch->use->places ?? []) === [] ? [Mark::filled($sculpt->outline, $colour, 0.6 * $share)] : self::tinted($touch, $sculpt, $colour, 0.9 * $share);
        }
        $narrower = 0.62 ** $touch->step;
        $marks = [];
        foreach ($sculpt->crests as $crest) {
            if ($crest->isReachedBy($touch->use->extent)) {
                $marks[] = Mark::line($crest->d, $colour, round($crest->width * (0.9 - 0.15 * $soft) * $narrower, 2), min(1, 0.25 + 0.75 * $share), 0.7 + 1.3 * $soft);
            }
        }

        return $marks;
    }

    /** @return list<Mark> a tint on the places that are named, of which a sculpt has one for each point of light */
    private static function tinted(Touch $touch, Sculpt $sculpt, string $colour, float $opacity): array
    {
        $d = '';
        foreach (array_slice($sculpt->points, 0, max(1, count($touch->use->places ?? []))) as [$x, $y]) {
            $d .= Mark::dot($x, $y, 5.0 * 0.8 ** $touch->step);
        }

        return [Mark::filled($d, $colour, $opacity, 2.0)];
    }

    /** @return list<Mark> an edge line, or dark lining where the paint lies in recesses */
    public static function lines(Touch $touch, Sculpt $sculpt, string $colour): array
    {
        $inRecess = $touch->technique->liesOn === LiesOn::Recess || $touch->technique->group === TechniqueGroup::Shade;
        $width = ($inRecess ? 1.1 : 2.3) * 0.55 ** $touch->step;
        $marks = [];
        foreach ($inRecess ? $sculpt->grooves : $sculpt->edges as $line) {
            if ($line->isReachedBy($touch->use->extent)) {
                $marks[] = Mark::line($line->d, $colour, round($width, 2));
            }
        }

        return $marks;
    }

    /** @return list<Mark> dots, dense where light falls */
    public static function dots(Touch $touch, Sculpt $sculpt, string $colour): array
    {
        [$x, $y, $width, $height] = $sculpt->field;
        $field = [$x - 0.2 * $width, $y - 0.3 * $height, 1.4 * $width, 1.5 * $height];
        $d = '';
        foreach (Scatter::over($field, 90, 1 + 90 * $touch->step) as [$atX, $atY, $chance]) {
            $lit = 1 - ($atY - $field[1]) / $field[3];
            if ($chance < 0.25 + 0.75 * $lit) {
                $d .= Mark::dot($atX, $atY, 0.45 + 0.35 * $chance);
            }
        }

        return [Mark::filled($d, $colour, 0.9)];
    }

    /** @return list<Mark> drybrush: broken strokes that catch on edges and crests */
    public static function brushed(Touch $touch, Sculpt $sculpt, string $colour): array
    {
        $marks = [];
        foreach ([...$sculpt->edges, ...$sculpt->crests] as $i => $line) {
            if ($line->isReachedBy($touch->use->extent)) {
                $marks[] = Mark::line($line->d, $colour, $i < count($sculpt->edges) ? 2.6 : $line->width * 0.5, 0.34, 1.0);
            }
        }
        $d = '';
        foreach (Scatter::over([8, 8, 104, 56], 130, 1 + 130 * $touch->step) as [$x, $y, $chance]) {
            $d .= sprintf('M%.1f %.1fl%.1f %.1f', $x, $y, 1.4 + 2.4 * $chance, 0.8 - $chance);
        }

        return [...$marks, Mark::line($d, $colour, 0.45, 0.42)];
    }

    /** @return list<Mark> points of light, smaller with each step */
    public static function spots(Touch $touch, Sculpt $sculpt, string $colour): array
    {
        $number = max(1, (int) ceil(count($sculpt->points) * match ($touch->use->extent) {
            Extent::Spot => 0.2,
            Extent::Focal => 0.4,
            Extent::Upper => 0.7,
            Extent::Every => 1.0,
        }));
        $d = '';
        foreach (array_slice($sculpt->points, 0, $number) as [$x, $y]) {
            $d .= Mark::dot($x, $y, 1.9 * 0.7 ** $touch->step);
        }

        return [Mark::filled($d, $colour)];
    }
}
