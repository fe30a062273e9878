<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\ComposedUse;
use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\Composition\Origin;
use Core\Composition\Raise;
use Core\Composition\RaisedComposition;
use Core\Composition\RaisePlan;
use Core\CoreException;
use Core\Standard\Extent;
use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\Standard;
use Document\Figure\FigureReader;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** A coat of half the figure with two buckles, raised from plain to rich, worked out by hand. */
final class RaiseTest extends TestCase
{
    private const BASE = ['technique' => 'base', 'coats' => 2, 'minutes' => 12, 'fixed' => 1];

    private const RECESS = ['id' => 'recess', 'technique' => 'recess-wash', 'minutes' => 20];

    private const LIGHT = ['id' => 'light', 'technique' => 'layer', 'steps' => 2, 'minutes' => 40];

    private const WASH = ['id' => 'shade', 'technique' => 'wash', 'minutes' => 8];

    /** @return iterable<string, array{list<array<string, mixed>>, array<string, mixed>, list<string>, list<string>, list<string>, float}> uses of rich cloth, changes of the figure; uses, tidies, blocked, minutes */
    public static function raisings(): iterable
    {
        $relight = ['id' => 'again', 'technique' => 'base', 'extent' => 'upper', 'minutes' => 6];

        // Recess 10; a layer instead of the drybrush, whole, 20; the wash dulled the faces, so one of two coats of base, 7 / 2; new varnish 3.
        yield 'what is new, with the middle colour again and a new varnish' => [
            [self::BASE, self::RECESS, self::LIGHT], [],
            ['figure varnish 1 1 every 3', 'coat recess 1 1 every 10', 'coat light 1 2 every 20'], ['coat 3.5'], [], 36.5,
        ];
        yield 'of the same technique only the further step, over the wider extent' => [
            [self::BASE, self::RECESS, self::LIGHT], ['choose' => [['area' => 'coat', 'use' => 'light', 'technique' => 'layer']]],
            ['figure varnish 1 1 every 3', 'coat recess 1 1 every 10', 'coat light 0 1 every 10'], ['coat 3.5'], [], 26.5,
        ];
        yield 'what is asked to the same degree is left alone, whatever its minutes' => [
            [self::BASE, self::WASH, ['minutes' => 99, 'extent' => 'upper'] + ['id' => 'light', 'any_of' => ['drybrush', 'layer']]], [],
            ['figure varnish 1 1 every 3'], [], [], 3.0,
        ];
        yield 'further coats of the base are tidying' => [
            [['coats' => 4, 'minutes' => 24] + self::BASE, self::WASH], [],
            ['figure varnish 1 1 every 3'], ['coat 3.25'], [], 6.25,
        ];
        yield 'further steps of the base lie under finished paint' => [
            [['steps' => 2] + self::BASE, self::WASH], [],
            ['figure varnish 1 1 every 3'], [], ['coat base'], 3.0,
        ];
        yield 'another lay-in lies under finished paint' => [
            [['id' => 'spray', 'technique' => 'base', 'minutes' => 9], self::WASH], [],
            ['figure varnish 1 1 every 3'], [], ['coat spray'], 3.0,
        ];
        yield 'a lay-in after a shade lies on top, and makes tidying needless' => [
            [self::BASE, self::WASH, $relight, self::LIGHT], [],
            ['figure varnish 1 1 every 3', 'coat again 1 1 upper 3', 'coat light 1 2 every 20'], [], [], 26.0,
        ];
        yield 'a shade that lies on all dulls the details and lights after it' => [
            [self::BASE, ['coats' => 2] + self::WASH, ['id' => 'light', 'any_of' => ['drybrush', 'layer'], 'extent' => 'upper', 'minutes' => 20], ['id' => 'buckles', 'technique' => 'buckle', 'feature' => 'buckle', 'each' => 1.5]], [],
            ['figure varnish 1 1 every 3', 'coat shade 1 0 every 0', 'coat light 1 1 upper 10', 'coat buckles 1 1 every 3'], [], [], 16.0,
        ];
        yield 'a waived use is not planned' => [
            [self::BASE, self::RECESS, self::LIGHT], ['waive' => [['area' => 'coat', 'use' => 'recess', 'reason' => 'agreed']]],
            ['figure varnish 1 1 every 3', 'coat light 1 2 every 20'], ['coat 3.5'], [], 26.5,
        ];
        yield 'what was waived at the lower tier and is asked at the higher was not done and is not planned' => [
            [self::BASE, self::WASH], ['waive' => [['area' => 'coat', 'use' => 'shade', 'reason' => 'agreed']]],
            ['figure varnish 1 1 every 3'], [], [], 3.0,
        ];
        yield 'an addition counts as done' => [
            [self::BASE, self::WASH, ['id' => 'gild', 'technique' => 'layer', 'minutes' => 10]],
            ['add' => [['area' => 'coat', 'use' => ['id' => 'gild', 'technique' => 'layer', 'minutes' => 10]]]],
            ['figure varnish 1 1 every 3'], [], [], 3.0,
        ];
        yield 'an area with a tier of its own gives nothing, and no varnish' => [
            [self::BASE, self::RECESS, self::LIGHT], ['areas' => [['id' => 'coat', 'surface' => 'cloth', 'share' => 0.5, 'tier' => 'plain', 'features' => ['buckle' => 2]]]],
            [], [], [], 0.0,
        ];
        yield 'what the higher tier does not ask for gives nothing' => [
            [], [], ['figure varnish 1 1 every 3'], [], [], 3.0,
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $cloth
     * @param  array<string, mixed>  $figure
     * @param  list<string>  $uses
     * @param  list<string>  $tidies
     * @param  list<string>  $blocked
     */
    #[DataProvider('raisings')]
    public function test_raising(array $cloth, array $figure, array $uses, array $tidies, array $blocked, float $minutes): void
    {
        $raising = self::raise(['/requirements/4/uses' => $cloth], $figure);

        self::assertSame($uses, array_map(static fn ($use): string => "{$use->area->id} {$use->use->id} {$use->coats} {$use->steps} {$use->use->extent->value} {$use->minutes}", $raising->uses));
        self::assertSame($tidies, array_map(static fn ($tidy): string => "{$tidy->area->id} {$tidy->minutes}", $raising->tidies));
        self::assertSame($blocked, array_map(static fn ($use): string => "{$use->area->id} {$use->use->id}", $raising->blocked));
        self::assertEqualsWithDelta($minutes, $raising->minutes, 1e-9);
    }

    private const PLAIN = [self::BASE, self::WASH, ['id' => 'light', 'any_of' => ['drybrush', 'layer'], 'extent' => 'upper', 'minutes' => 20], ['id' => 'buckles', 'technique' => 'buckle', 'feature' => 'buckle', 'each' => 1.5]];

    /**
     * The rich tier washes the figure as one; its cloth asks for what the plain one has.
     *
     * @return iterable<string, array{array<string, mixed>, list<string>}>
     */
    public static function grimes(): iterable
    {
        $figure = ['figure varnish 1 1 every 3', 'figure grime 1 1 every 4'];
        yield 'every light and detail after it is laid again' => [[], [...$figure, 'coat light 1 1 upper 10', 'coat buckles 1 1 every 3']];
        yield 'what is kept free of it stays as it is' => [['except' => ['cloth']], $figure];
        yield 'laid before the details, it dulls those alone' => [['stage' => 'detail'], [...$figure, 'coat buckles 1 1 every 3']];
        yield 'laid after all, it dulls nothing' => [['stage' => 'wear'], $figure];
        yield 'in the recesses it dulls nothing' => [['technique' => 'recess-wash'], $figure];
    }

    /**
     * @param  array<string, mixed>  $grime
     * @param  list<string>  $uses
     */
    #[DataProvider('grimes')]
    public function test_a_shade_over_the_whole_figure_dulls_what_it_covers(array $grime, array $uses): void
    {
        $raising = self::raise(['/requirements/4/uses' => self::PLAIN, '/requirements/3/uses/-' => $grime + ['id' => 'grime', 'technique' => 'wash', 'minutes' => 4]], []);

        self::assertSame($uses, array_map(static fn ($use): string => "{$use->area->id} {$use->use->id} {$use->coats} {$use->steps} {$use->use->extent->value} {$use->minutes}", $raising->uses));
        self::assertSame([], $raising->blocked);
    }

    public function test_a_shade_that_was_laid_over_the_whole_figure_asks_for_the_middle_colour_again(): void
    {
        $unshaded = ['/requirements/1/uses' => [self::BASE], '/requirements/1/criteria' => [], '/requirements/4/uses' => [self::BASE, self::LIGHT]];
        $tidies = static function (array $changes, array $figure = []) use ($unshaded): array {
            /** @var array<string, mixed> $changes */
            /** @var array<string, mixed> $figure */
            return array_map(static fn ($tidy): string => "{$tidy->area->id} {$tidy->minutes}", self::raise($unshaded + $changes, $figure)->tidies);
        };
        $wash = ['id' => 'grime', 'technique' => 'wash', 'minutes' => 4];

        self::assertSame([], $tidies([]), 'nothing dulled it');
        self::assertSame(['coat 3.5'], $tidies(['/requirements/0/uses/-' => $wash]), 'done at the plain tier');
        self::assertSame(['coat 3.5'], $tidies(['/requirements/3/uses/-' => $wash]), 'planned now');
        self::assertSame([], $tidies(['/requirements/0/uses/-' => ['except' => ['cloth']] + $wash]), 'kept off the cloth');
        self::assertSame(['coat 3.5'], $tidies([], ['add' => [['area' => 'figure', 'use' => $wash]]]), 'an addition counts as done');
        self::assertSame([], $tidies(['/requirements/0/uses/-' => $wash], ['waive' => [['area' => 'figure', 'use' => 'grime', 'reason' => 'agreed']]]), 'waived');
    }

    public function test_a_shade_over_the_whole_figure_makes_no_lay_in_a_relight_and_no_area_a_painted_one(): void
    {
        $wash = ['id' => 'grime', 'technique' => 'wash', 'minutes' => 4];
        $again = self::raise(['/requirements/0/uses/-' => $wash, '/requirements/1/uses' => [self::BASE], '/requirements/1/criteria' => [], '/requirements/4/uses' => [self::BASE, ['id' => 'again', 'technique' => 'base', 'minutes' => 6]]], []);
        self::assertSame(['again'], array_map(static fn ($use): string => $use->use->id, $again->blocked));

        $bare = self::raise(['/requirements/0/uses/-' => $wash, '/requirements/1/uses' => [], '/requirements/1/criteria' => [], '/requirements/4/uses' => [self::BASE, self::LIGHT]], []);
        self::assertSame([['varnish', 'base', 'light'], [], []], [array_map(static fn ($use): string => $use->use->id, $bare->uses), $bare->tidies, $bare->blocked]);
    }

    /** @return iterable<string, array{array<string, mixed>, list<array<string, mixed>>, string|null, list<string>}> */
    public static function schools(): iterable
    {
        $edges = ['id' => 'light', 'technique' => 'drybrush', 'steps' => 2, 'minutes' => 40];
        $light = [self::BASE, self::WASH, self::LIGHT];
        yield 'nobody has chosen: a light on faces over a wash' => [[], $light, null, ['coat 3.5']];
        yield 'nobody has chosen: no light on faces' => [[], [self::BASE, self::WASH, $edges], null, []];
        yield 'a light straight on' => [['/schools' => ['after-shade' => 'straight-light']], $light, null, []];
        yield 'a light straight on, but coats were left out' => [['/schools' => ['after-shade' => 'straight-light']], [['coats' => 4, 'minutes' => 24] + self::BASE, self::WASH, self::LIGHT], null, ['coat 3.25']];
        yield 'the middle tone again, before any light' => [['/schools' => ['after-shade' => 'relight']], [self::BASE, self::WASH, $edges], null, ['coat 3.5']];
        yield 'the middle tone again, but no light is planned' => [['/schools' => ['after-shade' => 'relight']], [self::BASE, self::WASH, ['minutes' => 20, 'extent' => 'upper'] + ['id' => 'light', 'any_of' => ['drybrush', 'layer']]], null, []];
        yield 'the surface before the studio' => [['/schools' => ['after-shade' => 'relight'], '/surfaces/1/schools' => ['after-shade' => 'straight-light']], $light, null, []];
        yield 'the area before the surface' => [['/surfaces/1/schools' => ['after-shade' => 'straight-light']], [self::BASE, self::WASH, $edges], 'relight', ['coat 3.5']];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  list<array<string, mixed>>  $cloth
     * @param  list<string>  $tidies
     */
    #[DataProvider('schools')]
    public function test_the_school_decides_on_the_middle_colour_again(array $changes, array $cloth, ?string $ofArea, array $tidies): void
    {
        $coat = ['id' => 'coat', 'surface' => 'cloth', 'share' => 0.5, 'features' => ['buckle' => 2]] + ($ofArea === null ? [] : ['after_shade' => $ofArea]);
        $raising = self::raise(['/requirements/4/uses' => $cloth] + $changes, ['areas' => [['id' => 'figure', 'surface' => 'whole', 'share' => 1], $coat]]);

        self::assertSame($tidies, array_map(static fn ($tidy): string => "{$tidy->area->id} {$tidy->minutes}", $raising->tidies));
    }

    public function test_where_nothing_was_done_everything_is_planned_the_lay_in_too(): void
    {
        $raising = self::raise(['/requirements/1/uses' => [], '/requirements/1/criteria' => [], '/requirements/4/uses' => [self::BASE, self::LIGHT]], []);

        self::assertSame(['varnish', 'base', 'light'], array_map(static fn ($use): string => $use->use->id, $raising->uses));
        self::assertSame([], $raising->tidies);
    }

    public function test_without_new_paint_the_varnish_stays_as_it_is(): void
    {
        $raising = self::raise(['/requirements/0/uses/-' => ['technique' => 'varnish', 'minutes' => 3], '/requirements/4/uses' => [self::BASE, self::WASH]], []);

        self::assertSame([], $raising->uses);
    }

    public function test_what_is_painted_is_a_composition_of_its_own_judged_as_the_whole_tier(): void
    {
        [$standard, $figure] = self::small([]);
        $composer = new Composer($standard);
        $done = $composer->compose($figure);
        $wanted = $composer->compose($figure->atTier('rich'));
        $work = (new RaisedComposition($standard))->of($done, $wanted, (new Raise($standard))->handle($figure, 'rich'));

        self::assertSame($wanted->criteria, $work->criteria);
        self::assertSame(['tier', 'again'], array_values(array_unique(array_map(static fn (ComposedUse $use): string => $use->origin->value, $work->uses))));
        $again = array_values(array_filter($work->uses, static fn (ComposedUse $use): bool => $use->origin === Origin::Again))[0];
        self::assertSame(['base', 'base', 1, Extent::Upper], [$again->use->id, $again->technique, $again->use->coats, $again->use->extent]);
        self::assertTrue($again->techniqueIn($standard)->isAgain());
        self::assertSame([Opacity::Semi, LiesOn::Face, $standard->technique('base')->dryMinutes], [$again->techniqueIn($standard)->opacity, $again->techniqueIn($standard)->liesOn, $again->techniqueIn($standard)->dryMinutes]);
        self::assertSame((new Raise($standard))->handle($figure, 'rich')->minutes, $work->minutes);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'a waiver that names nothing of either tier' => [['waive' => [['area' => 'coat', 'use' => 'gild', 'reason' => 'x']]], 'unknown-use', '/model/waive/0/use'];
        yield 'a choice that fits neither tier' => [['choose' => [['area' => 'coat', 'use' => 'light', 'technique' => 'wash']]], 'not-a-choice', '/model/choose/0/technique'];
    }

    /** @param  array<string, mixed>  $figure */
    #[DataProvider('refused')]
    public function test_what_names_nothing_is_refused(array $figure, string $code, string $path): void
    {
        try {
            self::raise([], $figure);
            self::fail('It was taken.');
        } catch (CoreException $refusal) {
            self::assertSame([$code, $path], [$refusal->code(), $refusal->pointer()]);
        }
    }

    /**
     * @param  array<string, mixed>  $changes of the standard
     * @param  array<string, mixed>  $figure
     */
    private static function raise(array $changes, array $figure): RaisePlan
    {
        [$standard, $read] = self::small($changes, $figure);

        return (new Raise($standard))->handle($read, 'rich');
    }

    /**
     * @param  array<string, mixed>  $changes of the standard
     * @param  array<string, mixed>  $figure
     * @return array{Standard, Figure}
     */
    private static function small(array $changes, array $figure = []): array
    {
        $criteria = ['/requirements/4/criteria' => [['id' => 'covered', 'text' => 'No ground shows.', 'severity' => 'major']]];
        $standard = StandardReader::ofSound()->read(SmallStandard::with($changes + $criteria));
        $model = $figure + ['tier' => 'plain', 'areas' => [
            ['id' => 'figure', 'surface' => 'whole', 'share' => 1],
            ['id' => 'coat', 'surface' => 'cloth', 'share' => 0.5, 'features' => ['buckle' => 2]],
        ]];

        /** @var array{tier: string, areas: list<array{id: string, surface: string, share: float}>} $model */
        return [$standard, (new FigureReader($standard, 'rich'))->read($model, '/model')];
    }
}
