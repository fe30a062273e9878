<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\FigureMixes;
use App\Actions\Composing\Agreed;
use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\PaintedHere;
use App\Actions\Composing\StoredFigure;
use App\Models\Unit;
use Core\Colour\Srgb;
use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Scheme\Paint;
use Core\Scheme\PaintKind;
use Core\Scheme\Recipe;
use Core\Scheme\SchemeRules;
use Core\Standard\Area;
use Core\Standard\Opacity;
use Core\Standard\Side;
use Core\Standard\Standard;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a figure is seen in, in the mixes of its job alone: a coat, a hat, and a wash over all but the hat. */
final class FigureMixesTest extends TestCase
{
    public function test_a_mix_of_the_job_is_seen_as_it_is_where_nothing_goes_over_it(): void
    {
        self::assertSame('#c0c0c0', self::mixes(['coat' => 'base'])->colour('coat'));
        self::assertNull(self::mixes([])->colour('coat'), 'of which nothing is known');
    }

    /** The wash is the job's own too. */
    #[TestWith(['coat', true])]
    #[TestWith(['hat', false], 'which is kept free of it')]
    public function test_a_mix_of_the_job_is_seen_through_its_wash_over_the_whole_figure(string $area, bool $dulled): void
    {
        $seen = Srgb::fromHex((string) self::mixes([$area => 'base', 'figure' => 'grime'])->colour($area));

        self::assertSame($dulled, $seen->lightness() < Srgb::fromHex('#c0c0c0')->lightness());
    }

    public function test_a_whole_figure_wash_of_another_type_is_not_seen(): void
    {
        self::assertSame('#c0c0c0', self::mixes(['coat' => 'base', 'figure' => 'grime'], of: 8)->colour('coat'));
    }

    /**
     * @param  array<string, string>  $ofJob use that the job has a mix for, by area
     * @param  int  $of type that the wash is mixed for; the figure is of type 7
     */
    private static function mixes(array $ofJob, int $of = 7): FigureMixes
    {
        $standard = self::standard();
        $areas = [new Area('figure', 'whole', 1.0), new Area('coat', 'cloth', 0.6), new Area('hat', 'felt', 0.4)];
        $figure = new Figure('plain', 1.0, $areas);
        $type = new FigureType('Guard', SizeClass::Foot, array_map(static fn (Area $area): TypeArea => new TypeArea($area, 'figure', 1, false, [Side::Front]), $areas));
        $unit = new Unit;
        $unit->forceFill(['figure_type_id' => 7, 'scheme_id' => null]);
        $composed = new ComposedFigure($unit, new StoredFigure(1, 1, 1), PaintedHere::all($figure, (new Composer($standard))->compose($figure)), $type, 'guard', new Agreed);
        $own = [];
        foreach ($ofJob as $area => $use) {
            $paint = new Paint($use, PaintKind::Base, Srgb::fromHex($use === 'base' ? '#c0c0c0' : '#101010'), Opacity::Opaque);
            $own[FigureMixes::key($use === 'grime' ? $of : 7, null, $area, $use, 1)] = ['recipe' => Recipe::of($paint), 'version' => 1];
        }

        return new FigureMixes($composed, $standard, $own, null, new SchemeRules);
    }

    private static function standard(): Standard
    {
        return StandardReader::ofSound()->read([
            'format' => 'ordotype-standard/1', 'name' => 'Small', 'version' => '1',
            'surfaces' => [['id' => 'whole', 'name' => 'Whole'], ['id' => 'cloth', 'name' => 'Cloth'], ['id' => 'felt', 'name' => 'Felt']],
            'techniques' => [
                ['id' => 'base', 'name' => 'Base', 'group' => 'lay-in', 'opacity' => 'opaque'],
                ['id' => 'wash', 'name' => 'Wash', 'group' => 'shade', 'opacity' => 'transparent'],
            ],
            'tiers' => [[
                'id' => 'plain', 'name' => 'Plain', 'rank' => 1, 'distance_mm' => 700, 'sides' => ['front'], 'look_minutes' => 3, 'limits' => ['critical' => 0, 'major' => 0, 'minor' => 0],
                'colour_tolerance' => 5, 'budget_minutes' => 60, 'by_agreement' => false, 'retired' => false,
            ]],
            'requirements' => [
                ['tier' => 'plain', 'surface' => 'whole', 'uses' => [['id' => 'grime', 'technique' => 'wash', 'stage' => 'shade', 'except' => ['felt']]]],
                ['tier' => 'plain', 'surface' => 'cloth', 'uses' => [['technique' => 'base']]],
                ['tier' => 'plain', 'surface' => 'felt', 'uses' => [['technique' => 'base']]],
            ],
        ]);
    }
}
