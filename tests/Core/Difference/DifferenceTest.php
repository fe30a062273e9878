<?php

declare(strict_types=1);

namespace Tests\Core\Difference;

use Cli\Command\Diff;
use Core\Difference\Difference;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** The small standard beside itself with one thing changed, worked out by hand. */
final class DifferenceTest extends TestCase
{
    private const NONE = ['changes' => [], 'tiers' => [], 'criteria' => [], 'cells' => [], 'order' => []];

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>}> */
    public static function changes(): iterable
    {
        $varnish = ['id' => 'varnish', 'technique' => 'varnish', 'coats' => 1, 'steps' => 1, 'extent' => 'every', 'minutes' => 3.0, 'fixed' => 0.0, 'stage' => 'finish', 'except' => []];
        $buckles = ['id' => 'buckles', 'technique' => 'buckle', 'coats' => 1, 'steps' => 1, 'extent' => 'every', 'minutes' => 0.0, 'fixed' => 0.0, 'each' => 1.5, 'feature' => 'buckle'];

        yield 'nothing' => [[], self::NONE];
        yield 'a default spelled out' => [['/requirements/0/uses/0' => ['id' => 'prime', 'technique' => 'prime', 'coats' => 1, 'steps' => 1.0, 'extent' => 'every', 'minutes' => 2.0, 'fixed' => 0, 'stage' => 'ground', 'except' => []]], self::NONE];
        yield 'a use less' => [['/requirements/3/uses/1' => SmallStandard::GONE], ['changes' => [['tier' => 'rich', 'surface' => 'whole', 'use' => 'varnish', 'change' => 'removed', 'before' => $varnish, 'after' => null]]] + self::NONE];
        yield 'minutes a piece, places and cover are written where they stand' => [
            ['/requirements/1/uses/3' => ['id' => 'buckles', 'technique' => 'buckle', 'feature' => 'buckle', 'each' => 2, 'places' => ['belt'], 'cover' => 0.5]],
            ['changes' => [['tier' => 'plain', 'surface' => 'cloth', 'use' => 'buckles', 'change' => 'changed', 'before' => $buckles, 'after' => ['each' => 2.0] + $buckles + ['cover' => 0.5, 'places' => ['belt']]]]] + self::NONE,
        ];
        yield 'a use of the whole is laid at another stage and kept off a surface' => [
            ['/requirements/0/uses/0' => ['technique' => 'prime', 'minutes' => 2, 'stage' => 'light', 'except' => ['cloth']]],
            ['changes' => [[
                'tier' => 'plain', 'surface' => 'whole', 'use' => 'prime', 'change' => 'changed',
                'before' => ['id' => 'prime', 'technique' => 'prime', 'minutes' => 2.0, 'stage' => 'ground'] + $varnish,
                'after' => ['id' => 'prime', 'technique' => 'prime', 'minutes' => 2.0, 'stage' => 'light', 'except' => ['cloth']] + $varnish,
            ]]] + self::NONE,
        ];
        yield 'more is said to people' => [
            ['/requirements/1/uses/3' => ['id' => 'buckles', 'technique' => 'buckle', 'feature' => 'buckle', 'each' => 1.5, 'coats_to' => 3, 'note' => 'dots, not lines']],
            ['changes' => [['tier' => 'plain', 'surface' => 'cloth', 'use' => 'buckles', 'change' => 'changed', 'before' => $buckles, 'after' => $buckles + ['coats_to' => 3, 'note' => 'dots, not lines']]]] + self::NONE,
        ];
        yield 'the order of laying' => [
            ['/requirements/3/uses' => array_reverse(SmallStandard::document()['requirements'][3]['uses'])],
            ['order' => [['tier' => 'rich', 'surface' => 'whole']]] + self::NONE,
        ];
        yield 'a cell that is emptied loses its uses and its criteria' => [
            ['/requirements/0/uses' => [], '/requirements/0/criteria' => SmallStandard::GONE],
            [
                'changes' => [['tier' => 'plain', 'surface' => 'whole', 'use' => 'prime', 'change' => 'removed', 'before' => ['id' => 'prime', 'technique' => 'prime', 'minutes' => 2.0, 'stage' => 'ground'] + $varnish, 'after' => null]],
                'criteria' => [['tier' => 'plain', 'surface' => 'whole', 'criterion' => 'even', 'change' => 'removed', 'before' => ['id' => 'even', 'text' => 'The ground is even.', 'severity' => 'major'], 'after' => null]],
                'cells' => [['tier' => 'plain', 'surface' => 'whole', 'before' => 'asked', 'after' => 'not asked']],
            ] + self::NONE,
        ];
        yield 'a silence that is settled' => [
            ['/requirements/-' => ['tier' => 'rich', 'surface' => 'marking', 'uses' => []]],
            ['cells' => [['tier' => 'rich', 'surface' => 'marking', 'before' => 'undecided', 'after' => 'not asked']]] + self::NONE,
        ];
        yield 'members of a tier' => [
            ['/tiers/0/budget_minutes' => 90, '/tiers/0/limits' => ['critical' => 0, 'major' => 1, 'minor' => 2], '/tiers/1/notice_arcmin' => SmallStandard::GONE],
            ['tiers' => [
                ['tier' => 'plain', 'member' => 'limits', 'before' => ['critical' => 0, 'major' => 1, 'minor' => 3], 'after' => ['critical' => 0, 'major' => 1, 'minor' => 2]],
                ['tier' => 'plain', 'member' => 'budget_minutes', 'before' => 200.0, 'after' => 90.0],
                ['tier' => 'rich', 'member' => 'notice_arcmin', 'before' => 2.0, 'after' => 1.0],
            ]] + self::NONE,
        ];
        yield 'a tier more' => [['/tiers/-' => SmallStandard::tier('royal', 3)], ['tiers' => [['tier' => 'royal', 'member' => 'id', 'before' => null, 'after' => 'royal']]] + self::NONE];
        yield 'a sentence' => [
            ['/requirements/1/criteria/1/severity' => 'major'],
            ['criteria' => [[
                'tier' => 'plain', 'surface' => 'cloth', 'criterion' => 'lit', 'change' => 'changed',
                'before' => ['id' => 'lit', 'text' => 'The folds are lit.', 'severity' => 'minor', 'uses' => ['light']],
                'after' => ['id' => 'lit', 'text' => 'The folds are lit.', 'severity' => 'major', 'uses' => ['light']],
            ]]] + self::NONE,
        ];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  array<string, mixed>  $expected
     */
    #[DataProvider('changes')]
    public function test_one_thing_changed(array $changes, array $expected): void
    {
        self::assertEquals($expected, self::diff([], $changes));
    }

    public function test_a_tier_that_went_comes_last_with_what_it_asked(): void
    {
        $document = SmallStandard::document();
        array_shift($document['tiers']);
        $document['requirements'] = array_values(array_filter($document['requirements'], static fn (array $one): bool => $one['tier'] === 'rich'));
        $difference = Diff::answer(new Difference(SmallStandard::standard(), StandardReader::ofSound()->read($document)));

        self::assertSame([['tier' => 'plain', 'member' => 'id', 'before' => 'plain', 'after' => null]], $difference['tiers']);
        self::assertSame(['prime', 'base', 'shade', 'light', 'buckles'], array_column($difference['changes'], 'use'));
        self::assertSame(['asked', 'asked', 'not asked'], array_column($difference['cells'], 'before'));
    }

    public function test_tiers_are_in_the_order_of_their_ranks_and_uses_in_that_of_the_later_standard_with_removed_ones_last(): void
    {
        $changes = [
            '/tiers/0/rank' => 5,
            '/requirements/1/uses' => [['id' => 'light', 'technique' => 'layer'], ['technique' => 'dust'], ['technique' => 'base']],
            '/requirements/1/criteria' => SmallStandard::GONE,
            '/requirements/4/uses/1' => SmallStandard::GONE,
        ];
        $answer = self::diff([], $changes);

        self::assertSame(['rich recess', 'plain light', 'plain dust', 'plain base', 'plain shade', 'plain buckles'], array_map(static fn (array $change): string => self::text($change['tier']).' '.self::text($change['use']), $answer['changes']));
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    /**
     * @param  array<string, mixed>  $from
     * @param  array<string, mixed>  $to
     * @return array<string, list<array<string, mixed>>>
     */
    private static function diff(array $from, array $to): array
    {
        return Diff::answer(new Difference(
            StandardReader::ofSound()->read(SmallStandard::with($from)),
            StandardReader::ofSound()->read(SmallStandard::with($to)),
        ));
    }
}
