<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Standard\PlateShape;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\Texture;

/**
 * Draws a plate on a sculpt: first the body of even coats, shades and stains, zone by zone; then lights,
 * lines and textures in the order they were laid; finish and the last look at the end.
 */
final readonly class Draughtsman
{
    private const INK = '#000000';

    private const PAPER = '#ffffff';

    public function draw(Plate $plate, PlateShape $shape): Drawing
    {
        $sculpt = Sculpts::of($shape);
        $laidIn = self::isLaidIn($plate);
        $isBody = static fn (Touch $touch): bool => self::isBody($touch->technique, $laidIn);
        $marks = self::body($plate, $sculpt, array_values(array_filter($plate->touches, $isBody)));
        array_push($marks, ...$sculpt->features);
        foreach ($plate->touches as $touch) {
            if (! $isBody($touch)) {
                array_push($marks, ...TouchMarks::of($touch, $sculpt, $plate->palette));
            }
        }
        array_push($marks, ...self::contour($plate, $sculpt));

        return new Drawing($sculpt->outline, $marks);
    }

    /** A ground that is laid in is seen no more but through its paint. */
    private static function isLaidIn(Plate $plate): bool
    {
        return array_filter($plate->touches, static fn (Touch $touch): bool => $touch->technique->group === TechniqueGroup::LayIn) !== [];
    }

    /** Even paint of the lower layers is seen as the colour of zones; all else as marks of its own. */
    private static function isBody(Technique $technique, bool $laidIn): bool
    {
        if ($technique->group === TechniqueGroup::Ground && $laidIn) {
            return true;
        }

        return $technique->looks() === Texture::Smooth
            && in_array($technique->group, [TechniqueGroup::Ground, TechniqueGroup::LayIn, TechniqueGroup::Shade], true);
    }

    /**
     * @param  list<Touch>  $even
     * @return list<Mark>
     */
    private static function body(Plate $plate, Sculpt $sculpt, array $even): array
    {
        $zones = PlateMaker::zones($even, $plate->palette);
        [$seam, $recess, $low, $face, $high] = array_map(static fn (Zone $zone): ZoneState => self::state($zones, $zone), [Zone::Seam, Zone::Recess, Zone::LowFace, Zone::Face, Zone::HighFace]);
        $marks = [Mark::filled($sculpt->outline, self::INK, 0.45, 2.2, true), Mark::filled($sculpt->outline, $face->colour->hex(), outside: true)];
        foreach ($sculpt->low as $d) {
            $marks[] = Mark::filled($d, $low->colour->hex(), blur: 1 + $low->softness);
            $marks[] = Mark::filled($d, self::INK, 0.16, 1.6);
        }
        foreach ($sculpt->high as $d) {
            $marks[] = Mark::filled($d, $high->colour->hex(), blur: 1 + $high->softness);
            $marks[] = Mark::filled($d, self::PAPER, 0.09, 1.6);
        }
        // Light from above on the bare shape, so that it reads before any paint models it.
        foreach ([30, 25, 20, 15, 10] as $depth) {
            $marks[] = Mark::filled("M0 0H120V{$depth}H0Z", self::PAPER, 0.03);
            $marks[] = Mark::filled('M0 72H120V'.(72 - $depth).'H0Z', self::INK, 0.045);
        }
        foreach ($sculpt->grooves as $groove) {
            $soft = 0.5 + 1.1 * $recess->softness;
            $marks[] = Mark::line($groove->d, $recess->colour->hex(), $groove->width * (1 + 0.5 * $recess->softness), 0.9, $soft);
            $marks[] = Mark::line($groove->d, $seam->colour->hex(), $groove->width * 0.4, 1.0, 0.3);
            $marks[] = Mark::line($groove->d, self::INK, max(0.5, $groove->width * 0.16), 0.4);
        }

        return $marks;
    }

    /**
     * The outline is crisper for each use that cleans or tidies; the line of the casting goes with the first that prepares.
     *
     * @return list<Mark>
     */
    private static function contour(Plate $plate, Sculpt $sculpt): array
    {
        $cleaned = $prepared = 0;
        foreach ($plate->touches as $touch) {
            $prepared += $touch->technique->group === TechniqueGroup::Prepare ? 1 : 0;
            $cleaned += in_array($touch->technique->group, [TechniqueGroup::Prepare, TechniqueGroup::Tidy], true) ? 1 : 0;
        }
        // Where one part stands before another, its outline is a line within the figure.
        $width = substr_count($sculpt->outline, 'M') > 1 ? 0.45 : 0.8;
        $marks = [Mark::line($sculpt->outline, self::INK, $width, min(1, 0.35 + 0.15 * $cleaned), outside: true)];
        if ($prepared === 0 && $sculpt->mouldLine !== '') {
            $marks[] = Mark::line($sculpt->mouldLine, self::PAPER, 0.7, 0.4);
        }

        return $marks;
    }

    /** @param  list<ZoneState>  $zones each zone once */
    private static function state(array $zones, Zone $zone): ZoneState
    {
        return $zones[(int) array_search($zone, array_column($zones, 'zone'), true)];
    }
}
