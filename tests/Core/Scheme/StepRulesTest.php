<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\LadderRules;
use Core\Colour\Srgb;
use Core\Composition\ComposedUse;
use Core\Composition\Origin;
use Core\Scheme\AreaLadder;
use Core\Scheme\Ground;
use Core\Scheme\LadderReading;
use Core\Scheme\Mending;
use Core\Scheme\Paint;
use Core\Scheme\PaintKind;
use Core\Scheme\Recipe;
use Core\Scheme\Rung;
use Core\Scheme\RungRole;
use Core\Scheme\StepFinding;
use Core\Scheme\StepRules;
use Core\Scheme\TierLadder;
use Core\Scheme\Tints;
use Core\Scheme\UseRecipe;
use Core\Standard\Area;
use Core\Standard\Opacity;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is found of the steps that a tier lays on a coat, both ways; each mend removes its finding and adds none. Invented. */
final class StepRulesTest extends TestCase
{
    /** @return iterable<string, array{list<array{string, string, float}>, array<string, string>, list<string>, list<string>}> rungs, paints of single uses, what is laid, findings as code@rung */
    public static function cases(): iterable
    {
        $base = ['base', 'slate', 1.0];
        $lit = [$base, ['light', 'blue', 0.5], ['light', 'white', 0.2]];
        yield 'two lights asked, two given' => [$lit, [], ['base', 'layer x2'], []];
        yield 'two lights asked, one given' => [[$base, ['light', 'blue', 0.5]], [], ['base', 'layer x2'], ['light-again@1']];
        yield 'three asked by two uses, two given' => [$lit, [], ['base', 'layer x2', 'line'], ['light-again@2']];
        yield 'one asked, two there' => [$lit, [], ['base', 'layer'], []];
        yield 'a light of its own is none of the ladder' => [[$base, ['light', 'blue', 0.5]], ['line' => 'white'], ['base', 'layer', 'line'], []];
        yield 'a light that nobody has coloured' => [[$base], [], ['base', 'layer'], ['no-colour@-1']];
        yield 'a shade that nobody has coloured' => [[$base], [], ['base', 'wash'], ['no-colour@-1']];
        yield 'a detail that nobody has coloured' => [[$base], [], ['base', 'eye'], ['no-colour@-1']];
        yield 'what is left to choose is not asked for yet' => [[$base], [], ['base', 'tattoo'], []];
        yield 'a detail with a paint of its own' => [[$base], ['eye' => 'white'], ['base', 'eye'], []];
        yield 'a decal, a powder, varnish and the primer may say nothing' => [[$base], [], ['prime', 'base', 'decal', 'rust', 'varnish'], []];
        yield 'nothing is coloured: each use once' => [[], [], ['base', 'layer x2'], ['no-colour@-1', 'no-colour@-1']];
        yield 'a stain that lets through' => [[['base', 'red stain', 1.0]], [], ['stain'], []];
        yield 'paint that covers, used as a stain' => [[$base], [], ['stain'], ['opaque-stain@0']];
        yield 'a metal, used as a stain' => [[['base', 'steel', 1.0]], [], ['stain'], ['opaque-stain@0']];
        yield 'paint that covers, thinned with medium' => [[['base', 'slate and medium', 1.0]], [], ['stain'], []];
        yield 'paint that covers, laid in as such' => [[$base], [], ['base'], []];
        yield 'passes of a glaze that shrink' => [[$base, ['shade', 'black', 0.75], ['shade', 'black', 0.4]], [], ['base', 'glaze x2'], []];
        yield 'passes of a glaze that do not' => [[$base, ['shade', 'black', 0.75], ['shade', 'black', 0.75]], [], ['base', 'glaze x2'], ['shade-as-wide@2']];
        yield 'a metal in the wash' => [[$base, ['shade', 'steel', 0.9]], [], ['base', 'wash'], ['metal-shade@1']];
        yield 'a metal in a shade of its own' => [[$base], ['wash' => 'steel'], ['base', 'wash'], ['metal-shade@-1']];
        yield 'a metal that shades a metal' => [[['base', 'steel', 1.0], ['shade', 'steel', 0.9]], [], ['base', 'wash'], []];
        yield 'a metal light on what is none' => [[$base, ['light', 'steel', 0.3]], [], ['base', 'line'], []];
        yield 'a wash over all and one in the recesses lie in two places' => [[$base, ['shade', 'black', 0.3], ['shade', 'black', 0.9]], [], ['base', 'pin', 'wash'], []];
    }

    /**
     * @param  list<array{string, string, float}>  $rungs
     * @param  array<string, string>  $own
     * @param  list<string>  $laid
     * @param  list<string>  $findings
     */
    #[DataProvider('cases')]
    public function test_what_is_found(array $rungs, array $own, array $laid, array $findings): void
    {
        self::assertSame($findings, self::codes(self::ladder(self::area($rungs, $own), $laid)));
    }

    /**
     * @param  list<array{string, string, float}>  $rungs
     * @param  array<string, string>  $own
     * @param  list<string>  $laid
     * @param  list<string>  $findings
     */
    #[DataProvider('cases')]
    public function test_a_mend_removes_its_finding_and_adds_none(array $rungs, array $own, array $laid, array $findings): void
    {
        $area = self::area($rungs, $own);
        foreach (self::found(self::ladder($area, $laid)) as $finding) {
            if ($finding->mend === null) {
                continue;
            }
            $mended = $area->rungs;
            array_splice($mended, $finding->mend->at, $finding->mend->inserts ? 0 : 1, [$finding->mend->rung]);
            $after = self::ladder($area->withRungs($mended), $laid);

            self::assertLessThan(count($findings), count(self::codes($after)), $finding->mend->sentence);
            self::assertSame([], $after->reading->findings(), "{$finding->mend->sentence} It leaves a ladder without faults.");
        }
        self::assertCount(count($findings), self::found(self::ladder($area, $laid)));
    }

    public function test_lights_and_shades_that_are_missing_can_be_mended_and_details_cannot(): void
    {
        $base = [['base', 'slate', 1.0]];
        $mend = static fn (array $laid): ?string => self::found(self::ladder(self::area($base, []), array_values(array_filter($laid, is_string(...)))))[0]->mend?->rung->role->value;

        self::assertSame(['light', 'shade', null], [$mend(['base', 'layer']), $mend(['base', 'wash']), $mend(['base', 'eye'])]);
    }

    /**
     * @param  list<array{string, string, float}>  $rungs
     * @param  list<string>  $laid
     */
    #[DataProvider('sentences')]
    public function test_it_says_how_many_and_how_much(array $rungs, array $laid, string $sentence, string $place): void
    {
        $finding = self::found(self::ladder(self::area($rungs, []), $laid))[0];

        self::assertSame([$sentence, $place], [$finding->sentence, $finding->place]);
    }

    /** @return iterable<string, array{list<array{string, string, float}>, list<string>, string, string}> rungs, what is laid; sentence and place */
    public static function sentences(): iterable
    {
        $base = ['base', 'slate', 1.0];
        yield 'one light of two' => [[$base, ['light', 'blue', 0.5]], ['base', 'layer x2'], '2 lights are asked for at this tier, one is given: the last is laid again.', '1 of 2'];
        yield 'two of four' => [[$base, ['light', 'blue', 0.5], ['light', 'white', 0.2]], ['base', 'layer x3', 'line'], '4 lights are asked for at this tier, 2 are given: the last is laid again.', '2 of 4'];
        yield 'passes as wide' => [[$base, ['shade', 'black', 0.426], ['shade', 'black', 0.434]], ['base', 'glaze x2'], 'This pass covers 43 of a hundred parts, the one before it 43: nothing of that stays showing.', 'black'];
        yield 'a pass that is wider' => [[$base, ['shade', 'black', 0.3], ['shade', 'black', 0.666]], ['base', 'glaze x2'], 'This pass covers 67 of a hundred parts, the one before it 30: nothing of that stays showing.', 'black'];
    }

    public function test_a_metal_light_that_is_laid_again_is_named_and_not_mended(): void
    {
        $found = self::found(self::ladder(self::area([['base', 'steel', 1.0], ['light', 'steel', 0.3]], []), ['base', 'line x2']));

        self::assertSame(['light-again', 1, null], [$found[0]->code, $found[0]->at, $found[0]->mend]);
    }

    public function test_each_says_in_a_sentence_what_is_right(): void
    {
        foreach (self::cases() as [$rungs, $own, $laid]) {
            foreach ((new StepRules(self::standard(), 'plain', self::mending()))->read(self::ladder(self::area($rungs, $own), $laid)) as ['finding' => $finding, 'why' => $why]) {
                self::assertStringEndsWith('.', $finding->sentence);
                self::assertStringEndsWith('.', $why->rule);
            }
        }
    }

    /**
     * @param  list<array{string, string, float}>  $rungs
     * @param  array<string, string>  $own
     */
    private static function area(array $rungs, array $own): AreaLadder
    {
        return new AreaLadder(
            'coat',
            array_map(static fn (array $rung): Rung => new Rung(RungRole::from($rung[0]), self::recipe($rung[1]), $rung[2]), $rungs),
            array_map(static fn (string $use, string $paint): UseRecipe => new UseRecipe($use, 1, self::recipe($paint)), array_keys($own), $own),
        );
    }

    private static function recipe(string $name): Recipe
    {
        $paint = static fn (string $hex, Opacity $opacity = Opacity::Opaque, PaintKind $kind = PaintKind::Base): Paint => new Paint($name, $kind, Srgb::fromHex($hex), $opacity);

        return match ($name) {
            'slate' => Recipe::of($paint('#3e4c57')),
            'blue' => Recipe::of($paint('#64849c')),
            'white' => Recipe::of($paint('#e8e6dc')),
            'steel' => Recipe::of($paint('#8c9094', kind: PaintKind::Metal)),
            'black' => Recipe::of($paint('#101010', Opacity::Transparent, PaintKind::Wash)),
            'red stain' => Recipe::of($paint('#8a1020', Opacity::Transparent, PaintKind::Stain)),
            default => self::recipe('slate')->mixedWith(Recipe::of(new Paint('medium', PaintKind::Medium, Srgb::fromHex('#ffffff'), Opacity::Transparent)), 1, 3),
        };
    }

    /** @param  list<string>  $laid techniques, with their steps */
    private static function ladder(AreaLadder $area, array $laid): TierLadder
    {
        $uses = array_map(static function (string $one): ComposedUse {
            [$technique, $steps] = [...explode(' x', $one), '1'];

            return new ComposedUse(new Area('coat', 'cloth', 0.5), new TechniqueUse($technique, [$technique], steps: (int) $steps), $technique, 0.0, Origin::Tier);
        }, $laid);

        return new TierLadder(new LadderReading($area, new Ground(Srgb::fromHex('#c0c0c0'))), $uses, self::standard(), new LadderRules);
    }

    private static function mending(): Mending
    {
        return new Mending(new LadderRules, new Tints([self::recipe('white')->parts[0]->paint, self::recipe('black')->parts[0]->paint]));
    }

    /** @return list<StepFinding> */
    private static function found(TierLadder $ladder): array
    {
        return array_column((new StepRules(self::standard(), 'plain', self::mending()))->read($ladder), 'finding');
    }

    /** @return list<string> */
    private static function codes(TierLadder $ladder): array
    {
        return array_map(static fn (StepFinding $finding): string => "{$finding->code}@{$finding->at}", self::found($ladder));
    }

    private static function standard(): Standard
    {
        $technique = static fn (string $id, string $group, string $opacity = 'opaque', string $lies = 'all'): array => ['id' => $id, 'name' => ucfirst($id), 'group' => $group, 'opacity' => $opacity, 'lies_on' => $lies];

        return StandardReader::ofSound()->read([
            'format' => 'ordotype-standard/1', 'name' => 'Small', 'version' => '1', 'surfaces' => [['id' => 'cloth', 'name' => 'Cloth']],
            'techniques' => [
                $technique('prime', 'ground'), $technique('base', 'lay-in'), $technique('stain', 'lay-in', 'transparent'), $technique('wash', 'shade', 'transparent'),
                $technique('pin', 'shade', 'transparent', 'recess'), $technique('glaze', 'shade', 'transparent', 'face'), $technique('layer', 'light', 'semi', 'face'),
                $technique('line', 'light', 'opaque', 'edge'), $technique('eye', 'detail'), $technique('tattoo', 'detail'), $technique('decal', 'marking'), $technique('rust', 'wear'), $technique('varnish', 'finish', 'transparent'),
            ],
            'tiers' => [['id' => 'plain', 'name' => 'Plain', 'rank' => 1, 'distance_mm' => 700, 'sides' => ['front'], 'look_minutes' => 3, 'limits' => ['critical' => 0, 'major' => 0, 'minor' => 0], 'colour_tolerance' => 5, 'budget_minutes' => 60, 'by_agreement' => false, 'retired' => false]],
            'requirements' => [['tier' => 'plain', 'surface' => 'cloth', 'uses' => [['technique' => 'base'], ['technique' => 'tattoo']], 'menu' => [['id' => 'marks', 'uses' => ['tattoo']]]]],
        ]);
    }
}
