<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\ComposedCriterion;
use Core\Composition\ComposedUse;
use Core\Composition\Composer;
use Core\Composition\Composition;
use Core\Composition\Figure;
use Core\Composition\NotAskedFor;
use Core\CoreException;
use Core\Standard\Area;
use Core\Standard\Standard;
use Document\Figure\FigureReader;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/**
 * Worked by hand from the small standard: fixed + each × pieces + minutes × share × size.
 *
 * @phpstan-import-type FigureDocument from FigureReader
 */
final class ComposerTest extends TestCase
{
    private const COAT = ['id' => 'coat', 'surface' => 'cloth', 'share' => 0.5, 'features' => ['buckle' => 2]];

    private const CAPE = ['id' => 'cape', 'surface' => 'cloth', 'share' => 0.25];

    public function test_minutes_are_fixed_plus_pieces_plus_share_of_size(): void
    {
        $composition = self::compose(['tier' => 'plain', 'size' => 1.6, 'areas' => [self::COAT]]);

        // base 1 + 12 × 0.5 × 1.6 = 10.6; shade 8 × 0.8 = 6.4; light 20 × 0.8 = 16; buckles 1.5 × 2 = 3.
        self::assertEqualsWithDelta(['base' => 10.6, 'shade' => 6.4, 'light' => 16.0, 'buckles' => 3.0], self::minutes($composition), 1e-9);
        self::assertEqualsWithDelta(36.0, $composition->minutes, 1e-9);
    }

    public function test_what_the_area_does_not_have_is_not_asked(): void
    {
        $composition = self::compose(['tier' => 'plain', 'areas' => [self::CAPE]]);

        self::assertSame(['base', 'shade', 'light'], array_keys(self::minutes($composition)));
        self::assertSame(['covered', 'lit', 'modelled'], self::criteria($composition));
    }

    public function test_a_criterion_of_a_feature_is_not_asked_where_the_feature_is_not_whatever_it_judges(): void
    {
        $standard = StandardReader::ofSound()->read(SmallStandard::with(['/requirements/1/criteria/3/uses' => ['light']]));

        self::assertNotContains('buckled', self::criteria(self::compose(['tier' => 'plain', 'areas' => [self::CAPE]], $standard)));
        self::assertContains('buckled', self::criteria(self::compose(['tier' => 'plain', 'areas' => [self::COAT]], $standard)));
    }

    public function test_a_piece_counted_as_none_is_not_there(): void
    {
        $composition = self::compose(['tier' => 'plain', 'areas' => [['features' => ['buckle' => 0]] + self::CAPE]]);

        self::assertArrayNotHasKey('buckles', self::minutes($composition));
    }

    public function test_a_criterion_goes_when_every_use_it_judges_is_waived_and_stays_while_one_is_left(): void
    {
        $waive = static fn (string ...$uses): array => array_values(array_map(static fn (string $use): array => ['area' => 'cape', 'use' => $use, 'reason' => 'agreed'], $uses));

        self::assertSame(['covered', 'modelled'], self::criteria(self::compose(['tier' => 'plain', 'areas' => [self::CAPE], 'waive' => $waive('light')])));
        self::assertSame(['covered'], self::criteria(self::compose(['tier' => 'plain', 'areas' => [self::CAPE], 'waive' => $waive('light', 'shade')])));
    }

    public function test_what_is_not_painted_is_not_judged_even_by_a_criterion_that_names_no_use(): void
    {
        $waive = array_map(static fn (string $use): array => ['area' => 'cape', 'use' => $use, 'reason' => 'agreed'], ['base', 'shade', 'light']);
        $bare = ['tier' => 'plain', 'areas' => [self::CAPE], 'waive' => $waive];
        $decal = ['area' => 'cape', 'use' => ['technique' => 'decal'], 'criteria' => [['id' => 'there', 'text' => 'It is there.', 'severity' => 'critical']]];

        self::assertSame([], self::criteria(self::compose($bare)));
        self::assertSame(['there'], self::criteria(self::compose($bare + ['add' => [$decal]])), 'what was added is judged by its own criterion, not by those of its area');
    }

    public function test_a_criterion_of_a_requirement_without_uses_is_asked(): void
    {
        $document = SmallStandard::with(['/requirements/2/criteria' => [['id' => 'bare', 'text' => 'Nothing is painted on it.', 'severity' => 'minor']]]);
        $composition = self::compose(['tier' => 'plain', 'areas' => [['id' => 'badge', 'surface' => 'marking', 'share' => 0.1]]], StandardReader::ofSound()->read($document));

        self::assertSame([['bare'], ['badge']], [self::criteria($composition), $composition->notAsked]);
    }

    public function test_an_area_of_which_nobody_said_anything_may_be_agreed_as_not_asked(): void
    {
        $badge = new Area('badge', 'marking', 0.1);
        $silent = (new Composer(SmallStandard::standard()))->compose(new Figure('rich', 1.0, [$badge]));
        $agreed = (new Composer(SmallStandard::standard()))->compose(new Figure('rich', 1.0, [$badge], notAskedFor: [new NotAskedFor('badge', 'no badges on this figure')]));

        self::assertSame([['badge'], []], [$silent->undecided, $silent->notAsked]);
        self::assertSame([[], ['badge']], [$agreed->undecided, $agreed->notAsked]);
    }

    public function test_an_open_method_is_the_first_unless_another_is_chosen(): void
    {
        $figure = ['tier' => 'plain', 'areas' => [self::CAPE]];

        self::assertSame('drybrush', self::technique(self::compose($figure), 'light'));
        self::assertSame('layer', self::technique(self::compose($figure + ['choose' => [['area' => 'cape', 'use' => 'light', 'technique' => 'layer']]]), 'light'));
    }

    public function test_an_area_may_have_a_tier_of_its_own(): void
    {
        $composition = self::compose(['tier' => 'plain', 'areas' => [self::CAPE, ['tier' => 'rich'] + self::COAT]]);

        self::assertSame(['base', 'shade', 'light'], array_map(static fn (ComposedUse $use): string => $use->use->id, $composition->usesOn('cape')));
        self::assertSame(['base', 'recess', 'light', 'buckles'], array_map(static fn (ComposedUse $use): string => $use->use->id, $composition->usesOn('coat')));
    }

    public function test_silence_is_undecided_and_an_empty_requirement_is_not_asked(): void
    {
        $badge = ['id' => 'badge', 'surface' => 'marking', 'share' => 0.1];

        $plain = self::compose(['tier' => 'plain', 'areas' => [$badge, self::CAPE]]);
        self::assertSame([[], ['badge']], [$plain->undecided, $plain->notAsked]);
        self::assertNotSame([], $plain->uses);

        $rich = self::compose(['tier' => 'rich', 'areas' => [$badge, self::CAPE]]);
        self::assertSame([['badge'], []], [$rich->undecided, $rich->notAsked]);
        self::assertNotSame([], $rich->uses);
    }

    public function test_an_addition_comes_last_with_its_criteria_and_leaves_silence_a_question(): void
    {
        $composition = self::compose([
            'tier' => 'rich',
            'areas' => [['id' => 'badge', 'surface' => 'marking', 'share' => 0.1], self::CAPE],
            'add' => [
                ['area' => 'badge', 'use' => ['technique' => 'decal', 'minutes' => 30], 'criteria' => [['id' => 'there', 'text' => 'It is there.', 'severity' => 'critical', 'uses' => ['decal']]]],
                ['area' => 'cape', 'use' => ['technique' => 'buckle', 'feature' => 'buckle', 'each' => 2]],
            ],
        ]);

        self::assertSame(['badge'], $composition->undecided);
        self::assertEqualsWithDelta(3.0, self::minutes($composition)['decal'], 1e-9);
        self::assertContains('there', self::criteria($composition));
        self::assertArrayNotHasKey('buckle', self::minutes($composition));
    }

    /** @return iterable<string, array{FigureDocument, string, string}> */
    public static function refused(): iterable
    {
        $figure = ['tier' => 'plain', 'areas' => [self::COAT, self::CAPE]];
        $waiver = ['area' => 'coat', 'use' => 'shade', 'reason' => 'agreed'];
        $choice = ['area' => 'coat', 'use' => 'light', 'technique' => 'layer'];

        yield 'a tier that nothing has' => [['tier' => 'gold'] + $figure, 'unknown-tier', '/tier'];
        yield 'an area of a tier that nothing has' => [['areas' => [['tier' => 'gold'] + self::COAT]] + $figure, 'unknown-tier', '/areas/0/tier'];
        yield 'an unknown surface' => [['areas' => [['surface' => 'glass'] + self::COAT]] + $figure, 'unknown-surface', '/areas/0/surface'];
        yield 'an area twice' => [['areas' => [self::COAT, self::COAT]] + $figure, 'duplicate-area', '/areas/1/id'];
        yield 'a waiver on an area that is not there' => [$figure + ['waive' => [['area' => 'hat'] + $waiver]], 'unknown-area', '/waive/0/area'];
        yield 'a waiver of what is not asked' => [$figure + ['waive' => [['use' => 'freehand'] + $waiver]], 'unknown-use', '/waive/0/use'];
        yield 'a waiver of a piece that the area has not' => [$figure + ['waive' => [['area' => 'cape', 'use' => 'buckles'] + $waiver]], 'unknown-use', '/waive/0/use'];
        yield 'a second waiver for one use' => [$figure + ['waive' => [$waiver, $waiver]], 'duplicate-use', '/waive/1/use'];
        yield 'a waiver without a reason' => [$figure + ['waive' => [['reason' => '  '] + $waiver]], 'no-reason', '/waive/0/reason'];
        yield 'a choice where the method is settled' => [$figure + ['choose' => [['use' => 'base', 'technique' => 'base'] + $choice]], 'not-a-choice', '/choose/0/technique'];
        yield 'a choice that is not offered' => [$figure + ['choose' => [['technique' => 'wash'] + $choice]], 'not-a-choice', '/choose/0/technique'];
        yield 'a choice of a technique that nothing has' => [$figure + ['choose' => [['technique' => 'sponge'] + $choice]], 'unknown-technique', '/choose/0/technique'];
        yield 'a second choice for one use' => [$figure + ['choose' => [$choice, $choice]], 'duplicate-use', '/choose/1/use'];
        yield 'an addition with the name of a use asked there' => [$figure + ['add' => [['area' => 'coat', 'use' => ['technique' => 'base']]]], 'duplicate-use', '/add/0/use'];
        yield 'an addition by an unknown technique' => [$figure + ['add' => [['area' => 'coat', 'use' => ['technique' => 'sponge']]]], 'unknown-technique', '/add/0/use/technique'];
    }

    /** @param  FigureDocument  $figure */
    #[DataProvider('refused')]
    public function test_what_makes_no_sense_is_refused_at_its_place(array $figure, string $code, string $pointer): void
    {
        try {
            self::compose($figure);
        } catch (CoreException $refusal) {
            self::assertSame([$code, $pointer], [$refusal->code(), $refusal->pointer()]);

            return;
        }
        self::fail("{$code} was expected at {$pointer}.");
    }

    public function test_a_waived_use_still_counts_as_asked(): void
    {
        $this->expectExceptionMessage('"shade" stands here for the second time');
        self::compose([
            'tier' => 'plain', 'areas' => [self::COAT],
            'waive' => [['area' => 'coat', 'use' => 'shade', 'reason' => 'agreed']],
            'add' => [['area' => 'coat', 'use' => ['id' => 'shade', 'technique' => 'recess-wash']]],
        ]);
    }

    public function test_figures_that_are_painted_alike_have_one_signature(): void
    {
        $plain = ['tier' => 'plain', 'areas' => [self::COAT]];

        self::assertSame(self::compose($plain)->signature(), self::compose($plain)->signature());
        self::assertNotSame(self::compose($plain)->signature(), self::compose($plain + ['choose' => [['area' => 'coat', 'use' => 'light', 'technique' => 'layer']]])->signature());
    }

    /** @param  FigureDocument  $figure */
    private static function compose(array $figure, ?Standard $standard = null): Composition
    {
        $standard ??= SmallStandard::standard();

        return (new Composer($standard))->compose((new FigureReader($standard))->read($figure));
    }

    /** @return array<string, float> by use */
    private static function minutes(Composition $composition): array
    {
        $minutes = [];
        foreach ($composition->uses as $use) {
            $minutes[$use->use->id] = $use->minutes;
        }

        return $minutes;
    }

    /** @return list<string> */
    private static function criteria(Composition $composition): array
    {
        return array_map(static fn (ComposedCriterion $composed): string => $composed->criterion->id, $composition->criteria);
    }

    private static function technique(Composition $composition, string $use): string
    {
        foreach ($composition->uses as $composed) {
            if ($composed->use->id === $use) {
                return $composed->technique;
            }
        }
        self::fail("{$use} is not composed.");
    }
}
