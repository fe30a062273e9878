<?php

declare(strict_types=1);

namespace Tests\Core\Lint;

use Core\Lint\Finding;
use Core\Lint\FindingText;
use Core\Lint\Lint;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Demo;
use Tests\Core\Support\SmallStandard;

/** Each piece of advice by a hand-worked case in the small standard, which gives rise to none by itself. */
final class AdviceTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function cases(): iterable
    {
        $size = static fn (float $millimetres): array => [['id' => 'covered', 'text' => 'Each button is round.', 'severity' => 'minor', 'size_mm' => $millimetres]];
        $presumes = ['/requirements/4/criteria' => [['id' => 'clean', 'text' => 'No pools stand.', 'severity' => 'minor', 'presumes' => ['pools' => 'fault']]]];
        $needs = static fn (bool $needed): array => ['/techniques/4' => ['id' => 'layer', 'name' => 'Layer', 'group' => 'light', 'opacity' => 'semi', 'lies_on' => 'face', 'comes_after' => [['technique' => 'decal', 'why' => 'drying', 'needed' => $needed]]]];
        $plain = ['/requirements/1/uses/2' => ['id' => 'light', 'technique' => 'drybrush', 'minutes' => 20]];

        yield 'the standard as it is' => [[], []];
        // Rich is judged from 700 mm and notices 2 minutes of arc: 2 × 700 × tan(1′) = 0.407 mm.
        yield 'a criterion about 0.40 mm cannot be noticed' => [['/requirements/4/criteria' => $size(0.40)], ['not-noticed rich cloth covered']];
        yield 'a criterion about 0.41 mm can' => [['/requirements/4/criteria' => $size(0.41)], []];
        // Rich takes 48 minutes on the reference figure, 20 of them the light in two steps of 10.
        yield 'a light of two steps where one fits' => [['/tiers/1/budget_minutes' => 38], ['beyond-minutes rich cloth light']];
        yield 'a light that would have to go altogether is not the remedy' => [['/tiers/1/budget_minutes' => 37.9], []];
        yield 'a light within the budget' => [['/tiers/1/budget_minutes' => 48], []];
        // Plain cloth: 1 + 12 + 8 + 20 + 1.5 = 42.5 minutes; rich: 1 + 12 + 20 + 40 + 3 = 76.
        yield 'minutes that fall' => [['/requirements/4/uses/2/minutes' => 6.4], ['minutes-fall rich cloth -']];
        yield 'minutes that stay' => [['/requirements/4/uses/2/minutes' => 6.5], []];
        yield 'a use that nobody judges' => [['/requirements/1/criteria/0/uses' => ['base'], '/requirements/1/criteria/2' => SmallStandard::GONE], ['unjudged-use plain cloth shade']];
        yield 'a criterion without uses judges its whole area' => [['/requirements/1/criteria/0/uses' => []], []];
        yield 'a criterion against the choice of the studio' => [$presumes + ['/schools' => ['pools' => 'wanted']], ['against-school rich cloth clean']];
        yield 'the choice for the surface goes before the studio\'s' => [$presumes + ['/schools' => ['pools' => 'wanted'], '/surfaces/1/schools' => ['pools' => 'fault']], []];
        yield 'a criterion where nobody has chosen' => [$presumes, []];
        yield 'a technique without what it needs' => [$needs(true) + $plain, ['missing-before rich cloth light']];
        yield 'what may be missing' => [$needs(false) + $plain, []];
        yield 'what is needed stands on the figure as a whole' => [$needs(true) + $plain + ['/requirements/3/uses/-' => ['technique' => 'decal']], []];
        yield 'what is needed stands too late' => [$needs(true) + $plain + ['/requirements/4/uses/-' => ['technique' => 'decal', 'minutes' => 9]], ['wrong-order rich cloth light']];
        $unvarnished = ['/requirements/3/uses/1' => SmallStandard::GONE];
        yield 'varnish at one tier is enough' => [['/requirements/0/uses/0' => ['technique' => 'varnish', 'minutes' => 2]], []];
        yield 'varnish nowhere' => [$unvarnished, ['no-varnish plain whole -']];
        yield 'varnish at a tier by agreement alone' => [['/tiers/1/by_agreement' => true], ['no-varnish plain whole -']];
        yield 'nothing of the whole at all is one silence' => [['/requirements/3' => SmallStandard::GONE, '/requirements/0' => SmallStandard::GONE], []];
        yield 'a primer nowhere' => [['/requirements/0/uses/0' => ['technique' => 'buckle', 'minutes' => 2], '/requirements/3/uses/0' => ['technique' => 'buckle', 'minutes' => 2]], ['no-primer plain whole -']];
        yield 'a base that the standard knows and nobody asks for' => [['/techniques/-' => ['id' => 'rim', 'name' => 'Rim coat', 'group' => 'base', 'opacity' => 'opaque']], ['no-base plain whole -']];
        yield 'a base on another surface' => [['/techniques/-' => ['id' => 'rim', 'name' => 'Rim coat', 'group' => 'base', 'opacity' => 'opaque'], '/requirements/2/uses/-' => ['technique' => 'rim', 'minutes' => 1], '/requirements/2/criteria' => [['id' => 'rimmed', 'text' => 'The rim is even.', 'severity' => 'minor']]], []];
        $poor = static fn (int $at, string $id, string $group, string $on): array => ["/techniques/{$at}" => ['id' => $id, 'name' => ucfirst($id), 'group' => $group, 'opacity' => 'semi', 'poor_on' => [$on]]];
        yield 'a drybrush on cloth, or the layer that is as good' => [$poor(5, 'drybrush', 'light', 'fold'), []];
        yield 'a drybrush on cloth' => [$poor(5, 'drybrush', 'light', 'fold') + $plain, ['poor-on plain cloth light']];
        yield 'a drybrush that is poor on plates' => [$poor(5, 'drybrush', 'light', 'hard') + $plain, []];
        yield 'cloth that is drawn as a plate' => [$poor(5, 'drybrush', 'light', 'hard') + $plain + ['/surfaces/1' => ['id' => 'cloth', 'name' => 'Cloth', 'plate' => 'hard']], ['poor-on plain cloth light']];
        // Cloth of the plain tier: base, shade, light. A whole-figure light comes after base and shade there, at the stage of lay-in before both.
        $over = static fn (string $technique, string $stage, array $more = []): array => ['/requirements/0/uses/-' => ['id' => 'over', 'technique' => $technique, 'stage' => $stage, 'minutes' => 0.5] + $more];
        $stain = ['/techniques/-' => ['id' => 'stain', 'name' => 'Stain', 'group' => 'lay-in', 'opacity' => 'transparent'], '/requirements/1/uses/0' => ['id' => 'base', 'technique' => 'stain', 'minutes' => 12]];
        yield 'a drybrush over everything after a stain' => [$stain + $over('drybrush', 'light'), ['whole-over-stain plain whole over']];
        yield 'a drybrush over everything under the stain' => [$stain + $over('drybrush', 'lay-in'), []];
        yield 'a drybrush over everything that is kept off the stain' => [$stain + $over('drybrush', 'light', ['except' => ['cloth']]), []];
        yield 'a drybrush over everything after paint that covers' => [$over('drybrush', 'light'), []];
        yield 'a wash over everything after a stain lets it through' => [$stain + $over('wash', 'shade'), []];
        yield 'dust over everything is no light' => [$stain + $over('dust', 'wear'), []];
        $lateBase = ['/requirements/1/uses/0' => ['id' => 'shade', 'technique' => 'wash', 'minutes' => 8], '/requirements/1/uses/1' => ['id' => 'base', 'technique' => 'base', 'minutes' => 12]];
        yield 'an area that is laid in after the wash meant for all' => [$lateBase + $over('wash', 'shade'), ['whole-hidden plain whole over']];
        yield 'an area that is laid in after a wash meant to lie under it' => [$lateBase + $over('wash', 'lay-in'), []];
        yield 'an area that the wash is kept off' => [$lateBase + $over('wash', 'shade', ['except' => ['cloth']]), []];
        yield 'a relight of the raised parts hides no wash' => [['/requirements/1/uses/1' => ['id' => 'shade', 'technique' => 'wash', 'minutes' => 8], '/requirements/1/uses/2' => ['id' => 'light', 'technique' => 'base', 'extent' => 'upper', 'minutes' => 20]] + $over('wash', 'shade'), []];
        $look = ['/techniques/-' => ['id' => 'look', 'name' => 'Look', 'group' => 'tidy', 'opacity' => 'transparent', 'look' => true]];
        yield 'a look over everything before any shade' => [$look + $over('look', 'shade'), []];
        yield 'a look over everything before the last tidying' => [$look + $over('look', 'finish'), []];
        yield 'a look over everything after all' => [$look + ['/requirements/0/uses/-' => ['id' => 'over', 'technique' => 'look']], ['look-at-the-end plain whole over']];
        yield 'a look at an area after all of it' => [$look + ['/requirements/1/uses/-' => ['id' => 'over', 'technique' => 'look']], ['look-at-the-end plain cloth over']];
        yield 'what must come later stands before' => [
            ['/techniques/1' => ['id' => 'base', 'name' => 'Base coat', 'group' => 'lay-in', 'opacity' => 'opaque', 'comes_before' => [['technique' => 'recess-wash', 'why' => 'access']]], '/requirements/4/uses' => [
                ['id' => 'recess', 'technique' => 'recess-wash', 'minutes' => 20], ['technique' => 'base', 'coats' => 2, 'minutes' => 60],
            ]],
            ['wrong-order rich cloth recess'],
        ];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  list<string>  $expected
     */
    #[DataProvider('cases')]
    public function test_advice(array $changes, array $expected): void
    {
        $standard = StandardReader::ofDraft()->read(SmallStandard::with($changes));
        $advice = (new Lint)->advise($standard);

        self::assertEqualsCanonicalizing($expected, self::places($advice));
        foreach ($advice as $finding) {
            $text = new FindingText($standard);
            self::assertStringEndsWith('.', $text->sentence($finding));
            self::assertNotSame('', $text->why($finding)->rule);
        }
    }

    public function test_a_silence_about_what_running_jobs_have(): void
    {
        $standard = SmallStandard::standard();

        self::assertSame(['undecided-in-use rich marking -'], self::places((new Lint(inUse: ['marking', 'cloth']))->advise($standard)));
    }

    public function test_the_house_standard_of_the_demo_has_one_piece_of_advice(): void
    {
        self::assertSame(['beyond-minutes guard cloth layer'], self::places((new Lint)->advise(Demo::standard())));
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    private static function places(array $findings): array
    {
        return array_map(static fn (Finding $finding): string => implode(' ', [$finding->code, $finding->tier, $finding->surface ?? '-', $finding->use ?? '-']), $findings);
    }
}
