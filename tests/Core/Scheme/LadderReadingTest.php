<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\LadderFinding;
use Core\Colour\LadderRules;
use Core\Colour\LightChoice;
use Core\Colour\Srgb;
use Core\Scheme\AreaLadder;
use Core\Scheme\Ground;
use Core\Scheme\LadderReading;
use Core\Scheme\Mending;
use Core\Scheme\NotARung;
use Core\Scheme\NotASharedLight;
use Core\Scheme\Rung;
use Core\Scheme\RungRole;
use Core\Scheme\SharedLight;
use Core\Scheme\ShownRung;
use Core\Scheme\Tints;
use Core\Scheme\UseRecipe;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Paints;

final class LadderReadingTest extends TestCase
{
    private const GREY_40 = '#5e5e5e';

    private const GREY_60 = '#919191';

    private const GREY_80 = '#c6c6c6';

    public function test_a_stain_shows_what_lies_under_it_and_deepens_coat_by_coat(): void
    {
        $stain = static fn (string $ground, int $coats): Srgb => self::reading([new Rung(RungRole::Base, Paints::mix(['Amber stain' => 1]), 1.0, $coats)], $ground)->rungs[0]->shown;

        self::assertGreaterThan($stain('#1b1c1e', 1)->lightness() + 20, $stain('#e9e6dd', 1)->lightness());
        self::assertGreaterThan($stain('#e9e6dd', 2)->lightness(), $stain('#e9e6dd', 1)->lightness());
    }

    public function test_each_rung_lies_on_what_it_is_laid_on(): void
    {
        $reading = self::reading([
            new Rung(RungRole::Ground, Paints::grey(self::GREY_80)),
            new Rung(RungRole::Base, Paints::grey(self::GREY_60)),
            new Rung(RungRole::Shade, Paints::mix(['Bilge wash' => 1]), 0.9),
            new Rung(RungRole::Relight, Paints::grey(self::GREY_40), 0.6),
            new Rung(RungRole::Light, Paints::grey(self::GREY_80), 0.3),
        ]);
        $under = array_map(static fn (ShownRung $rung): string => $rung->under->hex(), $reading->rungs);

        self::assertSame(['#777777', self::GREY_80, self::GREY_60, $reading->rungs[2]->shown->hex(), self::GREY_40], $under);
        self::assertSame([1, 2, 3, 4], $reading->onLadder(), 'the ground is no step of the ladder');
        self::assertSame(3, $reading->rungAt(2));
        self::assertSame(self::GREY_60, $reading->base()?->hex());
    }

    public function test_what_makes_no_ladder_says_why_and_is_still_shown(): void
    {
        $reading = self::reading([new Rung(RungRole::Light, Paints::grey(self::GREY_80), 0.3)]);

        self::assertNull($reading->ladder);
        self::assertSame('no-base', $reading->fault?->code());
        self::assertCount(1, $reading->rungs);
        self::assertNull($reading->base());
    }

    public function test_the_shared_light_goes_into_the_last_lights(): void
    {
        $rungs = [
            new Rung(RungRole::Base, Paints::mix(['Harbour Slate' => 1])),
            new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1]), 0.5),
            new Rung(RungRole::Light, Paints::mix(['Cold Spray' => 1]), 0.2),
        ];
        $texts = static fn (?SharedLight $light, bool $takes = true): array => array_map(
            static fn (ShownRung $rung): string => $rung->recipe->text(),
            (new LadderReading(new AreaLadder('plate', $rungs, [], $takes), new Ground(Srgb::fromHex('#777777')), $light))->rungs,
        );
        $white = Paints::mix(['Gull White' => 1]);

        self::assertSame(['Harbour Slate', 'Weir Blue', 'Cold Spray 1 + Gull White 1'], $texts(new SharedLight($white)));
        self::assertSame(['Harbour Slate', 'Weir Blue 3 + Gull White 1', 'Cold Spray 3 + Gull White 1'], $texts(new SharedLight($white, 3, 1, 2)));
        self::assertSame(['Harbour Slate', 'Weir Blue', 'Cold Spray'], $texts(new SharedLight($white), false));
        self::assertSame(['Harbour Slate', 'Weir Blue', 'Cold Spray'], $texts(null));
    }

    /**
     * Worked by hand: rises of 20 are within 4 and 25, of 40 a jump.
     *
     * @return iterable<string, array{0: float, 1: list<float>, 2: int, 3: list<int>, 4?: float}>
     */
    public static function choices(): iterable
    {
        yield 'all where there are no more' => [20, [40, 60, 80], 3, [0, 1, 2]];
        yield 'all where more are asked for' => [20, [40, 60], 5, [0, 1]];
        yield 'none' => [20, [40, 60], 0, []];
        yield 'one: the highest that is no jump' => [20, [30, 44, 60, 80], 1, [1]];
        yield 'one, where the first is the best' => [20, [44, 60], 1, [0]];
        yield 'one, where all jump: the one that jumps least' => [20, [60, 80], 1, [0]];
        yield 'two: as high as two steps go' => [20, [30, 44, 60, 68, 90], 2, [1, 3]];
        yield 'two that end alike: the evener' => [20, [24, 38, 42], 2, [0, 2]];
        yield 'two, as high as is asked and no higher: the evenest' => [20, [30, 40, 50, 60], 2, [1, 3], 55];
        yield 'two, where less is asked: even and near' => [20, [30, 40, 50, 65], 2, [0, 1], 40];
        yield 'two, where a hair over a step reaches what is asked' => [26, [38, 52, 74], 2, [1, 2], 73];
        yield 'three of four' => [20, [30, 40, 50, 65], 3, [0, 2, 3]];
    }

    /**
     * @param  list<float>  $lights
     * @param  list<int>  $chosen
     */
    #[DataProvider('choices')]
    public function test_a_tier_with_fewer_lights_takes_the_best(float $from, array $lights, int $many, array $chosen, float $reach = INF): void
    {
        self::assertSame($chosen, (new LightChoice(new LadderRules))->of($from, array_map(floatval(...), $lights), $many, $reach));
    }

    public function test_a_use_may_have_a_recipe_of_its_own_and_a_step_takes_the_one_before_it(): void
    {
        $area = new AreaLadder('face', [], [new UseRecipe('eye', 1, Paints::mix(['Gull White' => 1])), new UseRecipe('eye', 3, Paints::mix(['Lamp Black' => 1]))]);

        self::assertSame(['Gull White', 'Gull White', 'Lamp Black', 'Lamp Black'], array_map(static fn (int $step): ?string => $area->ofUse('eye', $step)?->text(), [1, 2, 3, 9]));
        self::assertNull($area->ofUse('teeth', 1));
    }

    /** @return iterable<string, array{list<Rung>, string}> rungs with one fault, which one */
    public static function faulty(): iterable
    {
        $base = new Rung(RungRole::Base, Paints::mix(['Harbour Slate' => 1]));
        yield 'a jump' => [[$base, new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1, 'Gull White' => 1]), 0.4)], 'jump'];
        yield 'a light that does not show' => [[$base, new Rung(RungRole::Light, Paints::mix(['Harbour Slate' => 1]), 0.4), new Rung(RungRole::Light, Paints::mix(['Cold Spray' => 1]), 0.2)], 'not-lighter'];
        yield 'a shade that does not show' => [[$base, new Rung(RungRole::Shade, Paints::mix(['Wet Stone' => 1]), 0.3), new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1]), 0.4)], 'shade-not-darker'];
        yield 'a light that covers all' => [[$base, new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1]), 0.5), new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1, 'Gull White' => 1]), 0.6)], 'covers-previous'];
        yield 'a span that is short' => [[$base, new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1]), 0.4)], 'span-short'];
    }

    /** @param  list<Rung>  $rungs */
    #[DataProvider('faulty')]
    public function test_the_suggestion_mends_what_it_is_for(array $rungs, string $code): void
    {
        $rules = new LadderRules;
        $reading = self::reading($rungs);
        $finding = self::finding($reading, $code);
        self::assertNotNull($finding);
        $suggestion = (new Mending($rules, new Tints(Paints::all())))->of($reading, $finding);

        self::assertNotNull($suggestion);
        $mended = $reading->withRung($suggestion->at, $suggestion->inserts, $suggestion->rung);
        self::assertNull(self::finding($mended, $code), $suggestion->sentence);
        if ($code !== 'covers-previous') {
            $lightness = round($mended->rungs[$suggestion->at]->shown->lightness());
            self::assertStringContainsString("gives L* {$lightness}", $suggestion->sentence);
        }
    }

    public function test_a_suggestion_reckons_with_the_shared_light(): void
    {
        $rungs = [new Rung(RungRole::Base, Paints::mix(['Harbour Slate' => 1])), new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1]), 0.4)];
        $reading = new LadderReading(new AreaLadder('plate', $rungs), new Ground(Srgb::fromHex('#777777')), new SharedLight(Paints::mix(['Gull White' => 1])));
        $finding = self::finding($reading, 'jump');
        self::assertNotNull($finding, 'with half white in it the light jumps');
        $suggestion = (new Mending(new LadderRules, new Tints([]), Paints::mix(['Gull White' => 1])))->of($reading, $finding);

        self::assertNotNull($suggestion);
        self::assertNull(self::finding($reading->withRung($suggestion->at, $suggestion->inserts, $suggestion->rung), 'jump'));
    }

    public function test_the_missing_steps_between_base_and_last_light_rise_evenly(): void
    {
        $reading = self::reading([new Rung(RungRole::Base, Paints::mix(['Lamp Black' => 1])), new Rung(RungRole::Light, Paints::mix(['Gull White' => 1]), 0.1)]);
        $between = (new Mending(new LadderRules, new Tints([])))->evenSteps($reading);

        self::assertCount(3, $between, 'from L* 7 to 94 in rises of at most 25');
        foreach (array_reverse($between) as $rung) {
            $reading = $reading->withRung(1, true, $rung);
        }
        self::assertNull(self::finding($reading, 'jump'));
        self::assertNull(self::finding($reading, 'not-lighter'));
        self::assertNull(self::finding($reading, 'covers-previous'));
    }

    public function test_nothing_is_suggested_where_nothing_is_missing_or_nothing_can_be_mixed(): void
    {
        $reading = self::reading([new Rung(RungRole::Base, Paints::mix(['Harbour Slate' => 1])), new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1]), 0.4)]);
        $finding = self::finding($reading, 'span-short');

        self::assertSame([], (new Mending(new LadderRules, new Tints([])))->evenSteps($reading));
        self::assertNotNull($finding);
        self::assertNull((new Mending(new LadderRules, new Tints([])))->of($reading, $finding));
    }

    public function test_what_is_no_rung_and_no_shared_light_is_refused(): void
    {
        foreach ([[0.0, 1], [1.1, 1], [0.5, 0], [0.5, 10]] as [$cover, $coats]) {
            try {
                new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1]), $cover, $coats);
                self::fail("{$cover} {$coats}");
            } catch (NotARung $refusal) {
                self::assertSame('out-of-range', $refusal->code());
            }
        }
        foreach ([[0.0, 1.0, 1], [1.0, 0.0, 1], [1.0, 1.0, 0]] as [$own, $light, $reach]) {
            try {
                new SharedLight(Paints::mix(['Gull White' => 1]), $own, $light, $reach);
                self::fail("{$own} {$light} {$reach}");
            } catch (NotASharedLight $refusal) {
                self::assertSame('out-of-range', $refusal->code());
            }
        }
    }

    /** @param  list<Rung>  $rungs */
    private static function reading(array $rungs, string $ground = '#777777'): LadderReading
    {
        return new LadderReading(new AreaLadder('area', $rungs), new Ground(Srgb::fromHex($ground)));
    }

    private static function finding(LadderReading $reading, string $code): ?LadderFinding
    {
        foreach ($reading->ladder?->findings(new LadderRules) ?? [] as $finding) {
            if ($finding->fault->value === $code) {
                return $finding;
            }
        }

        return null;
    }
}
