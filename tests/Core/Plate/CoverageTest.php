<?php

declare(strict_types=1);

namespace Tests\Core\Plate;

use Core\Plate\Coverage;
use Core\Plate\Zone;
use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Shares from memory, common practice, no source: where paint gathers and where it wears thin. */
final class CoverageTest extends TestCase
{
    /** @param  list<float>  $shares from the seam up: seam, recess, low face, face, high face, low edge, edge, point */
    #[TestWith([TechniqueGroup::LayIn, Opacity::Opaque, LiesOn::All, [1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0]], 'what covers')]
    #[TestWith([TechniqueGroup::Shade, Opacity::Transparent, LiesOn::All, [0.85, 0.75, 0.33, 0.22, 0.154, 0.22, 0.154, 0.154]], 'a wash runs into the recesses and leaves what is raised')]
    #[TestWith([TechniqueGroup::LayIn, Opacity::Transparent, LiesOn::All, [0.85, 0.75, 0.9, 0.6, 0.42, 0.6, 0.42, 0.42]], 'a stain does so too, and colours the faces')]
    #[TestWith([TechniqueGroup::Shade, Opacity::Transparent, LiesOn::Recess, [0.6, 0.6, 0.6, 0.6, 0.6, 0.6, 0.6, 0.6]], 'a shade that is put where it belongs')]
    #[TestWith([TechniqueGroup::LayIn, Opacity::Transparent, LiesOn::Face, [0.6, 0.6, 0.6, 0.6, 0.6, 0.6, 0.6, 0.6]], 'a stain on faces only')]
    #[TestWith([TechniqueGroup::Detail, Opacity::Transparent, LiesOn::All, [0.35, 0.35, 0.35, 0.35, 0.35, 0.35, 0.35, 0.35]], 'a tint runs nowhere')]
    #[TestWith([TechniqueGroup::Light, Opacity::Transparent, LiesOn::All, [0.35, 0.35, 0.35, 0.35, 0.35, 0.35, 0.35, 0.35]], 'a glaze of light over all')]
    #[TestWith([TechniqueGroup::Light, Opacity::Transparent, LiesOn::Edge, [0.35, 0.35, 0.35, 0.175, 0.28, 0.28, 0.35, 0.35]], 'one on edges')]
    #[TestWith([TechniqueGroup::Light, Opacity::Semi, LiesOn::Face, [0.7, 0.7, 0.7, 0.35, 0.56, 0.56, 0.7, 0.7]], 'a light is strongest where most light falls')]
    #[TestWith([TechniqueGroup::Light, Opacity::Semi, LiesOn::All, [0.7, 0.7, 0.7, 0.7, 0.7, 0.7, 0.7, 0.7]], 'over all it is laid alike')]
    #[TestWith([TechniqueGroup::LayIn, Opacity::Semi, LiesOn::Face, [0.7, 0.7, 0.7, 0.7, 0.7, 0.7, 0.7, 0.7]], 'what is no light has no strongest place')]
    public function test_one_pass_hides_so_much_of_each_zone(TechniqueGroup $group, Opacity $opacity, LiesOn $on, array $shares): void
    {
        $technique = new Technique('t', 'T', $group, $opacity, $on);
        $found = array_map(static fn (Zone $zone): float => round(Coverage::share($technique, $zone, 1), 4), Zone::cases());

        self::assertSame($shares, $found);
    }

    /** Each coat hides its share of what the ones before left. */
    public function test_more_coats_hide_more_and_never_more_than_all(): void
    {
        $wash = new Technique('t', 'T', TechniqueGroup::LayIn, Opacity::Semi);

        self::assertSame([0.7, 0.91, 0.973], array_map(static fn (int $coats): float => round(Coverage::share($wash, Zone::Face, $coats), 4), [1, 2, 3]));
    }
}
