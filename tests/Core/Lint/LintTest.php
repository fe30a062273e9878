<?php

declare(strict_types=1);

namespace Tests\Core\Lint;

use Core\Lint\Finding;
use Core\Lint\FindingText;
use Core\Lint\Lint;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/**
 * Each code by a hand-worked defect in the small standard, which has one question of its own: the rich
 * tier is silent about markings.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 */
final class LintTest extends TestCase
{
    private const OWN = 'undecided rich marking -';

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function defects(): iterable
    {
        yield 'the standard as it is' => [[], []];
        yield 'no lay-in on a surface that needs one' => [['/requirements/4/uses/0' => SmallStandard::GONE], ['no-lay-in rich cloth -', 'step-down rich cloth base']];
        yield 'a use gone at the higher tier' => [['/requirements/4/uses/2' => SmallStandard::GONE], ['step-down rich cloth light']];
        yield 'fewer coats at the higher tier' => [['/requirements/4/uses/0' => ['technique' => 'base']], ['step-down rich cloth base']];
        yield 'a narrower extent at the higher tier' => [['/requirements/4/uses/2' => ['id' => 'light', 'technique' => 'layer', 'extent' => 'focal']], ['step-down rich cloth light']];
        yield 'a surface emptied at the higher tier steps down in each use' => [['/requirements/3/uses' => []], ['step-down rich whole prime']];
        yield 'judged from further away' => [['/tiers/1/distance_mm' => 700.1], ['further-away rich - -']];
        yield 'a monster that bears more than at the lower tier' => [['/tiers/1/limits_by_size' => ['monster' => ['critical' => 0, 'major' => 2, 'minor' => 3]]], ['looser rich - -']];
        yield 'a monster that bears more, and as much at the lower tier' => [['/tiers/0/limits_by_size' => ['monster' => ['critical' => 0, 'major' => 2, 'minor' => 9]], '/tiers/1/limits_by_size' => ['monster' => ['critical' => 0, 'major' => 2, 'minor' => 9]]], []];
        yield 'a small figure that bears less at the lower tier only' => [['/tiers/0/limits_by_size' => ['small' => ['critical' => 0, 'major' => 0, 'minor' => 0]]], ['looser rich - -']];
        yield 'looser limits' => [['/tiers/1/limits' => ['critical' => 0, 'major' => 0, 'minor' => 4]], ['looser rich - -']];
        // Rich on the reference figure: whole 2 + 3; base 1 + 6, recess 10, light 20, buckles 6: 48 minutes.
        yield 'a budget of 48 minutes is enough' => [['/tiers/1/budget_minutes' => 48], []];
        yield 'a budget of 47.9 minutes is not' => [['/tiers/1/budget_minutes' => 47.9], ['over-budget rich - -']];
        // Plain asks 5 criteria of the reference figure: 15 seconds.
        yield 'a look of 15 seconds is long enough' => [['/tiers/0/look_minutes' => 0.25], []];
        yield 'a look of 14 seconds is too short' => [['/tiers/0/look_minutes' => 14 / 60], ['look-too-short plain - -']];
        yield 'no criterion' => [['/requirements/3/criteria' => SmallStandard::GONE], ['no-criterion rich whole -']];
        yield 'an unknown technique' => [['/requirements/3/uses/1' => ['technique' => 'sponge']], ['unknown-technique rich whole sponge']];
        yield 'a requirement twice, each finding once' => [['/requirements/5' => SmallStandard::document()['requirements'][3], '/requirements/6' => SmallStandard::document()['requirements'][3]], ['duplicate-requirement rich whole -']];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  list<string>  $expected
     */
    #[DataProvider('defects')]
    public function test_a_defect_is_found(array $changes, array $expected): void
    {
        self::assertEqualsCanonicalizing([self::OWN, ...$expected], self::findings(SmallStandard::with($changes)));
    }

    public function test_a_tier_by_agreement_is_not_compared_nor_asked_to_decide(): void
    {
        $document = SmallStandard::with(['/tiers/1/by_agreement' => true, '/tiers/1/budget_minutes' => 1, '/tiers/1/look_minutes' => 0.01]);

        self::assertSame(['look-too-short rich - -'], self::findings($document));
    }

    public function test_a_retired_tier_between_two_is_skipped_in_the_comparison(): void
    {
        $document = SmallStandard::with(['/tiers/1/rank' => 3, '/tiers/-' => ['retired' => true, 'distance_mm' => 100] + SmallStandard::tier('old', 2)]);

        self::assertSame([self::OWN], self::findings($document));
    }

    public function test_without_a_reference_each_surface_asked_for_has_an_equal_share_and_a_piece_of_each_feature(): void
    {
        // Plain asks of whole and cloth, half each: 1 + (1 + 6 + 4 + 10 + 1.5) = 23.5 minutes.
        self::assertNotContains('over-budget plain - -', self::findings(SmallStandard::with(['/reference' => SmallStandard::GONE, '/tiers/0/budget_minutes' => 23.5])));
        self::assertContains('over-budget plain - -', self::findings(SmallStandard::with(['/reference' => SmallStandard::GONE, '/tiers/0/budget_minutes' => 23.4])));
    }

    public function test_every_finding_has_a_sentence_and_a_why(): void
    {
        foreach (self::defects() as [$changes]) {
            $standard = StandardReader::ofDraft()->read(SmallStandard::with($changes));
            $text = new FindingText($standard);
            foreach ((new Lint)->read($standard) as $finding) {
                self::assertStringEndsWith('.', $text->sentence($finding));
                self::assertNotSame('', $text->why($finding)->rule);
            }
        }
    }

    public function test_the_house_standard_of_the_demo_has_the_two_findings_that_its_page_explains(): void
    {
        $json = (string) file_get_contents(__DIR__.'/../../../database/demo/kittiwake-standard.json');
        /** @var StandardDocument $document */
        $document = json_decode($json, true, 512, JSON_THROW_ON_ERROR);

        self::assertEqualsCanonicalizing(['undecided watch marking -', 'over-budget guard - -'], self::findings($document));
    }

    /**
     * @param  StandardDocument  $document
     * @return list<string>
     */
    private static function findings(array $document): array
    {
        return array_map(
            static fn (Finding $finding): string => implode(' ', [$finding->code, $finding->tier, $finding->surface ?? '-', $finding->use ?? '-']),
            (new Lint)->read(StandardReader::ofDraft()->read($document)),
        );
    }
}
