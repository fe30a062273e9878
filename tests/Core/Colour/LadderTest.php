<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Core\Colour\BadLadder;
use Core\Colour\Ladder;
use Core\Colour\LadderFinding;
use Core\Colour\LadderRole;
use Core\Colour\LadderRules;
use Core\Colour\LadderStep;
use Core\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Ladders of greys, so that L* can be said by hand: #303030 20, #474747 30, #5e5e5e 40, #777777 50, #919191 60, #ababab 70, #c6c6c6 80. */
final class LadderTest extends TestCase
{
    private const GREYS = [10 => '#1b1b1b', 20 => '#303030', 30 => '#474747', 40 => '#5e5e5e', 50 => '#777777', 60 => '#919191', 70 => '#ababab', 80 => '#c6c6c6', 90 => '#e2e2e2'];

    /** @return iterable<string, array{list<array{0: string, 1: int, 2: float, 3?: bool}>, list<string>}> role, L* and cover of each step; findings as fault@step; true: on edges or points */
    public static function ladders(): iterable
    {
        yield 'one that holds' => [[['base', 40, 1], ['shade', 20, 0.3], ['light', 60, 0.5], ['light', 80, 0.2]], []];
        yield 'one that is relit' => [[['base', 40, 1], ['shade', 20, 0.9], ['relight', 40, 0.6], ['light', 60, 0.3]], []];
        yield 'a shade before the base' => [[['shade', 20, 0.3], ['base', 50, 1]], []];
        yield 'a shade as light as the base' => [[['base', 40, 1], ['shade', 40, 0.3], ['light', 60, 0.5], ['light', 80, 0.3]], ['shade-not-darker@1']];
        yield 'a light as dark as the base' => [[['base', 40, 1], ['shade', 10, 0.3], ['light', 40, 0.5]], ['not-lighter@2']];
        yield 'a light darker than the light before it' => [[['base', 40, 1], ['light', 60, 0.5], ['light', 50, 0.2], ['shade', 10, 0.2]], ['not-lighter@2']];
        yield 'a jump' => [[['base', 20, 1], ['light', 60, 0.5]], ['jump@1']];
        yield 'a relight never jumps' => [[['base', 60, 1], ['shade', 10, 0.9], ['relight', 60, 0.5]], []];
        yield 'a relight as dark as the shade' => [[['base', 60, 1], ['shade', 30, 0.9], ['relight', 30, 0.5], ['light', 50, 0.2]], ['not-lighter@2']];
        yield 'a light is held against the relight' => [[['base', 60, 1], ['shade', 20, 0.9], ['relight', 40, 0.6], ['light', 60, 0.3]], []];
        yield 'a light that covers as much' => [[['base', 40, 1], ['light', 60, 0.5], ['light', 80, 0.5]], ['covers-previous@2']];
        yield 'a light over all of the base' => [[['base', 40, 1], ['light', 60, 1], ['light', 80, 0.5]], ['covers-previous@1']];
        yield 'a relight over all of the shade' => [[['base', 60, 1], ['shade', 20, 0.5], ['relight', 40, 0.5]], ['covers-previous@2']];
        yield 'too narrow' => [[['base', 40, 1], ['light', 60, 0.5]], ['span-short@-1']];
        yield 'the whole first, then by step and kind' => [[['base', 40, 1], ['shade', 40, 0.5], ['light', 40, 1], ['light', 50, 1]], ['span-short@-1', 'shade-not-darker@1', 'not-lighter@2', 'covers-previous@2', 'covers-previous@3']];
        yield 'a line on edges of black jumps' => [[['base', 10, 1], ['light', 50, 0.1, true], ['light', 80, 0.05, true]], []];
        yield 'a line as dark as the base' => [[['base', 60, 1], ['shade', 20, 0.5], ['light', 60, 0.1, true]], ['not-lighter@2']];
        yield 'a line need not outshine what it lies beside' => [[['base', 40, 1], ['light', 60, 0.5], ['light', 80, 0.3], ['light', 60, 0.4, true]], []];
        yield 'a line is held against the line before it' => [[['base', 10, 1], ['light', 50, 0.1, true], ['light', 40, 0.1, true]], ['not-lighter@2', 'covers-previous@2']];
        yield 'a line is held against a relight of the edges' => [[['base', 40, 1], ['shade', 10, 0.9], ['relight', 60, 0.2, true], ['light', 50, 0.1, true]], ['not-lighter@3']];
        yield 'no light is held against a line' => [[['base', 40, 1], ['light', 90, 0.1, true], ['light', 60, 0.5], ['light', 80, 0.2]], []];
        yield 'a line that covers all of the base' => [[['base', 40, 1], ['light', 80, 1, true]], ['covers-previous@1']];
        yield 'a shade on edges is a shade' => [[['base', 40, 1], ['shade', 10, 0.2, true], ['light', 60, 0.5]], []];
        yield 'a jump that covers' => [[['base', 20, 0.5], ['light', 60, 0.5]], ['jump@1', 'covers-previous@1']];
    }

    /**
     * @param  list<array{0: string, 1: int, 2: float, 3?: bool}>  $steps
     * @param  list<string>  $findings
     */
    #[DataProvider('ladders')]
    public function test_what_is_wrong_with_it(array $steps, array $findings): void
    {
        $found = (new Ladder(self::steps($steps)))->findings(new LadderRules(4, 25, 30));

        self::assertSame($findings, array_map(static fn (LadderFinding $finding): string => "{$finding->fault->value}@{$finding->at}", $found));
    }

    public function test_a_step_of_just_enough_is_enough_and_a_hair_less_is_not(): void
    {
        $ladder = new Ladder(self::steps([['base', 40, 1], ['light', 60, 0.5]]));
        $rise = $ladder->steps[1]->lightness - $ladder->steps[0]->lightness;

        self::assertSame([], $ladder->findings(new LadderRules($rise, $rise, $rise)));
        self::assertCount(3, $ladder->findings(new LadderRules($rise + 0.001, $rise - 0.001, $rise + 0.001)));
    }

    public function test_span_is_from_the_darkest_to_the_lightest(): void
    {
        self::assertEqualsWithDelta(60, (new Ladder(self::steps([['base', 40, 1], ['shade', 20, 0.5], ['light', 80, 0.2]])))->span, 0.6);
    }

    /** Fifths of L*: 1 from 80 on, 5 under 20; by hand #c7c7c7 80.2, #c6c6c6 79.9, #313131 20.3, #303030 19.9. Common practice, no source. */
    public function test_values_go_from_one_for_the_lightest_fifth_to_five(): void
    {
        $value = static fn (string $hex): int => (new LadderStep(LadderRole::Base, Srgb::fromHex($hex), 1))->value();

        self::assertSame([1, 1, 2, 2, 3, 4, 4, 5, 5], array_map($value, ['#ffffff', '#c7c7c7', '#c6c6c6', '#919191', '#777777', '#474747', '#313131', '#303030', '#000000']));
    }

    /** @return iterable<string, array{list<array{0: string, 1: int, 2: float, 3?: bool}>, string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing' => [[], 'no-base', '/steps'];
        yield 'no base' => [[['shade', 20, 1], ['light', 50, 0.5]], 'no-base', '/steps'];
        yield 'two bases' => [[['base', 20, 1], ['light', 50, 0.5], ['base', 20, 1]], 'two-bases', '/steps/2'];
        yield 'three bases: at the second' => [[['base', 20, 1], ['base', 20, 1], ['base', 20, 1]], 'two-bases', '/steps/1'];
        yield 'a relight without a shade' => [[['base', 20, 1], ['relight', 50, 0.5], ['shade', 10, 1]], 'no-shade', '/steps/1'];
        yield 'a light before the base' => [[['light', 50, 0.5], ['base', 20, 1]], 'light-before-base', '/steps/0'];
        yield 'the first of two' => [[['light', 50, 0.5], ['relight', 20, 1], ['base', 20, 1]], 'light-before-base', '/steps/0'];
        yield 'the base before the others' => [[['relight', 50, 0.5], ['base', 20, 1], ['base', 20, 1]], 'two-bases', '/steps/2'];
    }

    /** @param  list<array{0: string, 1: int, 2: float, 3?: bool}>  $steps */
    #[DataProvider('refused')]
    public function test_what_is_no_ladder_is_refused(array $steps, string $code, string $pointer): void
    {
        try {
            new Ladder(self::steps($steps));
            self::fail('It was taken.');
        } catch (BadLadder $refusal) {
            self::assertSame([$code, $pointer], [$refusal->code(), $refusal->pointer()]);
        }
    }

    /**
     * @param  list<array{0: string, 1: int, 2: float, 3?: bool}>  $steps
     * @return list<LadderStep>
     */
    private static function steps(array $steps): array
    {
        return array_map(static fn (array $step): LadderStep => new LadderStep(LadderRole::from($step[0]), Srgb::fromHex(self::GREYS[$step[1]]), (float) $step[2], $step[3] ?? false), $steps);
    }
}
