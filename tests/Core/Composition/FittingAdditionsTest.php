<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\AgreedAddition;
use Core\Composition\Choice;
use Core\Composition\ComposedCriterion;
use Core\Composition\ComposedUse;
use Core\Composition\Composer;
use Core\Composition\Composition;
use Core\Composition\Figure;
use Core\Composition\FittingAdditions;
use Core\Composition\FittingVariations;
use Core\Composition\NoReason;
use Core\Composition\OfferedAddition;
use Core\Composition\Origin;
use Core\Standard\Area;
use Core\Standard\Standard;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** What may be laid beside what a figure's own tier asks, where, and by what it is judged. */
final class FittingAdditionsTest extends TestCase
{
    public function test_it_keeps_the_place_that_it_has_in_the_order_of_its_tier(): void
    {
        // A shade out of the plain tier, which has it before light and buckles, and a wear which no own use comes behind.
        $composition = self::composed('rich', [self::agreed('shade'), self::agreed('dusty')], ['buckle' => 2]);

        self::assertSame(
            ['base by tier', 'recess by tier', 'shade by add', 'light by tier', 'buckles by tier', 'dusty by add'],
            array_map(static fn (ComposedUse $use): string => "{$use->use->id} by {$use->origin->value}", $composition->uses),
        );
        self::assertSame(4.0, $composition->usesOn('coat')[2]->minutes, 'half of the figure');
    }

    public function test_a_use_that_the_figure_has_no_pieces_for_keeps_no_place(): void
    {
        $standard = StandardReader::ofSound()->read(SmallStandard::with(['/requirements/4/uses/2' => ['id' => 'recessed', 'technique' => 'recess-wash']]));
        $figure = (new FittingAdditions($standard))->apply(new Figure('rich', 1.0, [new Area('coat', 'cloth', 0.5)]), [self::agreed('shade')]);

        self::assertNull($figure->additions[0]->before, 'only the buckles come behind it, and there are none');
        self::assertContains('shade', array_map(static fn (ComposedUse $use): string => $use->use->id, (new Composer($standard))->compose($figure)->uses));
    }

    public function test_what_other_tiers_ask_is_offered_once_without_what_is_asked_here(): void
    {
        $standard = StandardReader::ofSound()->read(SmallStandard::with([
            '/tiers/-' => ['retired' => true] + SmallStandard::tier('old', 0),
            '/requirements/-' => ['tier' => 'old', 'surface' => 'cloth', 'uses' => [['technique' => 'dust', 'minutes' => 9]]],
        ]));
        $coat = new Area('coat', 'cloth', 0.5);
        $offered = static fn (string $tier): array => array_map(
            static fn (OfferedAddition $one): string => "{$one->tier->id}: {$one->use->id}, {$one->minutes} min, ".implode('+', array_column($one->criteria, 'id')),
            (new FittingAdditions($standard))->offered(new Figure($tier, 1.0, [$coat]), $coat),
        );

        self::assertSame(['plain: shade, 4 min, modelled'], $offered('rich'), 'buckles are not on it; base and light are asked');
        self::assertSame(['rich: recess, 10 min, '], $offered('plain'));
        self::assertSame(['plain: base, 7 min, ', 'plain: shade, 4 min, modelled', 'plain: light, 10 min, lit+modelled', 'rich: recess, 10 min, ', 'rich: light, 20 min, '], $offered('old'), 'the base of both is the same');
    }

    public function test_it_brings_what_judges_it_by_name_and_what_is_not_asked_already(): void
    {
        $criteria = static fn (Composition $composition): array => array_map(static fn (ComposedCriterion $one): string => "{$one->criterion->id} by {$one->origin->value}", $composition->criteria);

        // "covered" names no use: it judges the plain tier as a whole, not the shade out of it.
        self::assertSame(['covered by tier', 'modelled by add'], $criteria(self::composed('rich', [self::agreed('shade')])));
        self::assertSame(['covered by tier', 'modelled by add'], $criteria(self::composed('rich', [self::agreed('shade'), self::agreed('shade', 'of the figure alone')])), 'once, however often it was agreed');
    }

    #[DataProvider('unfit')]
    public function test_it_rests_where_it_names_nothing_to_add(string $at, string $area, string $tier, string $use): void
    {
        $addition = new AgreedAddition($area, $tier, $use, 'agreed');
        $figure = new Figure($at, 1.0, [new Area('coat', 'cloth', 0.5)]);
        $fitting = new FittingAdditions(self::standard());

        self::assertFalse($fitting->fits($figure, $addition));
        self::assertSame([], $fitting->apply($figure, [$addition])->additions);
    }

    /** @return iterable<string, array{string, string, string, string}> tier of the figure; area, tier and use of what was agreed */
    public static function unfit(): iterable
    {
        yield 'no such area' => ['rich', 'hat', 'plain', 'shade'];
        yield 'no such tier' => ['rich', 'coat', 'gone', 'shade'];
        yield 'that tier has no such use' => ['rich', 'coat', 'plain', 'recess'];
        yield 'the figure has none of its pieces' => ['none', 'coat', 'plain', 'buckles'];
        yield 'its own tier asks it' => ['plain', 'coat', 'plain', 'shade'];
        yield 'its own tier asks one of that name' => ['rich', 'coat', 'plain', 'light'];
    }

    public function test_on_an_area_that_its_tier_is_silent_about_it_is_all_that_is_laid(): void
    {
        $composition = self::composed('none', [self::agreed('light'), self::agreed('base')]);

        self::assertSame(['base', 'light'], array_map(static fn (ComposedUse $use): string => $use->use->id, $composition->uses), 'as the tier lays them that they come from');
        self::assertSame(['coat'], $composition->undecided, 'nobody has said that this is all');
    }

    public function test_its_method_may_be_chosen_where_it_is_open(): void
    {
        $figure = (new FittingAdditions(self::standard()))->apply(new Figure('none', 1.0, [new Area('coat', 'cloth', 0.5)]), [self::agreed('light')]);
        $chosen = (new FittingVariations(self::standard()))->apply($figure, [], [new Choice('coat', 'light', 'layer'), new Choice('coat', 'buckles', 'buckle')]);

        self::assertSame(['layer'], array_column($chosen->choices, 'technique'));
        self::assertSame('layer', (new Composer(self::standard()))->compose($chosen)->uses[0]->technique);
    }

    public function test_nothing_is_added_without_a_reason(): void
    {
        $this->expectExceptionObject(NoReason::forAddition('shade', 'coat'));
        new AgreedAddition('coat', 'plain', 'shade', ' ');
    }

    public function test_additions_are_said_to_be_such(): void
    {
        self::assertSame([Origin::Tier, Origin::Tier, Origin::Addition, Origin::Tier], array_map(static fn (ComposedUse $use): Origin => $use->origin, self::composed('rich', [self::agreed('shade')])->uses));
    }

    private static function agreed(string $use, string $reason = 'agreed'): AgreedAddition
    {
        return new AgreedAddition('coat', 'plain', $use, $reason);
    }

    /**
     * @param  list<AgreedAddition>  $agreed
     * @param  array<string, int>  $features
     */
    private static function composed(string $tier, array $agreed, array $features = []): Composition
    {
        $figure = new Figure($tier, 1.0, [new Area('coat', 'cloth', 0.5, $features)]);

        return (new Composer(self::standard()))->compose((new FittingAdditions(self::standard()))->apply($figure, $agreed));
    }

    /** The small one, whose plain tier has dust on cloth last; a tier that says nothing of cloth. */
    private static function standard(): Standard
    {
        return StandardReader::ofSound()->read(SmallStandard::with([
            '/requirements/1/uses/-' => ['id' => 'dusty', 'technique' => 'dust', 'minutes' => 4],
            '/tiers/-' => SmallStandard::tier('none', 3),
        ]));
    }
}
