<?php

declare(strict_types=1);

namespace Tests\Core\Lint;

use Core\Lint\Finding;
use Core\Lint\FindingText;
use Core\Lint\Lint;
use Core\Lint\MendableRule;
use Core\Standard\OutOfRange;
use Core\Standard\Standard;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** What findings say, word by word, with every number in its place; and what settles them. */
final class SentencesTest extends TestCase
{
    /** @return iterable<array{string, string, array<string, string>}> name of the case, sentence, inputs of its why */
    public static function sentences(): iterable
    {
        yield ['no lay-in on a surface that needs one', 'Rich asks for work on Cloth but for no lay-in; add one, or say that the surface needs none.', ['tier' => 'Rich', 'surface' => 'Cloth']];
        yield ['no lay-in on a surface that needs one', 'Plain does "base" on Cloth; nothing at Rich does the same work.', ['tier' => 'Rich', 'surface' => 'Cloth', 'use' => 'base', 'lower' => 'Plain', 'how' => 'gone']];
        yield ['a use gone at the higher tier', 'Plain does "light" on Cloth; nothing at Rich does the same work.', ['tier' => 'Rich', 'surface' => 'Cloth', 'use' => 'light', 'lower' => 'Plain', 'how' => 'gone']];
        yield ['fewer coats at the higher tier', 'Plain does more of "base" on Cloth than Rich: more coats or steps, or a wider extent.', ['tier' => 'Rich', 'surface' => 'Cloth', 'use' => 'base', 'lower' => 'Plain', 'how' => 'less']];
        yield ['a narrower extent at the higher tier', 'Plain does more of "light" on Cloth than Rich: more coats or steps, or a wider extent.', ['tier' => 'Rich', 'surface' => 'Cloth', 'use' => 'light', 'lower' => 'Plain', 'how' => 'less']];
        yield ['a surface emptied at the higher tier steps down in each use', 'Plain does "prime" on Whole figure; nothing at Rich does the same work.', ['tier' => 'Rich', 'surface' => 'Whole figure', 'use' => 'prime', 'lower' => 'Plain', 'how' => 'gone']];
        yield ['judged from further away', 'Rich is judged from 700.1 mm, further away than Plain with 700 mm.', ['tier' => 'Rich', 'lower' => 'Plain', 'distance' => '700.1', 'lower distance' => '700']];
        yield ['looser limits', 'Rich bears more faults (critical 0, major 0, minor 4) than Plain (critical 0, major 1, minor 3).', ['tier' => 'Rich', 'lower' => 'Plain', 'limits' => 'critical 0, major 0, minor 4', 'lower limits' => 'critical 0, major 1, minor 3']];
        yield ['a monster that bears more than at the lower tier', 'Rich bears more faults of a monster figure (critical 0, major 2, minor 3) than Plain (critical 0, major 1, minor 3).', ['tier' => 'Rich', 'lower' => 'Plain', 'limits' => 'critical 0, major 2, minor 3', 'lower limits' => 'critical 0, major 1, minor 3', 'size' => 'monster']];
        yield ['a budget of 47.9 minutes is not', 'Rich takes 48 minutes for the reference figure; its budget is 47.9.', ['tier' => 'Rich', 'minutes' => '48', 'budget' => '47.9']];
        yield ['a look of 14 seconds is too short', 'Plain asks 5 criteria of the reference figure, 3 seconds each; its look of 0.2 minutes is too short for them.', ['tier' => 'Plain', 'items' => '5', 'seconds' => '3', 'look' => '0.2']];
        yield ['no criterion', 'Rich asks for work on Whole figure that no criterion judges; write a sentence that can be true or false of it.', ['tier' => 'Rich', 'surface' => 'Whole figure']];
        yield ['an unknown technique', 'Rich, Whole figure: the use "sponge" names the technique "sponge", which the standard has not.', ['tier' => 'Rich', 'surface' => 'Whole figure', 'use' => 'sponge', 'technique' => 'sponge']];
        yield ['a requirement twice, each finding once', 'What Rich asks of Whole figure is written twice; keep one.', ['tier' => 'Rich', 'surface' => 'Whole figure']];
        yield ['a criterion about 0.40 mm cannot be noticed', '"Each button is round." speaks of 0.4 mm; Rich notices nothing under 0.41 mm. Leave it out here, or judge from closer.', ['tier' => 'Rich', 'surface' => 'Cloth', 'use' => 'covered', 'text' => 'Each button is round.', 'size' => '0.4', 'smallest' => '0.4', 'distance' => '700', 'noticing angle' => '2']];
        yield ['a light of two steps where one fits', '2 steps take 20 of the 10 min left; 1 fit.', ['tier' => 'Rich', 'surface' => 'Cloth', 'use' => 'light', 'steps' => '2', 'minutes' => '20', 'left' => '10', 'fitting' => '1']];
        yield ['minutes that fall', 'Rich gives Cloth 42.4 minutes, Plain gives it 42.5.', ['tier' => 'Rich', 'surface' => 'Cloth', 'lower' => 'Plain', 'minutes' => '42.4', 'lower minutes' => '42.5']];
        yield ['a use that nobody judges', 'No criterion judges "shade" on Cloth: bind one to it, or write one for the whole area.', ['tier' => 'Plain', 'surface' => 'Cloth', 'use' => 'shade']];
        yield ['a criterion against the choice of the studio', '"No pools stand." holds for pools of a wash: a fault; here it is wanted.', ['tier' => 'Rich', 'surface' => 'Cloth', 'use' => 'clean', 'text' => 'No pools stand.', 'question' => 'pools of a wash', 'presumed' => 'a fault', 'chosen' => 'wanted']];
        yield ['a technique without what it needs', 'Layer needs Decal before it, because it must be dry first; none is asked here.', ['tier' => 'Rich', 'surface' => 'Cloth', 'use' => 'light', 'name' => 'Layer', 'needed' => 'Decal', 'why' => 'it must be dry first']];
        yield ['what is needed stands too late', 'Layer stands before Decal, which comes first because it must be dry first.', ['tier' => 'Rich', 'surface' => 'Cloth', 'use' => 'light', 'name' => 'Layer', 'needed' => 'Decal', 'why' => 'it must be dry first']];
        yield ['varnish nowhere', 'No tier says anything of varnish: write at Whole figure what is done, or say that it is meant so.', ['tier' => 'Plain', 'surface' => 'Whole figure']];
        yield ['a primer nowhere', 'No tier says anything of what lies under all paint: write at Whole figure what is done, or say that it is meant so.', ['tier' => 'Plain', 'surface' => 'Whole figure']];
        yield ['a base that the standard knows and nobody asks for', 'No tier says anything of the base: write at Whole figure what is done, or say that it is meant so.', ['tier' => 'Plain', 'surface' => 'Whole figure']];
        yield ['a drybrush on cloth', 'Drybrush does badly on Cloth: take another technique, or say that it is meant so.', ['tier' => 'Plain', 'surface' => 'Cloth', 'use' => 'light', 'technique' => 'Drybrush']];
        yield ['a drybrush over everything after a stain', 'Drybrush goes over the whole figure after the stains on Cloth and covers them: let it come at the stage of lay-in, so that it lies under them, keep it off there, or say that it is meant so.', ['tier' => 'Plain', 'surface' => 'Whole figure', 'use' => 'over', 'technique' => 'Drybrush', 'surfaces' => 'Cloth']];
        yield ['an area that is laid in after the wash meant for all', 'Wash is meant for the whole figure, and what is laid in after it on Cloth hides it there: lay that before it, keep it off there, or say that it is meant so.', ['tier' => 'Plain', 'surface' => 'Whole figure', 'use' => 'over', 'technique' => 'Wash', 'surfaces' => 'Cloth']];
        yield ['a look over everything after all', 'Look comes after all else, where the check looks anyway, and nothing waits for it: say before which stage somebody looks.', ['tier' => 'Plain', 'surface' => 'Whole figure', 'use' => 'over', 'technique' => 'Look']];
        yield ['what must come later stands before', 'Recess wash stands before Base coat, which comes first because it would cover or block what comes later.', ['tier' => 'Rich', 'surface' => 'Cloth', 'use' => 'recess', 'name' => 'Recess wash', 'needed' => 'Base coat', 'why' => 'it would cover or block what comes later']];
    }

    /** @param  array<string, string>  $inputs */
    #[DataProvider('sentences')]
    public function test_a_finding_says_what_and_why(string $case, string $sentence, array $inputs): void
    {
        $cases = [...iterator_to_array(LintTest::defects()), ...iterator_to_array(AdviceTest::cases())];
        $standard = self::standard($cases[$case][0]);
        $text = new FindingText($standard);
        $said = [];
        foreach ([...(new Lint)->read($standard), ...(new Lint)->advise($standard)] as $finding) {
            $said[$text->sentence($finding)] = $text->why($finding)->inputs;
        }

        self::assertArrayHasKey($sentence, $said);
        self::assertSame($inputs, $said[$sentence]);
    }

    /**
     * What settles a finding, at its number and beside it: 48 minutes, and 48.1.
     *
     * @param  array<string, mixed>  $changes
     * @param  array<string, mixed>  $values
     */
    #[TestWith(['over-budget', ['/tiers/1/budget_minutes' => 47.9], ['budget_minutes' => 48.0], 'Allow 48 minutes'])]
    #[TestWith(['over-budget', ['/tiers/1/budget_minutes' => 40, '/requirements/4/uses/0/minutes' => 12.2], ['budget_minutes' => 49.0], 'Allow 49 minutes'])]
    #[TestWith(['look-too-short', ['/tiers/0/look_minutes' => 0.2], ['look_minutes' => 0.5], 'Look for 0.5 minutes'])]
    #[TestWith(['looser', ['/tiers/1/limits' => ['critical' => 1, 'major' => 0, 'minor' => 4]], ['limits' => ['critical' => 0, 'major' => 0, 'minor' => 3]], 'Bear no more'])]
    #[TestWith(['looser', ['/tiers/1/limits_by_size' => ['foot' => ['critical' => 0, 'major' => 0, 'minor' => 0], 'monster' => ['critical' => 0, 'major' => 2, 'minor' => 1]]], ['limits_by_size' => ['foot' => ['critical' => 0, 'major' => 0, 'minor' => 0], 'monster' => ['critical' => 0, 'major' => 1, 'minor' => 1]]], 'Bear no more'])]
    public function test_what_settles_it(string $code, array $changes, array $values, string $label): void
    {
        $standard = self::standard($changes);
        $rule = Lint::rule($code);
        self::assertInstanceOf(MendableRule::class, $rule);
        $finding = array_values(array_filter((new Lint)->read($standard), static fn (Finding $one): bool => $one->code === $code))[0];
        $mend = $rule->mend($finding, $standard);

        self::assertSame([$values, $label], [$mend?->values, $mend?->label]);
    }

    /** Plain asks 5 criteria of the reference figure. */
    #[TestWith([3.0, 0.25, false])]
    #[TestWith([3.1, 0.25, true])]
    #[TestWith([0.0, 0.01, false])]
    public function test_a_look_is_held_against_the_seconds_that_an_item_takes(float $seconds, float $look, bool $isShort): void
    {
        $findings = (new Lint($seconds))->read(self::standard(['/tiers/0/look_minutes' => $look]));

        self::assertSame($isShort, array_filter($findings, static fn (Finding $one): bool => $one->code === 'look-too-short' && $one->tier === 'plain') !== []);
    }

    public function test_an_item_takes_no_less_than_no_time(): void
    {
        $this->expectException(OutOfRange::class);
        new Lint(-0.1);
    }

    public function test_every_code_is_of_a_rule(): void
    {
        self::assertContains('look-at-the-end', Lint::codes());
        foreach (Lint::codes() as $code) {
            self::assertSame($code, Lint::rule($code)->code());
        }
    }

    /** @param  array<string, mixed>  $changes */
    private static function standard(array $changes): Standard
    {
        return StandardReader::ofDraft()->read(SmallStandard::with($changes));
    }
}
