<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\LadderRules;
use Core\Colour\Srgb;
use Core\Composition\ComposedUse;
use Core\Composition\FigureType;
use Core\Composition\Origin;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Scheme\AreaLadder;
use Core\Scheme\Ground;
use Core\Scheme\HuesAreFew;
use Core\Scheme\LadderReading;
use Core\Scheme\MetalsVary;
use Core\Scheme\OverAllPaint;
use Core\Scheme\Paint;
use Core\Scheme\PaintedFigure;
use Core\Scheme\PaintKind;
use Core\Scheme\Recipe;
use Core\Scheme\Rung;
use Core\Scheme\RungRole;
use Core\Scheme\SchemeFinding;
use Core\Scheme\TierLadder;
use Core\School\SchoolQuestion;
use Core\Standard\Area;
use Core\Standard\Opacity;
use Core\Standard\OverAll;
use Core\Standard\Side;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Paints;

/** Rules of a whole figure at, under and over their bounds, and what they say. Invented. */
final class HoldingRulesTest extends TestCase
{
    /** Bright Chain has L* 75.6 or so: told in whole numbers. */
    public function test_bright_metal_in_one_tone_is_told_with_its_paint_and_its_lightness(): void
    {
        $figure = self::figure(['blade' => ['metal', 0.08, ['Bright Chain']]]);
        $lightness = $figure->tone('blade')?->lightness() ?? 0.0;
        $findings = static fn (float $from, PaintedFigure $of): array => array_map(static fn (SchemeFinding $one): array => $one->arguments, [...(new MetalsVary($from))->findings($of)]);

        self::assertSame([['recipe' => 'Bright Chain', 'lightness' => round($lightness), 'from' => 60.0]], $findings(60.0, $figure));
        self::assertCount(1, $findings($lightness, $figure), 'at the bound');
        self::assertSame([], $findings($lightness + 1e-9, $figure));
        self::assertSame([], $findings(60.0, self::figure(['blade' => ['metal', 0.0799, ['Bright Chain']]])), 'a glint');
        self::assertSame([], $findings(60.0, self::figure(['blade' => ['metal', 0.5, ['Bright Chain', 'New Brass']]])), 'a light');
        self::assertSame([], $findings(60.0, self::figure(['blade' => ['metal', 0.5, ['Gull White']]])), 'no metal');
    }

    #[TestWith(['#c8c8c8'])]
    #[TestWith(['#b9b9b9'])]
    #[TestWith(['#bbbbbb'])]
    public function test_lightness_is_rounded_to_the_nearest(string $hex): void
    {
        $figure = self::figureOf(['blade' => ['metal', 0.5, [new Rung(RungRole::Base, Recipe::of(new Paint('Tin', PaintKind::Metal, Srgb::fromHex($hex), Opacity::Opaque)))]]]);

        self::assertSame(round(Srgb::fromHex($hex)->lightness()), [...(new MetalsVary(10))->findings($figure)][0]->arguments['lightness'] ?? null);
    }

    public function test_hues_are_counted_each_once_and_told_with_how_many_there_may_be(): void
    {
        $figure = self::figure([
            '1' => ['cloth', 0.2, ['Old Brass']], '2' => ['cloth', 0.2, ['Rust Buoy']], '3' => ['cloth', 0.2, ['Signal Red']], '4' => ['cloth', 0.2, ['Weir Blue']],
            '5' => ['cloth', 0.2, ['Wet Stone', 'Weir Blue', 'Signal Red', 'Ember Glow']],
        ]);
        $told = static fn (float $ofArea, float $ofFigure): array => array_map(static fn (SchemeFinding $one): array => [$one->area, ...$one->arguments], [...(new HuesAreFew($ofArea, $ofFigure))->findings($figure)]);
        $hues = $told(9, 0)[0] ?? [];
        self::assertArrayHasKey('hues', $hues);

        self::assertSame(count(array_unique(explode(', ', (string) $hues['hues']))), $hues['many'], 'two reds are one hue');
        self::assertSame(0.0, $hues['most']);
        self::assertSame([], $told(9, (float) $hues['many']), 'as many as it may have');
        self::assertContains('5', array_column($told(0, 9), 0), 'an area after one of metal is looked at, and one named by a number too');
    }

    public function test_what_is_not_laid_or_not_known_is_no_part_of_a_figure(): void
    {
        $figure = self::figure(['coat' => ['cloth', 0.3, ['Weir Blue']], 'hat' => ['felt', 0.5, ['Gull White']], 'sole' => ['cloth', 0.2, ['Rust Buoy']]], back: ['sole'], without: ['hat']);

        self::assertNull($figure->tone('hat'));
        self::assertNull($figure->tone('nothing'));
        self::assertFalse($figure->isFocal('nothing'));
        self::assertFalse($figure->isFocal('hat'), 'of a quiet surface');
        self::assertTrue($figure->isFocal('coat'));
        self::assertEqualsWithDelta(0.8, $figure->seen(), 1e-9, 'the sole is not seen from the front, the figure as one is no part of itself');
        self::assertEqualsWithDelta(0.3 / 0.8, $figure->coloured(), 1e-9);
        self::assertSame(['sole'], array_map(static fn (TypeArea $area): string => $area->area->id, $figure->seenFrom(Side::Back)), 'a list of what has a tone');
        self::assertSame([0.0, 0.0], [self::figure([])->coloured(), self::figure([])->span()]);
    }

    public function test_a_school_is_that_of_the_surface_else_that_of_the_studio(): void
    {
        $figure = self::figure(['coat' => ['cloth', 0.3, ['Weir Blue']], 'hat' => ['felt', 0.5, ['Gull White']], 'net' => ['twine', 0.2, ['Rust Buoy']]]);

        self::assertSame('light', $figure->school('hat', SchoolQuestion::Ground), 'its own');
        self::assertSame('dark', $figure->school('coat', SchoolQuestion::Ground));
        self::assertSame('dark', $figure->school('net', SchoolQuestion::Ground), 'a surface that the standard has not');
        self::assertSame('dark', $figure->school('nothing', SchoolQuestion::Ground));
    }

    public function test_what_is_laid_over_all_changes_what_is_seen_of_a_tone_only_where_it_comes_after_it(): void
    {
        $standard = self::standard();
        $paint = OverAllPaint::of([self::over('wash'), self::over('dust')], [])->with('wash', 1, Srgb::fromHex('#101010'));
        $tone = Srgb::fromHex('#cccccc');
        $own = [new TechniqueUse('base', ['base']), new TechniqueUse('layer', ['layer'])];
        $among = $paint->among($own, 'cloth', $standard);

        self::assertSame(['base', 'whole/wash', 'layer'], array_values(array_filter(array_column($among, 'id'), static fn (string $id): bool => ! str_contains($id, 'dust'))), 'after the lay-in');
        self::assertLessThan($tone->lightness(), $paint->over($tone, $among, 'base', $standard)->lightness());
        self::assertSame($tone->hex(), $paint->over($tone, $among, 'layer', $standard)->hex(), 'the light lies on it');
        self::assertSame($tone->hex(), OverAllPaint::of([self::over('wash')], [])->over($tone, $among, 'base', $standard)->hex(), 'nobody said its colour');
        $both = $paint->with('wash', 2, Srgb::fromHex('#404040'))->colours;
        self::assertSame([1 => '#101010', 2 => '#404040'], array_map(static fn (Srgb $one): string => $one->hex(), self::byStep($both['whole/wash'] ?? [])));
    }

    /**
     * @param  array<int, Srgb>  $colours
     * @return array<int, Srgb>
     */
    private static function byStep(array $colours): array
    {
        ksort($colours);

        return $colours;
    }

    private static function over(string $technique): ComposedUse
    {
        return new ComposedUse(new Area('figure', 'whole', 1.0), new TechniqueUse($technique, [$technique], overAll: new OverAll(TechniqueGroup::Shade, [])), $technique, 0.0, Origin::Tier);
    }

    /**
     * @param  array<array-key, array{string, float, list<string>}>  $areas surface, share and paints by name, the first of them the base
     * @param  list<string>  $back areas that are seen from behind alone
     * @param  list<string>  $without areas that the scheme says nothing of
     */
    private static function figure(array $areas, array $back = [], array $without = []): PaintedFigure
    {
        return self::figureOf(array_map(static fn (array $area): array => [$area[0], $area[1], array_map(
            static fn (string $paint, int $at): Rung => new Rung($at === 0 ? RungRole::Base : RungRole::Light, Paints::mix([$paint => 1]), $at === 0 ? 1.0 : 0.3),
            $area[2],
            array_keys($area[2]),
        )], $areas), $back, $without);
    }

    /**
     * @param  array<array-key, array{string, float, list<Rung>}>  $areas
     * @param  list<string>  $back
     * @param  list<string>  $without
     */
    private static function figureOf(array $areas, array $back = [], array $without = []): PaintedFigure
    {
        $standard = self::standard();
        $types = [new TypeArea(new Area('figure', 'whole', 1.0), '', 0, false, [Side::Front, Side::Back])];
        $ladders = [];
        foreach ($areas as $name => [$surface, $share, $rungs]) {
            $area = new Area((string) $name, $surface, $share);
            $types[] = new TypeArea($area, '', 1, true, in_array($name, $back, true) ? [Side::Back] : [Side::Front]);
            if (! in_array($name, $without, true)) {
                $uses = array_map(static fn (Rung $rung, int $at): ComposedUse => self::laid($area, $at), $rungs, array_keys($rungs));
                $ladders[$name] = new TierLadder(new LadderReading(new AreaLadder((string) $name, $rungs), new Ground(Srgb::fromHex('#777777'))), $uses, $standard, new LadderRules);
            }
        }

        return new PaintedFigure(new FigureType('Guard', SizeClass::Foot, $types), $ladders, $standard);
    }

    private static function laid(Area $area, int $at): ComposedUse
    {
        $technique = $at === 0 ? 'base' : 'layer';

        return new ComposedUse($area, new TechniqueUse("{$technique} {$at}", [$technique]), $technique, 0.0, Origin::Tier);
    }

    private static function standard(): Standard
    {
        $technique = static fn (string $id, string $group, string $opacity, string $lies): array => ['id' => $id, 'name' => $id, 'group' => $group, 'opacity' => $opacity, 'lies_on' => $lies];

        return StandardReader::ofSound()->read([
            'format' => 'ordotype-standard/1', 'name' => 'Small', 'version' => '1',
            'surfaces' => [['id' => 'cloth', 'name' => 'Cloth'], ['id' => 'felt', 'name' => 'Felt', 'quiet' => true, 'schools' => ['ground' => 'light']], ['id' => 'metal', 'name' => 'Metal']],
            'techniques' => [$technique('base', 'lay-in', 'opaque', 'all'), $technique('layer', 'light', 'semi', 'face'), $technique('wash', 'shade', 'transparent', 'all'), $technique('dust', 'shade', 'transparent', 'all')],
            'tiers' => [[
                'id' => 'one', 'name' => 'One', 'rank' => 1, 'distance_mm' => 700, 'sides' => ['front'], 'look_minutes' => 3, 'limits' => ['critical' => 0, 'major' => 0, 'minor' => 0],
                'colour_tolerance' => 5, 'budget_minutes' => 60, 'by_agreement' => false, 'retired' => false,
            ]],
            'requirements' => [['tier' => 'one', 'surface' => 'cloth', 'uses' => [['technique' => 'base']]]],
            'schools' => ['ground' => 'dark'],
        ]);
    }
}
