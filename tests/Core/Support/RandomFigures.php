<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use Core\Composition\Composer;
use Core\Composition\Composition;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Standard\Area;
use Core\Standard\Standard;
use Document\Standard\StandardReader;

/**
 * Made-up figures with areas that touch, and standards for them. What is made follows from the number that it begins with.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 */
final class RandomFigures
{
    private const TECHNIQUES = [
        ['prime', 'ground', 'opaque', false], ['base', 'lay-in', 'opaque', false], ['stain', 'lay-in', 'transparent', true], ['wash', 'shade', 'transparent', true],
        ['pin', 'shade', 'transparent', false], ['drybrush', 'light', 'semi', true], ['line', 'light', 'opaque', false], ['detail', 'detail', 'opaque', false],
        ['dust', 'wear', 'semi', true], ['sand', 'base', 'opaque', true], ['varnish', 'finish', 'transparent', false],
    ];

    /** Groups that a use of an area is drawn from, in the order they are laid; by place in {@see self::TECHNIQUES}. */
    private const ON_AREAS = [1, 2, 3, 4, 5, 6, 7, 8, 9];

    /**
     * @param  int  $most steps that the figure has, about; at least 2
     * @param  array<string, list<string>>  $wet techniques that each is laid wet into
     * @return array{Standard, FigureType, Composition}
     */
    public static function make(int $seed, int $areas, int $most, array $wet = []): array
    {
        mt_srand($seed);
        $names = array_map(static fn (int $i): string => "a{$i}", range(0, $areas - 1));
        $requirements = [['tier' => 'line', 'surface' => 'whole', 'uses' => self::usesOfWhole()]];
        for ($i = 0; $i < $areas; $i++) {
            $requirements[] = ['tier' => 'line', 'surface' => "s{$i}", 'uses' => self::usesOfArea(max(1, intdiv($most - count($requirements[0]['uses']), $areas)))];
        }
        /** @var StandardDocument $document */
        $document = [
            'format' => 'ordotype-standard/1', 'name' => 'Random', 'version' => '1',
            'surfaces' => array_map(static fn (string $id): array => ['id' => $id, 'name' => $id], ['whole', ...array_map(static fn (int $i): string => "s{$i}", range(0, $areas - 1))]),
            'techniques' => array_map(static fn (array $of): array => ['id' => $of[0], 'name' => $of[0], 'group' => $of[1], 'opacity' => $of[2], 'messy' => $of[3]] + (isset($wet[$of[0]]) ? ['wet_into' => $wet[$of[0]]] : []), self::TECHNIQUES),
            'tiers' => [['id' => 'line', 'name' => 'Line', 'rank' => 1, 'distance_mm' => 700, 'sides' => ['front'], 'look_minutes' => 3, 'limits' => ['critical' => 0, 'major' => 0, 'minor' => 0], 'colour_tolerance' => 5, 'budget_minutes' => 60, 'by_agreement' => false, 'retired' => false]],
            'requirements' => $requirements,
        ];
        $standard = StandardReader::ofSound()->read($document);
        $placed = [new TypeArea(new Area('figure', 'whole', 1.0), '', 0, false, [])];
        foreach ($names as $i => $name) {
            $near = array_values(array_filter($names, static fn (string $other): bool => $other !== $name && mt_rand(0, max(1, intdiv($areas, 3))) === 0));
            $placed[] = new TypeArea(new Area($name, "s{$i}", 1 / $areas), mt_rand(0, 7) === 0 ? 'apart' : '', mt_rand(0, 3), false, [], $near, $i > 0 && mt_rand(0, 6) === 0 ? 'a'.mt_rand(0, $i - 1) : null);
        }
        $figure = new Figure('line', 1.0, array_map(static fn (TypeArea $area): Area => $area->area, $placed));

        return [$standard, new FigureType('Random', SizeClass::Foot, $placed), (new Composer($standard))->compose($figure)];
    }

    /** @return list<array<string, mixed>> */
    private static function usesOfWhole(): array
    {
        $uses = mt_rand(0, 1) === 1 ? [['technique' => 'prime', 'minutes' => 2]] : [];
        if (mt_rand(0, 2) === 0) {
            $uses[] = ['technique' => 'wash', 'minutes' => 6, 'except' => mt_rand(0, 1) === 1 ? ['s0'] : []];
        }

        return mt_rand(0, 1) === 1 ? [...$uses, ['technique' => 'varnish', 'minutes' => 2]] : $uses;
    }

    /** @return list<array<string, mixed>> */
    private static function usesOfArea(int $most): array
    {
        $taken = array_filter(self::ON_AREAS, static fn (): bool => mt_rand(0, count(self::ON_AREAS)) < $most + 1);
        $uses = array_map(static fn (int $i): array => ['technique' => self::TECHNIQUES[$i][0], 'minutes' => mt_rand(1, 60), 'extent' => ['every', 'upper'][mt_rand(0, 1)]], array_values($taken));
        // A relight: the base again after a shade.
        if (mt_rand(0, 4) === 0 && count($uses) > 1) {
            $uses[] = ['id' => 'again', 'technique' => 'base', 'minutes' => mt_rand(1, 20)];
        }

        return array_slice($uses, 0, max(1, $most));
    }
}
