<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\Srgb;
use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Scheme\AreaLadder;
use Core\Scheme\Ground;
use Core\Scheme\HoldingTogether;
use Core\Scheme\LadderReading;
use Core\Scheme\Mending;
use Core\Scheme\Paint;
use Core\Scheme\PaintedFigure;
use Core\Scheme\PaintKind;
use Core\Scheme\Recipe;
use Core\Scheme\Rung;
use Core\Scheme\RungRole;
use Core\Scheme\SchemeRules;
use Core\Scheme\SharedLight;
use Core\Scheme\StepRules;
use Core\Scheme\TierLadder;
use Core\Scheme\Tints;
use Core\Standard\Area;
use Core\Standard\Opacity;
use Core\Standard\Side;
use Core\Standard\Standard;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Six ways in which figures are commonly painted, each with what deserves to be said of it, which is mostly nothing.
 * Common practice, no source; the figure and the paints are invented.
 *
 * @phpstan-type Rungs list<array{string, string, float}>
 * @phpstan-type Asked array{technique: string, steps?: int, id?: string, extent?: string}
 * @phpstan-type Way array{ground: string, areas: array<string, Rungs>, uses: array<string, list<Asked>>, light?: string, one_colour?: bool}
 * @phpstan-type Changed array{areas?: array<string, Rungs>, uses?: array<string, list<Asked>>, one_colour?: bool}
 */
final class CommonLaddersTest extends TestCase
{
    private const AREAS = ['coat' => ['cloth', 0.3, false], 'trousers' => ['cloth', 0.2, false], 'helmet' => ['plate', 0.12, true], 'face' => ['skin', 0.08, true], 'boots' => ['leather', 0.12, false], 'sword' => ['metal', 0.1, false]];

    private const PAINTS = [
        'white primer' => ['primer', '#f2f0ea', 'opaque'], 'bone primer' => ['primer', '#d8ccae', 'opaque'], 'black primer' => ['primer', '#18181a', 'opaque'], 'silver primer' => ['metal', '#b4b8bc', 'opaque'], 'grey spray' => ['primer', '#c4c4c2', 'semi'],
        'rust stain' => ['stain', '#8c3518', 'transparent'], 'moss stain' => ['stain', '#4d5a22', 'transparent'], 'tan stain' => ['stain', '#9a6a34', 'transparent'], 'dark stain' => ['stain', '#3a2a1c', 'transparent'], 'red stain' => ['stain', '#9c1420', 'transparent'], 'blue stain' => ['stain', '#183c80', 'transparent'],
        'soil wash' => ['wash', '#2e241a', 'transparent'], 'soot wash' => ['wash', '#141414', 'transparent'],
        'rust' => ['layer', '#b0603a', 'opaque'], 'pale rust' => ['layer', '#d8a07c', 'opaque'], 'moss' => ['layer', '#7d8a48', 'opaque'], 'pale moss' => ['layer', '#b8c08a', 'opaque'], 'tan' => ['layer', '#c49a68', 'opaque'], 'pale tan' => ['layer', '#e2c9a4', 'opaque'],
        'olive drab' => ['base', '#5e5638', 'opaque'], 'field grey' => ['base', '#5c6152', 'opaque'], 'dull brown' => ['base', '#5a4632', 'opaque'], 'flesh' => ['base', '#c08a68', 'opaque'], 'pale flesh' => ['layer', '#e0b492', 'opaque'], 'dull leather' => ['layer', '#8a6a4a', 'opaque'], 'dark leather' => ['base', '#3c2c20', 'opaque'], 'pale drab' => ['layer', '#8d8460', 'opaque'],
        'coal' => ['base', '#1c1c1e', 'opaque'], 'slate' => ['layer', '#5a6068', 'opaque'], 'pale slate' => ['layer', '#a6aeb6', 'opaque'],
        'thin blue' => ['layer', '#3c5a8c', 'semi'], 'thin red' => ['layer', '#8c3028', 'semi'], 'thin brown' => ['layer', '#6a4a30', 'semi'], 'thin flesh' => ['layer', '#c89070', 'semi'], 'thin grey' => ['layer', '#76787c', 'semi'], 'warm white' => ['layer', '#f6ecd6', 'opaque'],
        'pale ember' => ['layer', '#f6cfae', 'opaque'], 'pale sea' => ['layer', '#a4c8f6', 'opaque'], 'steel' => ['metal', '#8c9094', 'opaque'], 'bright steel' => ['metal', '#c4c8cc', 'opaque'], 'brass' => ['metal', '#9a7838', 'opaque'],
    ];

    /** @return array<string, Way> */
    private static function ways(): array
    {
        $stained = [self::asked('stain'), self::asked('drybrush', 2)];
        $shaded = [self::asked('metal-base'), self::asked('wash')];
        $again = [self::asked('base'), self::asked('wash'), ['id' => 'again', 'technique' => 'base', 'extent' => 'upper']];
        $lined = static fn (int $lines): array => [self::asked('base'), self::asked('line', $lines)];
        $thin = [self::asked('prime'), self::asked('zenithal'), self::asked('thin'), self::asked('wash'), self::asked('layer')];
        $black = [['base', 'coal', 1.0], ['light', 'slate', 0.1]];
        $bright = [...$black, ['light', 'pale slate', 0.04]];
        $sketched = static fn (string $paint): array => [['ground', 'grey spray', 0.6], ['base', $paint, 1.0], ['shade', 'soot wash', 0.3], ['light', $paint, 0.3]];

        return [
            'white primer, a stain, two drybrushes' => ['ground' => 'white primer', 'areas' => [
                'coat' => [['base', 'moss stain', 1.0], ['light', 'pale moss', 0.35], ['light', 'warm white', 0.1]],
                'trousers' => [['base', 'tan stain', 1.0], ['light', 'pale tan', 0.35], ['light', 'warm white', 0.1]],
                'helmet' => [['base', 'rust stain', 1.0], ['light', 'pale rust', 0.35], ['light', 'pale tan', 0.15]],
                'face' => [['base', 'tan stain', 1.0], ['light', 'pale flesh', 0.35], ['light', 'warm white', 0.1]],
                'boots' => [['base', 'dark stain', 1.0], ['light', 'dull leather', 0.35], ['light', 'tan', 0.15]],
            ], 'uses' => ['cloth' => $stained, 'plate' => $stained, 'skin' => $stained, 'leather' => $stained]],

            'a bone ground, metals, stains, no light' => ['ground' => 'bone primer', 'areas' => [
                'coat' => [['base', 'moss stain', 1.0]], 'trousers' => [['base', 'tan stain', 1.0]], 'face' => [['base', 'tan stain', 1.0]], 'boots' => [['base', 'dark stain', 1.0]],
                'helmet' => [['base', 'steel', 1.0], ['shade', 'soot wash', 0.9]], 'sword' => [['base', 'brass', 1.0], ['shade', 'soil wash', 0.9]],
            ], 'uses' => ['cloth' => [self::asked('stain')], 'skin' => [self::asked('stain')], 'leather' => [self::asked('stain')], 'plate' => $shaded, 'metal' => $shaded]],

            'a drab uniform in washes, with its base again' => ['ground' => 'black primer', 'one_colour' => true, 'areas' => [
                'coat' => [['base', 'olive drab', 1.0], ['shade', 'soil wash', 0.9], ['relight', 'olive drab', 0.6]],
                'trousers' => [['base', 'field grey', 1.0], ['shade', 'soil wash', 0.9], ['relight', 'field grey', 0.6]],
                'helmet' => [['base', 'olive drab', 1.0], ['shade', 'soil wash', 0.9], ['relight', 'olive drab', 0.6], ['light', 'pale drab', 0.3]],
                'face' => [['base', 'flesh', 1.0], ['shade', 'soil wash', 0.9], ['relight', 'flesh', 0.6], ['light', 'pale flesh', 0.3]],
                'boots' => [['base', 'dark leather', 1.0], ['shade', 'soot wash', 0.9], ['relight', 'dark leather', 0.6]],
            ], 'uses' => ['cloth' => $again, 'plate' => [...$again, self::asked('layer')], 'skin' => [...$again, self::asked('layer')], 'leather' => $again]],

            'black plate with one and two lines' => ['ground' => 'black primer', 'one_colour' => true, 'areas' => ['coat' => $black, 'trousers' => $black, 'boots' => $black, 'helmet' => $bright, 'face' => $bright],
                'uses' => ['cloth' => $lined(1), 'leather' => $lined(1), 'plate' => $lined(2), 'skin' => $lined(2)]],

            'light from above, thin paint, one shared light' => ['ground' => 'black primer', 'light' => 'warm white', 'areas' => [
                'coat' => $sketched('thin blue'), 'trousers' => $sketched('thin brown'), 'helmet' => $sketched('thin grey'), 'face' => $sketched('thin flesh'), 'boots' => $sketched('thin red'),
            ], 'uses' => ['cloth' => $thin, 'plate' => $thin, 'skin' => $thin, 'leather' => $thin]],

            'colours of one coat over silver' => ['ground' => 'silver primer', 'areas' => [
                'coat' => [['base', 'red stain', 1.0]], 'trousers' => [['base', 'blue stain', 1.0]], 'helmet' => [['base', 'tan stain', 1.0]], 'face' => [['base', 'tan stain', 1.0]], 'boots' => [['base', 'dark stain', 1.0]],
            ], 'uses' => ['cloth' => [self::asked('stain')], 'plate' => [self::asked('stain')], 'skin' => [self::asked('stain')], 'leather' => [self::asked('stain')]]],
        ];
    }

    /** @return iterable<string, array{string}> */
    public static function names(): iterable
    {
        foreach (array_keys(self::ways()) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('names')]
    public function test_nothing_is_said_of_what_is_commonly_done(string $way): void
    {
        self::assertSame([], self::found(self::ways()[$way]));
    }

    /** @return iterable<string, array{string, Changed, list<string>}> what differs, and what is said of it */
    public static function mistakes(): iterable
    {
        $stain = 'white primer, a stain, two drybrushes';
        yield 'paint that covers in the place of a stain' => [$stain, ['areas' => ['coat' => [['base', 'moss', 1.0], ['light', 'pale moss', 0.35], ['light', 'warm white', 0.1]]]], ['coat opaque-stain@0']];
        yield 'a drybrush that is darker than what the stain gives' => [$stain, ['areas' => ['boots' => [['base', 'dark stain', 1.0], ['light', 'dark leather', 0.35], ['light', 'tan', 0.15]]]], ['boots not-lighter@1']];
        yield 'one drybrush where two are asked for' => [$stain, ['areas' => ['trousers' => [['base', 'tan stain', 1.0], ['light', 'pale tan', 0.35]]]], ['trousers light-again@1']];
        yield 'a metal that nobody said what to wash with' => ['a bone ground, metals, stains, no light', ['areas' => ['sword' => [['base', 'brass', 1.0]]]], ['sword no-colour@-1']];
        yield 'bright metal in one tone' => ['a bone ground, metals, stains, no light', ['areas' => ['helmet' => [['base', 'bright steel', 1.0]]], 'uses' => ['plate' => [self::asked('metal-base')]]], ['helmet metals-alike']];
        yield 'dark metal in one tone' => ['a bone ground, metals, stains, no light', ['areas' => ['helmet' => [['base', 'steel', 1.0]]], 'uses' => ['plate' => [self::asked('metal-base')]]], []];
        yield 'a drab uniform of which nobody said that it is meant so' => ['a drab uniform in washes, with its base again', ['one_colour' => false], ['one-family']];
        yield 'a drab uniform that is neither washed nor lined' => ['a drab uniform in washes, with its base again', ['areas' => ['coat' => [['base', 'olive drab', 1.0]], 'trousers' => [['base', 'field grey', 1.0]]], 'uses' => ['cloth' => [self::asked('base')]]], ['coat neighbours-alike']];
        yield 'black plate without its lines' => ['black plate with one and two lines', ['areas' => ['coat' => [['base', 'coal', 1.0]], 'trousers' => [['base', 'coal', 1.0]]], 'uses' => ['cloth' => [self::asked('base')]]], ['coat neighbours-alike']];
        yield 'a cold light beside a warm one' => [$stain, ['areas' => ['coat' => [['base', 'moss stain', 1.0], ['light', 'pale moss', 0.35], ['light', 'pale ember', 0.1]], 'helmet' => [['base', 'rust stain', 1.0], ['light', 'pale rust', 0.35], ['light', 'pale sea', 0.1]]]], ['helmet lights-disagree']];
        yield 'a metal in the wash' => ['light from above, thin paint, one shared light', ['areas' => ['boots' => [['ground', 'grey spray', 0.6], ['base', 'thin red', 1.0], ['shade', 'steel', 0.3], ['light', 'thin red', 0.3]]]], ['boots metal-shade@2']];
    }

    /**
     * @param  Changed  $changed
     * @param  list<string>  $findings
     */
    #[DataProvider('mistakes')]
    public function test_a_mistake_in_it_is_told_and_nothing_else(string $way, array $changed, array $findings): void
    {
        $mistaken = self::ways()[$way];
        $mistaken['areas'] = array_replace($mistaken['areas'], $changed['areas'] ?? []);
        $mistaken['uses'] = array_replace($mistaken['uses'], $changed['uses'] ?? []);
        $mistaken['one_colour'] = $changed['one_colour'] ?? $mistaken['one_colour'] ?? false;

        self::assertSame($findings, self::found($mistaken));
    }

    /** @return Asked */
    private static function asked(string $technique, int $steps = 1): array
    {
        return ['technique' => $technique, 'steps' => $steps];
    }

    /**
     * @param  Way  $way
     * @return list<string> the area, empty for the figure, and what is found, at its step
     */
    private static function found(array $way): array
    {
        $rules = new SchemeRules;
        $standard = self::standard($way['uses']);
        $light = isset($way['light']) ? new SharedLight(Recipe::of(self::paint($way['light']))) : null;
        $mending = new Mending($rules->ladder, new Tints(array_map(self::paint(...), array_keys(self::PAINTS))), $light?->recipe);
        $type = self::type(array_keys($way['areas']));
        $composition = (new Composer($standard))->compose(new Figure('plain', 1.0, array_map(static fn (TypeArea $area): Area => $area->area, $type->areas)));
        $painted = [];
        foreach ($way['areas'] as $area => $rungs) {
            $ladder = new AreaLadder($area, array_map(static fn (array $rung): Rung => new Rung(RungRole::from($rung[0]), Recipe::of(self::paint($rung[1])), $rung[2]), $rungs));
            $painted[$area] = new TierLadder(new LadderReading($ladder, new Ground(self::paint($way['ground'])->colour), $light, rules: $rules->ladder), $composition->usesOn($area), $standard, $rules->ladder);
        }
        $figure = new PaintedFigure($type, $painted, $standard, isOfOneColour: $way['one_colour'] ?? false);
        $found = [];
        foreach ($painted as $area => $ladder) {
            $short = $figure->isFocal($area) ? $ladder->shortOf($rules->ladder->minSpan) : null;
            foreach ([...$ladder->reading->findings(), ...($short === null ? [] : [$short])] as $one) {
                $found[] = "{$area} {$one->fault->value}@{$one->at}";
            }
            foreach ((new StepRules($standard, 'plain', $mending))->read($ladder) as ['finding' => $one]) {
                $found[] = "{$area} {$one->code}@{$one->at}";
            }
        }
        foreach ((new HoldingTogether($rules))->findings($figure, $standard->tier('plain')) as $one) {
            $found[] = trim("{$one->area} {$one->fault->value}");
        }

        return $found;
    }

    /** @param  list<string>  $areas */
    private static function type(array $areas): FigureType
    {
        $touches = ['coat' => ['trousers', 'helmet'], 'helmet' => ['face'], 'trousers' => ['boots']];

        return new FigureType('Guard', SizeClass::Foot, array_map(static function (string $area) use ($touches, $areas): TypeArea {
            [$surface, $share, $focal] = self::AREAS[$area];

            return new TypeArea(new Area($area, $surface, $share), 'figure', 1, $focal, [Side::Front, Side::Back], array_values(array_intersect($touches[$area] ?? [], $areas)));
        }, $areas));
    }

    private static function paint(string $name): Paint
    {
        [$kind, $hex, $opacity] = self::PAINTS[$name];

        return new Paint($name, PaintKind::from($kind), Srgb::fromHex($hex), Opacity::from($opacity), stockMl: 10.0);
    }

    /** @param  array<string, list<Asked>>  $uses by surface */
    private static function standard(array $uses): Standard
    {
        $technique = static fn (string $id, string $group, string $opacity = 'opaque', string $lies = 'all'): array => ['id' => $id, 'name' => ucfirst($id), 'group' => $group, 'opacity' => $opacity, 'lies_on' => $lies];

        return StandardReader::ofSound()->read([
            'format' => 'ordotype-standard/1', 'name' => 'Common', 'version' => '1',
            'surfaces' => array_map(static fn (string $surface): array => ['id' => $surface, 'name' => ucfirst($surface)], array_keys($uses)),
            'techniques' => [
                $technique('prime', 'ground'), $technique('zenithal', 'ground', 'semi', 'face'), $technique('base', 'lay-in'), $technique('thin', 'lay-in', 'semi'), $technique('metal-base', 'lay-in'), $technique('stain', 'lay-in', 'transparent'),
                $technique('wash', 'shade', 'transparent'), $technique('drybrush', 'light', 'semi', 'edge'), $technique('layer', 'light', 'semi', 'face'), $technique('line', 'light', 'opaque', 'edge'),
            ],
            'tiers' => [['id' => 'plain', 'name' => 'Plain', 'rank' => 1, 'distance_mm' => 700, 'sides' => ['front'], 'look_minutes' => 3, 'limits' => ['critical' => 0, 'major' => 0, 'minor' => 0], 'colour_tolerance' => 5, 'budget_minutes' => 60, 'by_agreement' => false, 'retired' => false]],
            'requirements' => array_map(static fn (string $surface): array => ['tier' => 'plain', 'surface' => $surface, 'uses' => $uses[$surface]], array_keys($uses)),
        ]);
    }
}
