<?php

declare(strict_types=1);

namespace Tests\Document;

use Document\Difference\ChangeLine;
use Document\Difference\DifferenceWords;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** Changes of the small standard as a lead would tell them; minutes on its reference figure by hand. */
final class DifferenceWordsTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function changes(): iterable
    {
        yield 'nothing' => [[], []];
        // The coat is half the figure: 8 minutes more of 100 are 4 on it.
        yield 'a second step' => [['/requirements/4/uses/2' => ['id' => 'light', 'technique' => 'layer', 'steps' => 3, 'minutes' => 48]], ['Rich, Cloth: layer steps up from 2 to 3, minutes from 40 to 48; +4 min a coat']];
        yield 'a use less' => [['/requirements/3/uses/1' => SmallStandard::GONE], ['Rich, Whole figure: Varnish left out; −3 min a coat']];
        yield 'a use more, on upper parts' => [['/requirements/3/uses/-' => ['technique' => 'dust', 'extent' => 'upper']], ['Rich, Whole figure: Dust (upper parts only) added']];
        yield 'a silence that is settled' => [['/requirements/-' => ['tier' => 'rich', 'surface' => 'marking', 'uses' => []]], ['Rich, Marking: settled: not asked for']];
        yield 'a limit' => [['/tiers/0/limits/minor' => 2], ['Plain: limits from critical 0, major 1, minor 3 to critical 0, major 1, minor 2']];
        yield 'a tier that is retired' => [['/tiers/0/retired' => true], ['Plain: retired']];
        yield 'a new tier is told once' => [['/tiers/-' => SmallStandard::tier('royal', 3), '/requirements/-' => ['tier' => 'royal', 'surface' => 'cloth', 'uses' => [['technique' => 'base']]]], ['Royal: a new tier']];
        yield 'a sentence' => [['/requirements/0/criteria/0/severity' => 'minor'], ['Plain, Whole figure: "The ground is even." is minor instead of major']];
        yield 'a school' => [['/schools' => ['lights' => 'every-edge']], ['Lights: on every edge instead of left open']];
        yield 'a technique' => [['/techniques/2/dry' => 20], ['Technique Wash: described otherwise']];
        yield 'two to three coats, until it is even' => [
            ['/requirements/3/uses/1' => ['technique' => 'varnish', 'minutes' => 3, 'coats_to' => 3, 'note' => 'until it is even']],
            ['Rich, Whole figure: varnish up to 3 coats, with the note "until it is even"'],
        ];
        yield 'only if it is needed, and not everywhere' => [
            ['/requirements/3/uses/1' => ['technique' => 'varnish', 'minutes' => 3, 'only_if' => 'it shines', 'likely' => 0.5, 'not_places' => ['lenses'], 'in_turn_with' => 'prime', 'material' => 'mask']],
            ['Rich, Whole figure: varnish reckoned for 50 % of figures, only if it shines, leaving out lenses, in turn with prime, taking by the piece: mask; −1.5 min a coat'],
        ];
        yield 'of the whole, later and not over everything' => [
            ['/requirements/3/uses/1' => ['technique' => 'varnish', 'minutes' => 3, 'stage' => 'tidy', 'except' => ['cloth']]],
            ['Rich, Whole figure: varnish laid over all at the stage of tidy, not over cloth'],
        ];
        yield 'another order' => [['/requirements/3/uses' => [['technique' => 'varnish', 'minutes' => 3], ['technique' => 'prime', 'minutes' => 2]]], ['Rich, Whole figure: laid in another order']];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  list<string>  $expected
     */
    #[DataProvider('changes')]
    public function test_a_change_in_words(array $changes, array $expected): void
    {
        $lines = (new DifferenceWords(SmallStandard::standard(), StandardReader::ofSound()->read(SmallStandard::with($changes))))->lines();

        self::assertSame($expected, array_map(static fn (ChangeLine $line): string => $line->sentence('coat'), $lines));
    }
}
