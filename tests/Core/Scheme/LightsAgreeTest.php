<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\LadderRules;
use Core\Colour\Srgb;
use Core\Colour\ToneWords;
use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Scheme\AreaLadder;
use Core\Scheme\Ground;
use Core\Scheme\HueKeeps;
use Core\Scheme\LadderReading;
use Core\Scheme\LightsAgree;
use Core\Scheme\Paint;
use Core\Scheme\PaintedFigure;
use Core\Scheme\PaintKind;
use Core\Scheme\Recipe;
use Core\Scheme\Rung;
use Core\Scheme\RungRole;
use Core\Scheme\SchemeFinding;
use Core\Scheme\TierLadder;
use Core\Scheme\Turn;
use Core\Standard\Area;
use Core\Standard\Opacity;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** Which lights of a figure disagree, and which hues turn: at the least lean and turn that count, and a hair under them. */
final class LightsAgreeTest extends TestCase
{
    private const HAIR = 1e-6;

    private const WARM = ['#777777', '#e8c090'];

    private const COLD = ['#777777', '#90c0f8'];

    /** @param  array{string, string}  $lit base and light */
    #[DataProvider('leaning')]
    public function test_a_light_leans_by_what_it_adds_beyond_plain_white(array $lit, float $sign): void
    {
        $lean = self::lean(...$lit);
        self::assertGreaterThan(0.5, $lean * $sign, 'the row is of its side');
        // Beside one that leans the other way without doubt, it is found from its own lean on.
        $other = $sign > 0 ? self::COLD : self::WARM;
        $found = static fn (float $least): array => array_map(static fn (SchemeFinding $one): array => [$one->area, $one->arguments['is'], $one->arguments['others']], self::findings(new LightsAgree($least), ['coat' => $lit, 'hood' => $other]));

        self::assertSame([], $found(abs($lean) + self::HAIR));
        self::assertSame($sign > 0 ? [['hood', 'cold', 'coat']] : [['coat', 'cold', 'hood']], $found(abs($lean) - self::HAIR));
    }

    /** @return iterable<string, array{array{string, string}, float}> base and light; over 0: warm */
    public static function leaning(): iterable
    {
        yield 'a grey that is lit warm' => [['#777777', '#b8a898'], 1];
        yield 'a grey that is lit cold' => [['#777777', '#98a8b8'], -1];
        yield 'a green that is lit toward yellow' => [['#3a6b3a', '#b0c070'], 1];
        yield 'a green that is lit toward blue' => [['#3a6b3a', '#80c0b8'], -1];
        yield 'a brown that is lit past none of its hue' => [['#6b4a2a', '#a8b8d8'], -1];
        yield 'a blue that is lit past none of its hue' => [['#204080', '#d8c8a0'], 1];
        yield 'hardly a hue, under eight of chroma' => [['#77706c', '#c8b8a8'], 1];
        yield 'hardly a hue, over eight of chroma' => [['#7a7068', '#c8a898'], 1];
    }

    public function test_more_of_its_own_hue_is_neither_warm_nor_cold(): void
    {
        self::assertLessThan(1.5, abs(self::lean('#6b4a2a', '#b07f4e')));
        self::assertSame([], self::findings(new LightsAgree(1.5), ['coat' => ['#6b4a2a', '#b07f4e'], 'hood' => self::COLD]));
    }

    public function test_the_fewer_are_told_beside_up_to_four_of_the_others(): void
    {
        self::assertSame([['1', 'warm', 'a, b, c, d']], self::told(['a' => self::COLD, '1' => self::WARM, 'b' => self::COLD, 'c' => self::COLD, 'd' => self::COLD, 'e' => self::COLD]));
        self::assertSame([['2', 'cold', 'a, b, 3'], ['y', 'cold', 'a, b, 3']], self::told(['a' => self::WARM, '2' => self::COLD, 'b' => self::WARM, '3' => self::WARM, 'y' => self::COLD]));
        self::assertSame([['y', 'cold', 'a']], self::told(['a' => self::WARM, 'y' => self::COLD]), 'of as many of both, the cold ones');
        self::assertSame([], self::told(['a' => self::WARM, 'b' => self::WARM]));
        self::assertSame([], self::told(['a' => self::COLD, 'b' => self::COLD]));
    }

    public function test_what_is_no_light_leans_nowhere(): void
    {
        self::assertSame([], self::findings(new LightsAgree(2.0), ['a' => self::WARM, 'b' => ['#a0b8e0', '#304878']]), 'it is darker than its base');
        self::assertSame([], self::findings(new LightsAgree(2.0), ['a' => self::WARM, 'b' => ['#fefefe', '#ffffff']]), 'nothing can be added to white');
        self::assertSame([], self::findings(new LightsAgree(2.0), ['a' => self::WARM, 'b' => ['#777777', null]]), 'it has no light');
    }

    public function test_a_hue_turns_from_so_many_degrees_on_and_not_where_that_is_chosen(): void
    {
        $red = ['#a01020', '#e08030'];
        [$base, $light] = array_map(static fn (string $hex): float => Srgb::fromHex($hex)->lab()->hue(), $red);
        $turn = $light - $base;
        $found = static fn (float $most, Turn $turn = Turn::None): array => array_map(static fn (SchemeFinding $one): array => [$one->area, ...$one->arguments], self::findings(new HueKeeps($most), ['7' => $red], $turn));

        self::assertSame([], $found($turn + self::HAIR));
        self::assertEqualsWithDelta($turn, $found($turn - self::HAIR)[0]['turn'], 1e-9);
        self::assertSame(['7', 'warm', 'red', 'orange'], [$found(10)[0][0], $found(10)[0]['to'], $found(10)[0]['from'], $found(10)[0]['toward']]);
        self::assertSame(10.0, $found(10)[0]['most']);
        self::assertSame([], $found(10, Turn::Warm));
        self::assertCount(1, $found(10, Turn::Cold), 'the other side was chosen');
    }

    public function test_what_has_no_light_is_passed_over_and_the_next_is_looked_at(): void
    {
        self::assertSame(['b'], array_map(static fn (SchemeFinding $one): string => $one->area, self::findings(new HueKeeps(10), ['a' => ['#a01020', null], 'grey' => ['#777777', '#c0a0a0'], 'b' => ['#a01020', '#e08030']])));
        self::assertSame([], self::findings(new HueKeeps(10), ['a' => ['#a01020', '#e4e2e1']]), 'a light of hardly any chroma has no hue');
    }

    /**
     * @param  array<array-key, array{string, string|null}>  $areas
     * @return list<list<mixed>>
     */
    private static function told(array $areas): array
    {
        return array_map(static fn (SchemeFinding $one): array => [$one->area, ...array_values($one->arguments)], self::findings(new LightsAgree(2.0), $areas));
    }

    /** The measure of the rule in other words: what is added to plain white light, without what goes along the base's own hue. */
    private static function lean(string $base, string $light): float
    {
        [$from, $to] = [Srgb::fromHex($base)->lab(), Srgb::fromHex($light)->lab()];
        $white = (100 - $to->lightness) / (100 - $from->lightness);
        $added = [$to->a - $white * $from->a, $to->b - $white * $from->b];
        if ($from->chroma() < 8) {
            return ToneWords::warmth(...$added);
        }
        $own = [$from->a / $from->chroma(), $from->b / $from->chroma()];
        $along = max(-$white * $from->chroma(), $added[0] * $own[0] + $added[1] * $own[1]);

        return ToneWords::warmth($added[0] - $along * $own[0], $added[1] - $along * $own[1]);
    }

    /**
     * @param  array<array-key, array{string, string|null}>  $areas base and light of each; no light: null
     * @return list<SchemeFinding>
     */
    private static function findings(LightsAgree|HueKeeps $rule, array $areas, Turn $turn = Turn::None): array
    {
        $standard = StandardReader::ofSound()->read(SmallStandard::document());
        $ladders = [];
        foreach ($areas as $area => [$base, $light]) {
            $rungs = [new Rung(RungRole::Base, self::paint($base)), ...$light === null ? [] : [new Rung(RungRole::Light, self::paint($light), 0.4)]];
            $ladder = new AreaLadder((string) $area, $rungs, turn: $turn);
            $uses = (new Composer($standard))->compose(new Figure('plain', 1.0, [new Area((string) $area, 'cloth', 0.5)]))->uses;
            $ladders[$area] = new TierLadder(new LadderReading($ladder, new Ground(Srgb::fromHex('#777777'))), $uses, $standard, new LadderRules);
        }

        return iterator_to_array($rule->findings(new PaintedFigure(new FigureType('Guard', SizeClass::Foot, []), $ladders, $standard)), false);
    }

    private static function paint(string $hex): Recipe
    {
        return Recipe::of(new Paint($hex, PaintKind::Base, Srgb::fromHex($hex), Opacity::Opaque));
    }
}
