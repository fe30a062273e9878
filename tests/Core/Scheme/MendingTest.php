<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\LadderFinding;
use Core\Colour\LadderRules;
use Core\Colour\Srgb;
use Core\Scheme\AreaLadder;
use Core\Scheme\Ground;
use Core\Scheme\LadderReading;
use Core\Scheme\Mending;
use Core\Scheme\MixSearch;
use Core\Scheme\Paint;
use Core\Scheme\Recipe;
use Core\Scheme\Rung;
use Core\Scheme\RungRole;
use Core\Scheme\Suggestion;
use Core\Scheme\Tints;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Paints;

/** What mends a ladder, held against every mix that could be taken: none between its bounds is nearer to what it shall come to by what is worth counting. */
final class MendingTest extends TestCase
{
    private const HALF = 0.5;

    /**
     * @param  list<Rung>  $rungs
     * @param  float  $target L* that is aimed at, worked by hand from the lightness of the steps and the usual rules (4 to 25)
     */
    #[DataProvider('lighter')]
    public function test_a_light_is_mixed_to_what_is_aimed_at(array $rungs, string $fault, int $at, bool $inserts, string $own, string $other, float $target, float $least, float $most, float $cover): void
    {
        $reading = self::reading($rungs);
        $suggestion = self::mending()->of($reading, self::finding($reading, $fault));
        self::assertNotNull($suggestion);
        self::assertSame([$at, $inserts, $cover], [$suggestion->at, $suggestion->inserts, $suggestion->rung->cover]);
        self::assertNearest($reading, $suggestion, self::grey($own), self::grey($other), $target, $least, $most);
    }

    /** @return iterable<string, array{list<Rung>, string, int, bool, string, string, float, float, float, float}> */
    public static function lighter(): iterable
    {
        // Between 40 and 80: half way is 60; not under 44, not over 65.
        yield 'a step between' => [[self::base('40'), self::light('80', 0.3)], 'jump', 1, true, '40', '80', 60, 44, 65, 0.65];
        yield 'a step between, of covers that are not even' => [[self::base('40'), self::light('80', 0.25)], 'jump', 1, true, '40', '80', 60, 44, 65, 0.63];
        // From 40 to 67 a step may not come nearer to the upper one than 4.
        yield 'a step between two that are nearly near enough' => [[self::base('40'), self::light('67', 0.3)], 'jump', 1, true, '40', '67', 53.5, 44, 63, 0.65];
        // On 40: half way between the smallest step and the largest, which is 14.5.
        yield 'a light that does not show' => [[self::base('40'), self::light('41', 0.3)], 'not-lighter', 1, false, '41', 'white', 54.5, 44, 65, 0.3];
        // With a light of 60 above it: half way between 40 and that, and 4 under it.
        yield 'a light that does not show, under another' => [[self::base('40'), self::light('41', 0.4), self::light('60', 0.2)], 'not-lighter', 1, false, '41', 'white', 50, 44, 56, 0.4];
    }

    public function test_a_span_that_is_short_by_more_than_a_step_gets_a_light_on_top(): void
    {
        $reading = self::reading([self::base('40'), self::light('60', 0.3)]);
        $suggestion = self::mending()->of($reading, self::finding($reading, 'span-short'));

        self::assertNotNull($suggestion);
        self::assertSame([2, true, 0.18], [$suggestion->at, $suggestion->inserts, $suggestion->rung->cover], 'six tenths of what the one below covers');
        self::assertNearest($reading, $suggestion, self::grey('60'), self::grey('white'), 70, 70, 85);
        self::assertMatchesRegularExpression('/^A further light: \d : \d with Grey white gives L\* 7\d\.$/', $suggestion->sentence);
    }

    public function test_a_span_is_made_up_for_by_the_last_light_where_one_step_reaches_it(): void
    {
        $reading = self::reading([self::base('40'), self::light('50', 0.5), self::light('64', 0.3)]);
        $suggestion = self::mending()->of($reading, self::finding($reading, 'span-short', 30));

        // 6 are missing of 30: the last light goes from 64 to 70, which 50 and a step of 25 allow.
        self::assertNotNull($suggestion);
        self::assertSame([2, false, 0.3], [$suggestion->at, $suggestion->inserts, $suggestion->rung->cover]);
        self::assertNearest($reading, $suggestion, self::grey('64'), self::grey('white'), 70, 70, 75);
    }

    public function test_a_shade_goes_three_smallest_steps_under_its_base(): void
    {
        $reading = self::reading([self::base('60'), new Rung(RungRole::Shade, self::grey('59'), 0.3), self::light('75', 0.3)]);
        $suggestion = self::mending()->of($reading, self::finding($reading, 'shade-not-darker'));

        self::assertNotNull($suggestion);
        self::assertSame([1, false], [$suggestion->at, $suggestion->inserts]);
        self::assertNearest($reading, $suggestion, self::grey('59'), self::grey('black'), 48, 0, 56);
    }

    public function test_a_light_covers_six_tenths_of_what_it_lies_on(): void
    {
        $reading = self::reading([self::base('40'), self::light('55', 0.5), self::light('70', 0.6)]);
        $suggestion = self::mending()->of($reading, self::finding($reading, 'covers-previous'));

        self::assertNotNull($suggestion);
        self::assertSame([2, false, 0.3, 'Over 30 of a hundred parts of the area it leaves the step below showing.'], [$suggestion->at, $suggestion->inserts, $suggestion->rung->cover, $suggestion->sentence]);
        self::assertSame(0.01, self::mending()->within($reading, 2, 0.001)->rung->cover, 'never nothing');
    }

    public function test_missing_steps_are_even_and_as_few_as_will_do(): void
    {
        // From 20 to 90 is 70: two steps between make three rises of 23 and a third.
        $between = self::mending()->evenSteps(self::reading([self::base('20'), self::light('90', 0.2)]));
        self::assertCount(2, $between);
        self::assertSame([0.6, 0.36], array_map(static fn (Rung $rung): float => $rung->cover, $between));
        foreach ([20 + 70 / 3, 20 + 140 / 3] as $i => $target) {
            self::assertEqualsWithDelta($target, self::reading([new Rung(RungRole::Base, $between[$i]->recipe)])->rungs[0]->shown->lightness(), 25 / 3);
        }
        // 50 are two rises of 25, one more makes a third; 25 are one.
        self::assertCount(1, self::mending()->evenSteps(self::reading([self::base('40'), self::light('89', 0.2)])));
        self::assertCount(1, self::mending()->evenSteps(self::reading([self::base('40'), self::light('66', 0.2)])));
        self::assertCount(0, self::mending()->evenSteps(self::reading([self::base('40'), self::light('64', 0.2)])));
        self::assertSame([], self::mending()->evenSteps(self::reading([self::base('40')])), 'no light, nothing between');
        self::assertSame([], self::mending()->evenSteps(self::reading([self::light('40', 0.2)])), 'no base, nothing between');
    }

    public function test_the_first_light_and_the_next(): void
    {
        $first = self::mending()->nextLightOf(self::reading([self::base('40')]));
        self::assertNotNull($first);
        self::assertSame([1, true, self::HALF], [$first->at, $first->inserts, $first->rung->cover]);
        self::assertNearest(self::reading([self::base('40')]), $first, self::grey('40'), self::grey('white'), 54.5, 44, 65);

        $reading = self::reading([self::base('40'), self::light('52', 0.45)]);
        $next = self::mending()->nextLightOf($reading);
        self::assertNotNull($next);
        self::assertSame([2, true, 0.27], [$next->at, $next->inserts, $next->rung->cover]);
        self::assertNearest($reading, $next, self::grey('52'), self::grey('white'), 66.5, 56, 77);
        self::assertSame(0.01, self::mending()->nextLightOf(self::reading([self::base('40'), self::light('52', 0.01)]))?->rung->cover);
    }

    public function test_the_light_of_the_scheme_goes_before_the_lightest_paint(): void
    {
        $reading = self::reading([self::base('20')]);

        self::assertStringContainsString('with Grey 70 gives', (string) self::mending(self::grey('70'))->nextLightOf($reading)?->sentence);
        self::assertStringContainsString('with Grey white gives', (string) self::mending()->nextLightOf($reading)?->sentence);
        self::assertNull((new Mending(new LadderRules, new Tints([])))->nextLightOf($reading), 'nothing to lighten with');
    }

    public function test_the_first_shade_is_the_darkest_wash_where_it_shows(): void
    {
        $mending = new Mending(new LadderRules, new Tints([Paints::of('Bilge wash'), Paints::of('Rosy wash')]));
        $light = self::reading([self::base('70'), self::light('85', 0.3)]);
        $shade = $mending->firstShade($light);

        self::assertNotNull($shade);
        self::assertSame([1, true, RungRole::Shade, 0.9, 1], [$shade->at, $shade->inserts, $shade->rung->role, $shade->rung->cover, $shade->rung->coats]);
        $comes = round($light->withRung(1, true, $shade->rung)->rungs[1]->shown->lightness());
        self::assertSame("A shade: Bilge wash gives L* {$comes}.", $shade->sentence);
        self::assertNull($mending->firstShade(self::reading([self::base('20')])), 'on what is as dark it would not show');
        self::assertNull((new Mending(new LadderRules, new Tints([])))->firstShade($light), 'there is no wash');
        self::assertNull($mending->firstShade(self::reading([self::light('70', 0.3)])), 'there is no base');
    }

    public function test_another_shade_keeps_cover_and_coats(): void
    {
        $mending = new Mending(new LadderRules, new Tints([Paints::of('Bilge wash')]));
        $reading = self::reading([self::base('70'), new Rung(RungRole::Shade, self::grey('69'), 0.4, 2)]);
        $shade = $mending->otherShade($reading, 1);

        self::assertNotNull($shade);
        self::assertSame([1, false, 0.4, 2], [$shade->at, $shade->inserts, $shade->rung->cover, $shade->rung->coats]);
    }

    /** Of every mix that may be taken, the nearest to the target between its bounds, or one that is nearly as near and simpler to count. */
    private static function assertNearest(LadderReading $reading, Suggestion $suggestion, Recipe $own, Recipe $other, float $target, float $least, float $most): void
    {
        $comes = static fn (Recipe $recipe): float => $reading
            ->withRung($suggestion->at, $suggestion->inserts, new Rung($suggestion->rung->role, $recipe, $suggestion->rung->cover, $suggestion->rung->coats))
            ->rungs[$suggestion->at]->shown->lightness();
        $taken = $comes($suggestion->rung->recipe);
        self::assertGreaterThanOrEqual($least - 0.5, $taken);
        self::assertLessThanOrEqual($most + 0.5, $taken);
        $away = INF;
        foreach (MixSearch::MEASURES as [$one, $two]) {
            $other_ = $comes($own->mixedWith($other, $one, $two));
            if ($other_ >= $least + 0.5 && $other_ <= $most - 0.5) {
                $away = min($away, abs($other_ - $target));
            }
        }
        self::assertLessThanOrEqual($away + 1.6, abs($taken - $target), $suggestion->sentence);
        self::assertStringContainsString('gives L* '.round($taken).'.', $suggestion->sentence);
    }

    private static function mending(?Recipe $light = null): Mending
    {
        return new Mending(new LadderRules, new Tints([self::grey('white')->parts[0]->paint, self::grey('black')->parts[0]->paint, Paints::of('Bilge wash')]), $light);
    }

    private static function base(string $lightness): Rung
    {
        return new Rung(RungRole::Base, self::grey($lightness));
    }

    private static function light(string $lightness, float $cover): Rung
    {
        return new Rung(RungRole::Light, self::grey($lightness), $cover);
    }

    /** A grey by its L*, worked out by CIE 1976 (ISO/CIE 11664-4) and the curve of sRGB (IEC 61966-2-1). */
    private static function grey(string $lightness): Recipe
    {
        $of = match ($lightness) {
            'white' => 98.0,
            'black' => 2.0,
            default => (float) $lightness,
        };
        $y = $of > 8 ? (($of + 16) / 116) ** 3 : $of / 903.3;
        $value = (int) round(255 * ($y <= 0.0031308 ? 12.92 * $y : 1.055 * $y ** (1 / 2.4) - 0.055));
        $hex = sprintf('#%1$02x%1$02x%1$02x', $value);
        $paint = Paints::grey($hex)->parts[0]->paint;

        return Recipe::of(new Paint("Grey {$lightness}", $paint->kind, Srgb::fromHex($hex), $paint->opacity, stockMl: 1.0));
    }

    /** @param  list<Rung>  $rungs */
    private static function reading(array $rungs): LadderReading
    {
        return new LadderReading(new AreaLadder('area', $rungs), new Ground(Srgb::fromHex('#777777')));
    }

    private static function finding(LadderReading $reading, string $code, float $span = 30): LadderFinding
    {
        foreach ($reading->ladder?->findings(new LadderRules(minSpan: $span)) ?? [] as $finding) {
            if ($finding->fault->value === $code) {
                return $finding;
            }
        }

        self::fail("There is no {$code}.");
    }
}
