<?php

declare(strict_types=1);

namespace Tests\Core\Plate;

use Core\Plate\Reach;
use Core\Plate\Zone;
use Core\Standard\Extent;
use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Which zones paint ends up on; common practice, no source. */
final class ReachTest extends TestCase
{
    /** @param  list<string>  $zones by extent: every, upper, focal, spot */
    #[TestWith([TechniqueGroup::LayIn, LiesOn::All, ['seam recess low-face face high-face low-edge edge point', 'face high-face edge point', 'face high-face edge', 'face']], 'what is laid on upper parts only leaves the recesses')]
    #[TestWith([TechniqueGroup::Shade, LiesOn::All, ['seam recess low-face face high-face low-edge edge point', 'recess face high-face edge point', 'recess face high-face edge', 'recess face']], 'what shades runs into them')]
    #[TestWith([TechniqueGroup::Shade, LiesOn::Recess, ['seam recess', 'seam recess', 'recess', 'recess']])]
    #[TestWith([TechniqueGroup::Light, LiesOn::Face, ['face high-face edge point', 'high-face edge point', 'high-face point', 'high-face']], 'a light runs over the edges of what is raised')]
    #[TestWith([TechniqueGroup::Detail, LiesOn::Face, ['face high-face', 'high-face', 'high-face', 'high-face']], 'nothing else does')]
    #[TestWith([TechniqueGroup::Light, LiesOn::Edge, ['low-edge edge point', 'edge point', 'edge', 'edge']])]
    #[TestWith([TechniqueGroup::Light, LiesOn::Point, ['point', 'point', 'point', 'point']])]
    public function test_a_technique_reaches_so_far(TechniqueGroup $group, LiesOn $on, array $zones): void
    {
        $technique = new Technique('t', 'T', $group, Opacity::Opaque, $on);
        $reached = static fn (Extent $extent): string => implode(' ', array_map(static fn (Zone $zone): string => $zone->value, Reach::of($technique, $extent)));

        self::assertSame($zones, array_map($reached, [Extent::Every, Extent::Upper, Extent::Focal, Extent::Spot]));
    }
}
