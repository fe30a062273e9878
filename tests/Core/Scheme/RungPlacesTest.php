<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Composition\ComposedUse;
use Core\Composition\Origin;
use Core\Scheme\AreaLadder;
use Core\Scheme\Rung;
use Core\Scheme\RungPlaces;
use Core\Scheme\RungRole;
use Core\Scheme\TierStep;
use Core\Standard\Area;
use Core\Standard\LiesOn;
use Core\Standard\TechniqueUse;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Paints;
use Tests\Core\Support\SmallStandard;

/** Where the rungs of a ladder lie by what a tier lays: a base, a shade and three lights. */
final class RungPlacesTest extends TestCase
{
    private const ROLES = [RungRole::Base, RungRole::Shade, RungRole::Light, RungRole::Light, RungRole::Light];

    /**
     * @param  list<array{string, int|null}>  $laid technique and rung of each step
     * @param  list<string|null>  $lie where each rung lies; null: nobody knows
     */
    #[DataProvider('laid')]
    public function test_where_they_lie(array $laid, array $lie): void
    {
        $standard = StandardReader::ofSound()->read(SmallStandard::with(['/techniques/-' => ['id' => 'line', 'name' => 'Line', 'group' => 'light', 'opacity' => 'opaque', 'lies_on' => 'edge']]));
        $area = new AreaLadder('coat', array_map(static fn (RungRole $role): Rung => new Rung($role, Paints::mix(['Wet Stone' => 1])), self::ROLES));
        $steps = array_map(static fn (array $one): TierStep => new TierStep(new ComposedUse(new Area('coat', 'cloth', 0.5), new TechniqueUse($one[0], [$one[0]]), $one[0], 0.0, Origin::Tier), 1, null, $one[1]), $laid);
        $places = RungPlaces::ofSteps($area, $steps, $standard);

        self::assertSame($lie, array_map(static fn (int $at): ?string => $places->at($at)?->value, array_keys(self::ROLES)));
    }

    /** @return iterable<string, array{list<array{string, int|null}>, list<string|null>}> */
    public static function laid(): iterable
    {
        yield 'each by its technique' => [[['base', 0], ['recess-wash', 1], ['layer', 2]], ['all', 'recess', 'face', null, null]];
        yield 'nothing' => [[], [null, null, null, null, null]];
        yield 'a step with a recipe of its own is no rung' => [[['buckle', null], ['base', 0]], ['all', null, null, null, null]];
        yield 'a line and then a layer in one tone: where it covers more' => [[['line', 2], ['layer', 2]], [null, null, 'face', null, null]];
        yield 'a layer and then a line in one tone: where it covers more' => [[['layer', 2], ['line', 2]], [null, null, 'face', null, null]];
        yield 'a base that is laid again as a layer stays on all' => [[['base', 0], ['layer', 0]], ['all', null, null, null, null]];
        yield 'nothing but lines: the lights that are left out are lines too' => [[['base', 0], ['line', 3]], ['all', null, 'edge', 'edge', 'edge']];
        yield 'a line beside a layer: those that are left out lie where nobody knows' => [[['line', 2], ['layer', 3]], [null, null, 'edge', 'face', null]];
        yield 'a shade in a line is no light' => [[['line', 1]], [null, 'edge', null, null, null]];
    }

    public function test_two_places_differ_where_both_are_known_and_neither_is_all(): void
    {
        $places = new RungPlaces([0 => LiesOn::All, 1 => LiesOn::Recess, 2 => LiesOn::Face, 3 => LiesOn::Face, 4 => LiesOn::Edge]);

        self::assertSame([true, false, false, false, false], [$places->differ(1, 2), $places->differ(2, 3), $places->differ(0, 1), $places->differ(1, 0), $places->differ(1, 9)]);
        self::assertSame([true, false, true, false, false, false], array_map($places->isOnFaces(...), [0, 1, 2, 4, 9, 10]));
        self::assertSame([false, false, true, false], array_map($places->isLine(...), [0, 2, 4, 9]));
    }
}
