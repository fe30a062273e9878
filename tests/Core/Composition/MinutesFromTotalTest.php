<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\Composition\MinutesFromTotal;
use Core\Composition\SpreadMinutes;
use Core\Standard\Allowance;
use Core\Standard\Area;
use Core\Standard\OutOfRange;
use Core\Standard\Standard;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * A total spread over uses, worked out by hand. Common practice, no source.
 *
 * @phpstan-import-type UseDocument from \Document\Member\UseMembers
 */
final class MinutesFromTotalTest extends TestCase
{
    private const COAT = [
        ['technique' => 'base', 'coats' => 2, 'minutes' => 20],
        ['technique' => 'wash', 'minutes' => 10],
        ['id' => 'buckles', 'technique' => 'detail', 'feature' => 'buckle', 'each' => 1],
    ];

    public function test_each_use_is_multiplied_by_the_same(): void
    {
        // On half of a figure of size 1: 10 + 5 + 3 buckles, 18 minutes; 36 are twice that.
        $spread = $this->spread(self::COAT, 36);

        self::assertSame([40.0, 20.0, 2.0], [$spread->of('coat', 'base')?->minutes, $spread->of('coat', 'wash')?->minutes, $spread->of('coat', 'buckles')?->each]);
        self::assertSame([18.0, 36.0], [$spread->before, $this->then($spread, self::COAT)]);
        self::assertFalse($spread->isGuess);
    }

    public function test_uses_that_the_figure_has_not_keep_their_proportion(): void
    {
        self::assertSame(4.0, $this->spread(self::COAT, 36)->of('rim', 'base')?->fixed);
    }

    public function test_minutes_are_handy(): void
    {
        // × 1.13: 22.6, 11.3, 1.13.
        $spread = $this->spread(self::COAT, 18 * 1.13);

        self::assertSame([23.0, 11.0, 1.1], [$spread->of('coat', 'base')?->minutes, $spread->of('coat', 'wash')?->minutes, $spread->of('coat', 'buckles')?->each]);
        self::assertEqualsWithDelta(18 * 1.13, $this->then($spread, self::COAT), 0.3);
        // A hundredth of a minute is written as the least there is, never as none.
        self::assertSame(0.05, $this->spread(self::COAT, 0.1)->of('coat', 'buckles')?->each);
    }

    /** At, under and over each bound. */
    #[TestWith([0.44, 0.45])]
    #[TestWith([0.46, 0.45])]
    #[TestWith([0.5, 0.5])]
    #[TestWith([0.54, 0.5])]
    #[TestWith([0.56, 0.6])]
    #[TestWith([1.94, 1.9])]
    #[TestWith([2.0, 2.0])]
    #[TestWith([2.24, 2.0])]
    #[TestWith([2.26, 2.5])]
    #[TestWith([9.74, 9.5])]
    #[TestWith([9.76, 10.0])]
    #[TestWith([10.4, 10.0])]
    #[TestWith([10.6, 11.0])]
    #[TestWith([0.01, 0.05])]
    public function test_minutes_are_written_as_one_would(float $minutes, float $written): void
    {
        // One use on half of a figure: the whole of it takes twice the total.
        self::assertSame($written, $this->spread([['technique' => 'base', 'minutes' => 7]], $minutes / 2)->of('coat', 'base')?->minutes);
    }

    public function test_no_minutes_stay_none_and_half_a_minute_is_enough_to_go_by(): void
    {
        $spread = $this->spread([['technique' => 'base', 'minutes' => 1], ['technique' => 'wash']], 5);
        self::assertSame([10.0, 0.0, false], [$spread->of('coat', 'base')?->minutes, $spread->of('coat', 'wash')?->minutes, $spread->isGuess]);
        self::assertSame(0.5, $spread->before);
        // A tenth of a coat for each of three buckles, beside a coat on half of the figure: 0.3 of 0.8.
        $guess = $this->spread([['technique' => 'base'], ['id' => 'buckles', 'technique' => 'detail', 'feature' => 'buckle']], 8);
        self::assertSame([10.0, 1.0], [$guess->of('coat', 'base')?->minutes, $guess->of('coat', 'buckles')?->each]);
    }

    public function test_without_any_minutes_coats_and_steps_decide(): void
    {
        $bare = [['technique' => 'base', 'coats' => 2], ['technique' => 'wash'], ['id' => 'light', 'technique' => 'layer', 'steps' => 3]];
        $spread = $this->spread($bare, 60);

        self::assertTrue($spread->isGuess);
        self::assertSame([40.0, 20.0, 60.0], [$spread->of('coat', 'base')?->minutes, $spread->of('coat', 'wash')?->minutes, $spread->of('coat', 'light')?->minutes]);
        self::assertSame(60.0, $this->then($spread, $bare));
    }

    public function test_pieces_are_guessed_by_the_piece(): void
    {
        $spread = $this->spread([['id' => 'buckles', 'technique' => 'detail', 'feature' => 'buckle']], 9);

        self::assertEquals(new Allowance(each: 3), $spread->of('coat', 'buckles'));
    }

    public function test_nothing_is_spread_over_nothing(): void
    {
        foreach ([[[], 60], [self::COAT, 0]] as [$uses, $total]) {
            try {
                $this->spread($uses, $total);
                self::fail('It was to be refused.');
            } catch (OutOfRange $refusal) {
                self::assertSame('/minutes', $refusal->pointer());
                self::assertStringContainsString($uses === [] ? 'is 0; it must be at least 1' : 'is 0; it must be over 0', $refusal->getMessage());
            }
        }
    }

    /** @param  list<UseDocument>  $uses */
    private function spread(array $uses, float $total): SpreadMinutes
    {
        $standard = $this->standard($uses);

        return (new MinutesFromTotal($standard))->spread('line', (new Composer($standard))->compose($this->figure()), 1.0, $total);
    }

    /** @param  list<UseDocument>  $uses */
    private function then(SpreadMinutes $spread, array $uses): float
    {
        return $spread->on((new Composer($this->standard($uses)))->compose($this->figure()));
    }

    private function figure(): Figure
    {
        return new Figure('line', 1.0, [new Area('coat', 'coat', 0.5, ['buckle' => 3])]);
    }

    /** @param  list<UseDocument>  $uses */
    private function standard(array $uses): Standard
    {
        $technique = static fn (string $id, string $group): array => ['id' => $id, 'name' => ucfirst($id), 'group' => $group, 'opacity' => 'opaque'];

        return StandardReader::ofSound()->read([
            'format' => 'ordotype-standard/1', 'name' => 'House', 'version' => '1',
            'surfaces' => [['id' => 'coat', 'name' => 'Coat'], ['id' => 'rim', 'name' => 'Rim']],
            'techniques' => [$technique('base', 'lay-in'), $technique('wash', 'shade'), $technique('layer', 'light'), $technique('detail', 'detail')],
            'tiers' => [[
                'id' => 'line', 'name' => 'Line', 'rank' => 1, 'distance_mm' => 600, 'sides' => ['front'], 'look_minutes' => 3,
                'limits' => ['critical' => 0, 'major' => 1, 'minor' => 4], 'colour_tolerance' => 5, 'budget_minutes' => 90, 'by_agreement' => false, 'retired' => false,
            ]],
            'requirements' => [
                ['tier' => 'line', 'surface' => 'coat', 'uses' => $uses],
                ['tier' => 'line', 'surface' => 'rim', 'uses' => [['technique' => 'base', 'fixed' => 2]]],
            ],
        ]);
    }
}
