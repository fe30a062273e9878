<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\LadderFault;
use Core\Colour\LadderFinding;
use Core\Scheme\SchemeFault;
use Core\Scheme\SchemeFinding;
use Core\Scheme\SchemeText;
use Core\Why;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is said of schemes and ladders, word by word: from under ten with a tenth, from ten on without. */
final class SchemeTextTest extends TestCase
{
    /** @param  array<string, string|float|int>  $arguments */
    #[DataProvider('findings')]
    public function test_what_is_said_of_a_scheme(SchemeFault $fault, string $area, array $arguments, string $sentence, string $source): void
    {
        $finding = new SchemeFinding($fault, $area, $arguments);

        self::assertSame($sentence, SchemeText::sentence($finding));
        self::assertSame($source, SchemeText::why($finding)->source);
        self::assertNotSame('', SchemeText::why($finding)->rule);
    }

    /** @return iterable<string, array{SchemeFault, string, array<string, string|float|int>, string, string}> */
    public static function findings(): iterable
    {
        yield 'alike' => [SchemeFault::NeighboursAlike, 'coat', ['other' => 'hood', 'apart' => 3.26], 'coat and hood are 3.3 of L* apart, and neither a line nor a shade parts them: they run into each other. Make one lighter or darker, or line the seam.', Why::COMMON_PRACTICE];
        yield 'one family' => [SchemeFault::OneFamily, '', ['family' => 'blues', 'share' => 0.83, 'limit' => 0.7], 'Blues take 83 of a hundred parts of what is seen from the front, over 70: the unit looks all alike.', Why::STUDIO_SETTING];
        yield 'one family, by a hair' => [SchemeFault::OneFamily, '', ['family' => 'blues', 'share' => 0.7004, 'limit' => 0.7], 'Blues take 70.04 of a hundred parts of what is seen from the front, over 70: the unit looks all alike.', Why::STUDIO_SETTING];
        yield 'a hue that turns' => [SchemeFault::HueTurns, 'cloak', ['turn' => 41.6, 'from' => 'red', 'toward' => 'orange', 'to' => 'orange'], 'cloak turns 42° from red toward orange. Choose that it shall, or mix its lights otherwise.', Why::COMMON_PRACTICE];
        yield 'a hue that turns a little' => [SchemeFault::HueTurns, 'cloak', ['turn' => 9.94, 'from' => 'red', 'toward' => 'orange'], 'cloak turns 9.9° from red toward orange. Choose that it shall, or mix its lights otherwise.', Why::COMMON_PRACTICE];
        yield 'lights' => [SchemeFault::LightsDisagree, 'cloak', ['is' => 'warm', 'others' => 'coat and hood'], 'cloak has a warm light and coat and hood the other kind: a figure stands in one light.', Why::COMMON_PRACTICE];
        yield 'of a force' => [SchemeFault::AreasDiffer, 'coat', ['one' => 'Guard', 'other' => 'Watch', 'apart' => 10.0], 'coat of Guard and of Watch are 10 of ΔE00 apart; in one force they are one colour.', Why::STUDIO_SETTING];
        yield 'a span' => [SchemeFault::SpanShort, '', ['span' => 48.2, 'asked' => 60, 'tier' => 'Banner'], 'The figure spans 48 of L* where Banner asks for 60.', Why::STANDARD];
        yield 'hues of a figure' => [SchemeFault::ManyHues, '', ['many' => 5, 'hues' => 'blues, yellows', 'most' => 4], 'The figure has 5 hues, blues, yellows; 4 are what the studio keeps to.', Why::STUDIO_SETTING];
        yield 'hues of an area' => [SchemeFault::ManyHues, 'coat', ['many' => 3, 'hues' => 'oranges, greens', 'most' => 2], 'coat has 3 hues beside the one of its base, oranges, greens; 2 are what the studio keeps to.', Why::STUDIO_SETTING];
        yield 'metal' => [SchemeFault::MetalsAlike, 'blade', ['recipe' => 'Bright Chain'], 'blade is "Bright Chain" alone, neither shaded nor lit: the same bright metal on every figure of a row looks flat. Shade it, or let figures take one of two or three.', Why::COMMON_PRACTICE];
        yield 'water' => [SchemeFault::TooMuchWater, 'coat', ['recipe' => 'Bilge wash 1 + water 3'], '"Bilge wash 1 + water 3" of coat has more water than paint: the binder breaks and pigment dries as dust. Thin it with medium, or say in the standard that the school is water.', Why::COMMON_PRACTICE];
    }

    public function test_every_fault_is_said(): void
    {
        self::assertSame(
            array_column(SchemeFault::cases(), 'value'),
            array_values(array_unique(array_map(static fn (array $row): string => $row[0]->value, iterator_to_array(self::findings(), false)))),
            'in the order of the faults',
        );
    }

    public function test_why_tells_what_went_in_numbers_as_they_are_said(): void
    {
        self::assertSame(['area' => 'coat', 'other' => 'hood', 'apart' => '3.3', 'limit' => '12'], SchemeText::why(new SchemeFinding(SchemeFault::NeighboursAlike, 'coat', ['other' => 'hood', 'apart' => 3.26, 'limit' => 12]))->inputs);
        self::assertSame(['many' => '5'], SchemeText::why(new SchemeFinding(SchemeFault::ManyHues, '', ['many' => 5]))->inputs, 'of the figure as a whole no area went in');
    }

    #[DataProvider('ladders')]
    public function test_what_is_said_of_a_ladder(LadderFault $fault, float $is, float $bound, string $sentence): void
    {
        $finding = new LadderFinding($fault, 1, 0, $is, $bound);

        self::assertSame($sentence, SchemeText::ofLadder($finding));
        self::assertSame(Why::COMMON_PRACTICE, SchemeText::whyOfLadder($finding)->source);
        self::assertNotSame('', SchemeText::whyOfLadder($finding)->rule);
    }

    /** @return iterable<string, array{LadderFault, float, float, string}> */
    public static function ladders(): iterable
    {
        yield 'a span' => [LadderFault::SpanShort, 21.4, 30, 'From the darkest step to the lightest it spans 21 of L*; what draws the eye spans 30 at this tier.'];
        yield 'a shade that is too little' => [LadderFault::ShadeNotDarker, 2.04, 4, 'This shade is 2 of L* darker than the base, under 4: it does not show.'];
        yield 'a shade like its base' => [LadderFault::ShadeNotDarker, 0, 4, 'This shade is 0 of L* darker than the base, under 4: it does not show.'];
        yield 'a shade that is none' => [LadderFault::ShadeNotDarker, -12.4, 4, 'This shade is 12 of L* lighter than the base.'];
        yield 'a light that is too little' => [LadderFault::NotLighter, 3.96, 4, 'This is 3.96 of L* lighter than what it lies on, under 4: it does not show.'];
        yield 'a light that is none' => [LadderFault::NotLighter, -3.96, 4, 'This is 4 of L* darker than what it lies on.'];
        yield 'a jump' => [LadderFault::Jump, 31.6, 25, '32 of L* lighter than the step before, over 25: a hard line.'];
        yield 'a jump by a hair' => [LadderFault::Jump, 25.3, 25, '25.3 of L* lighter than the step before, over 25: a hard line.'];
        yield 'one that covers all' => [LadderFault::CoversPrevious, 0.5, 0.4, 'It covers 50 of a hundred parts, the step below it 40: nothing of that stays showing.'];
    }

    public function test_why_of_a_ladder_has_both_numbers(): void
    {
        self::assertSame(['is' => '32', 'bound' => '9.9'], SchemeText::whyOfLadder(new LadderFinding(LadderFault::Jump, 1, 0, 31.6, 9.94))->inputs);
    }
}
