<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\LadderFinding;
use Core\Colour\LadderRole;
use Core\Colour\Srgb;
use Core\Scheme\AreaLadder;
use Core\Scheme\Ground;
use Core\Scheme\LadderReading;
use Core\Scheme\Mending;
use Core\Scheme\Paint;
use Core\Scheme\PaintKind;
use Core\Scheme\Recipe;
use Core\Scheme\Rung;
use Core\Scheme\RungPlaces;
use Core\Scheme\RungRole;
use Core\Scheme\Tints;
use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Ladders of opaque greys, by their L*, once it is known where each step lies. Worked by hand. */
final class LayingTest extends TestCase
{
    private const GREYS = [10 => '#1b1b1b', 20 => '#303030', 30 => '#474747', 40 => '#5e5e5e', 50 => '#777777', 60 => '#919191', 70 => '#ababab', 80 => '#c6c6c6'];

    /**
     * A base of 50, shaded to 30. What comes after is held against what it lies on there.
     *
     * @param  list<string>  $findings
     */
    #[TestWith([LiesOn::All, 50, 'relight', []], 'the base again, after a wash over all')]
    #[TestWith([LiesOn::Face, 50, 'relight', []], 'the base again, after a glaze over the faces')]
    #[TestWith([LiesOn::Recess, 50, 'light', ['not-lighter']], 'the base again, where the shade is in the recesses alone')]
    #[TestWith([LiesOn::All, 40, 'relight', []], 'between shade and base')]
    #[TestWith([LiesOn::All, 30, 'light', ['not-lighter']], 'the shade again')]
    #[TestWith([LiesOn::All, 60, 'light', []], 'a broad light straight on')]
    #[TestWith([LiesOn::All, 80, 'light', ['jump']], 'too far from the base')]
    public function test_a_light_after_a_shade_is_held_against_what_it_lies_on(LiesOn $shade, int $light, string $as, array $findings): void
    {
        $reading = self::reading([['base', 50, 1.0, LiesOn::All], ['shade', 30, 0.9, $shade], ['light', $light, 0.5, LiesOn::Face]]);

        self::assertSame(LadderRole::from($as), $reading->rungs[2]->as);
        self::assertSame($findings, self::codes($reading));
        self::assertSame(self::GREYS[$as === 'relight' ? 30 : 50], $reading->rungs[2]->under->hex());
    }

    public function test_after_a_first_light_the_shade_is_covered(): void
    {
        $reading = self::reading([['base', 50, 1.0, LiesOn::All], ['shade', 30, 0.9, LiesOn::All], ['light', 60, 0.5, LiesOn::Face], ['light', 60, 0.3, LiesOn::Face]]);

        self::assertSame(['not-lighter'], self::codes($reading));
    }

    public function test_where_it_is_not_known_where_a_shade_lies_the_light_is_held_against_the_base(): void
    {
        self::assertSame(['not-lighter'], self::codes(self::reading([['base', 50, 1.0, null], ['shade', 30, 0.9, null], ['light', 50, 0.5, null]])));
    }

    public function test_lines_on_black_are_no_hard_lines_and_nothing_is_missing_between(): void
    {
        $steps = static fn (LiesOn $on): LadderReading => self::reading([['base', 10, 1.0, LiesOn::All], ['light', 50, 0.1, $on], ['light', 80, 0.05, $on]]);
        $mending = new Mending(new \Core\Colour\LadderRules, new Tints([]));

        self::assertSame([], self::codes($steps(LiesOn::Edge)));
        self::assertSame([], $mending->evenSteps($steps(LiesOn::Edge)));
        self::assertSame(['jump', 'jump'], self::codes($steps(LiesOn::Face)));
        self::assertNotSame([], $mending->evenSteps($steps(LiesOn::Face)));
    }

    public function test_a_light_lies_on_the_faces_not_on_the_line_before_it(): void
    {
        $reading = self::reading([['base', 40, 1.0, LiesOn::All], ['light', 80, 0.1, LiesOn::Edge], ['light', 60, 0.5, LiesOn::Face]]);

        self::assertSame([], self::codes($reading));
        self::assertSame(self::GREYS[40], $reading->rungs[2]->under->hex());
    }

    /**
     * 40, lit to 60, then 80; then the paint of the 60 again.
     *
     * @param  list<string>  $findings
     */
    #[TestWith([0.1, LiesOn::Recess, []], 'for less, in another place')]
    #[TestWith([0.1, LiesOn::Face, ['not-lighter']], 'in the same place')]
    #[TestWith([0.3, LiesOn::Recess, ['not-lighter', 'covers-previous']], 'for as much')]
    #[TestWith([0.1, null, ['not-lighter']], 'nobody knows where')]
    public function test_a_paint_used_again_for_less_elsewhere_need_not_be_lighter(float $cover, ?LiesOn $on, array $findings): void
    {
        self::assertSame($findings, self::codes(self::reading([['base', 40, 1.0, LiesOn::All], ['light', 60, 0.5, LiesOn::Face], ['light', 80, 0.3, LiesOn::Face], ['light', 60, $cover, $on]])));
    }

    public function test_another_paint_that_is_darker_than_what_it_lies_on_is_told(): void
    {
        self::assertSame(['not-lighter'], self::codes(self::reading([['base', 40, 1.0, LiesOn::All], ['light', 60, 0.5, LiesOn::Face], ['light', 80, 0.3, LiesOn::Face], ['light', 50, 0.1, LiesOn::Recess]])));
    }

    public function test_the_base_as_last_light_is_a_school(): void
    {
        $steps = [['base', 50, 1.0, null], ['light', 70, 0.4, null], ['light', 50, 0.1, null]];

        self::assertSame(['not-lighter'], self::codes(self::reading($steps)));
        self::assertSame([], self::codes(self::reading($steps, lastLightIsBase: true)));
    }

    public function test_a_step_that_is_put_in_lies_where_the_one_lies_that_it_stands_before(): void
    {
        $reading = self::reading([['base', 10, 1.0, LiesOn::All], ['light', 70, 0.1, LiesOn::Edge]]);
        $with = $reading->withRung(1, true, new Rung(RungRole::Light, self::grey(50), 0.2));

        self::assertTrue($with->places->isLine(1) && $with->places->isLine(2));
        self::assertSame([], self::codes($with));
        self::assertNull($reading->withRung(2, true, new Rung(RungRole::Light, self::grey(80), 0.05))->places->at(2), 'at the end nobody has said it');
    }

    /** @param  list<array{string, int, float, LiesOn|null}>  $steps role, L*, cover, where it lies */
    private static function reading(array $steps, bool $lastLightIsBase = false): LadderReading
    {
        $rungs = array_map(static fn (array $step): Rung => new Rung(RungRole::from($step[0]), self::grey($step[1]), $step[2]), $steps);

        return new LadderReading(new AreaLadder('plate', $rungs), new Ground(Srgb::fromHex('#777777')), lastLightIsBase: $lastLightIsBase, places: new RungPlaces(array_filter(array_column($steps, 3))));
    }

    private static function grey(int $lightness): Recipe
    {
        return Recipe::of(new Paint("grey {$lightness}", PaintKind::Base, Srgb::fromHex(self::GREYS[$lightness]), Opacity::Opaque));
    }

    /** @return list<string> */
    private static function codes(LadderReading $reading): array
    {
        return array_map(static fn (LadderFinding $finding): string => $finding->fault->value, $reading->findings());
    }
}
