<?php

declare(strict_types=1);

namespace Tests\Core\Plate;

use Core\Colour\Srgb;
use Core\Plate\Mark;
use Core\Plate\Palette;
use Core\Plate\Zone;
use Core\Plate\ZoneState;
use Core\Standard\Opacity;
use Core\Standard\TechniqueGroup;
use Core\Standard\Texture;
use PHPUnit\Framework\TestCase;

/** A zone while it is painted, and the colours it is painted in. */
final class ZoneStateTest extends TestCase
{
    public function test_each_paint_hides_its_share_of_what_is_still_bare(): void
    {
        $paint = Srgb::fromHex('#808080');
        $once = (new ZoneState(Zone::Face, Srgb::fromHex('#242424')))->painted($paint, 0.5, 'wash', Opacity::Transparent, Texture::Smooth);
        $twice = $once->painted($paint, 0.7, 'layer', Opacity::Semi, Texture::Smooth)->touched('look')->touched('wash');

        self::assertSame([0.5, 1.0, ['wash']], [$once->cover, $once->softness, $once->uses]);
        self::assertEqualsWithDelta(0.85, $twice->cover, 1e-9);
        self::assertSame([0.5, ['wash', 'layer', 'look'], '#808080'], [$twice->softness, $twice->uses, $twice->colour->hex()]);
        self::assertSame([0.0, 0.5, 1.0], array_map(ZoneState::softnessOf(...), [Opacity::Opaque, Opacity::Semi, Opacity::Transparent]));
    }

    public function test_greys_show_what_is_done_without_a_scheme(): void
    {
        $greys = Palette::neutral('zenithal');
        $hex = static fn (TechniqueGroup $group, int $before): ?string => $greys->colour($group, $before)?->hex();

        self::assertSame(['#242424', '#cfcfcf', '#cfcfcf'], array_map(static fn (int $before): ?string => $hex(TechniqueGroup::Ground, $before), [0, 1, 2]), 'the last again when they run out');
        self::assertSame(['#8a8a8a', '#b2b2b2', '#d6d6d6', '#f2f2f2', '#f2f2f2'], array_map(static fn (int $before): ?string => $hex(TechniqueGroup::Light, $before), [0, 1, 2, 3, 4]));
        self::assertSame(['#686868', '#303030', '#e9e9e9', null], array_map(static fn (TechniqueGroup $group): ?string => $hex($group, 0), [TechniqueGroup::LayIn, TechniqueGroup::Shade, TechniqueGroup::Detail, TechniqueGroup::Prepare]));
    }

    /** SVG 2, 9.3: a circle as two half arcs, from its left to its right and back. */
    public function test_a_dot_is_a_circle(): void
    {
        self::assertSame('M8.0 20.0a2.00 2.00 0 1 0 4.00 0a2.00 2.00 0 1 0 -4.00 0Z', Mark::dot(10, 20, 2));
    }

    public function test_a_mark_is_written_as_fine_as_it_is_seen_and_read_again(): void
    {
        $drawn = Mark::filled('M0 0', '#242424', 0.12345, 0.26)->toArray();

        self::assertSame([0.123, 0.3, 0.0, null, false], [$drawn['opacity'], $drawn['blur'], $drawn['width'], $drawn['stroke'], $drawn['outside']]);
        self::assertEquals($drawn, Mark::of($drawn)->toArray());
        $line = Mark::line('M0 0', '#242424', 1.5, 0.45678)->toArray();
        self::assertSame([0.457, '#242424', null, 1.5], [$line['opacity'], $line['stroke'], $line['fill'], $line['width']]);
    }
}
