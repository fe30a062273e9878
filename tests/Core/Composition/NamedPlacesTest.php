<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\NamedPlaces;
use Core\Composition\TypeArea;
use Core\Standard\Area;
use Core\Standard\Extent;
use Core\Standard\Side;
use Core\Standard\TechniqueUse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where on an area a use goes: by the names of the standard, of the figure, or of both. Common practice, no source. */
final class NamedPlacesTest extends TestCase
{
    /** @return iterable<string, array{list<string>, list<string>|null, Extent, list<string>, list<string>, bool}> of the figure, of the standard, its extent; names, not named, whether they are the figure's own */
    public static function places(): iterable
    {
        $face = ['brow', 'nose', 'cheek', 'chin'];

        yield 'nobody has said any' => [[], null, Extent::Every, [], [], false];
        yield 'the standard alone, of a figure of which nobody has said any' => [[], ['brow', 'ears'], Extent::Every, ['brow', 'ears'], [], false];
        yield 'those of both, as the figure calls them and in the order of the standard' => [$face, ['Cheeks', 'brow'], Extent::Focal, ['cheek', 'brow'], [], false];
        yield 'one that the figure has not' => [$face, ['brow', 'ears'], Extent::Every, ['brow'], ['ears'], false];
        yield 'none that the figure has' => [$face, ['ears'], Extent::Every, [], ['ears'], false];
        yield 'in the plural on the figure' => [['lips', 'cross'], ['lip', 'cross'], Extent::Every, ['lips', 'cross'], [], false];
        yield 'a name that ends so is no plural' => [['cros'], ['cross'], Extent::Every, [], ['cross'], false];
        yield 'focal places without a name are those of the figure' => [$face, null, Extent::Focal, $face, [], true];
        yield 'an empty list says none' => [$face, [], Extent::Focal, $face, [], true];
        yield 'focal places of a figure of which nobody has said any' => [[], null, Extent::Focal, [], [], false];
        yield 'upper parts are no names' => [$face, null, Extent::Upper, [], [], false];
        yield 'a few spots are anywhere' => [$face, null, Extent::Spot, [], [], false];
        yield 'the same place by two names of the standard' => [$face, ['cheek', 'cheeks'], Extent::Every, ['cheek'], [], false];
    }

    /**
     * @param  list<string>  $ofFigure
     * @param  list<string>|null  $ofStandard
     * @param  list<string>  $names
     * @param  list<string>  $notNamed
     */
    #[DataProvider('places')]
    public function test_a_use_goes_to(array $ofFigure, ?array $ofStandard, Extent $extent, array $names, array $notNamed, bool $own): void
    {
        $area = new TypeArea(new Area('face', 'face', 0.1), '', 1, true, [Side::Front], [], null, $ofFigure);
        $found = NamedPlaces::of($area, new TechniqueUse('light', ['layer'], extent: $extent, places: $ofStandard));

        self::assertSame([$names, $notNamed, $own], [$found->names, $found->notNamed, $found->ofFigure]);
    }

    public function test_an_area_keeps_its_places_whatever_else_is_said_of_it(): void
    {
        $area = new TypeArea(new Area('face', 'face', 0.1), '', 1, true, [Side::Front], ['hood', 'coat'], 'hood', ['brow']);

        self::assertSame([['brow'], ['brow'], ['brow']], [$area->within('head')->places, $area->beside(['coat'])->places, $area->of('skin')->places]);
    }
}
