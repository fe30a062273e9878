<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use Core\Composition\Composer;
use Core\Composition\Composition;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Composition\Waiver;
use Core\Standard\Area;
use Core\Standard\Standard;
use Document\Standard\StandardReader;

/**
 * A small standard of two tiers and figures of a few areas, each of a surface of its name.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 */
final class TwoTiers
{
    /** @param  list<string>  $waived `area use` */
    public static function composed(Standard $standard, FigureType $type, string $tier, array $waived = []): Composition
    {
        $waivers = array_map(static fn (string $one): Waiver => new Waiver(explode(' ', $one)[0], explode(' ', $one)[1], 'agreed'), $waived);

        return (new Composer($standard))->compose(new Figure($tier, 1.0, array_map(static fn (TypeArea $area): Area => $area->area, $type->areas), [], $waivers));
    }

    /**
     * @param  list<string>  $areas each of a surface of its name
     * @param  array<string, list<string>>  $touching
     */
    public static function type(array $areas, array $touching = []): FigureType
    {
        return new FigureType('Small', SizeClass::Foot, array_map(static fn (string $area): TypeArea => PaintedOrder::area($area, $area, 0, $touching[$area] ?? []), $areas));
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $line by surface
     * @param  array<string, list<array<string, mixed>>>  $banner
     */
    public static function standard(array $line, array $banner = []): Standard
    {
        $requirements = [];
        foreach (['line' => $line, 'banner' => $banner] as $tier => $asked) {
            foreach ($asked as $surface => $uses) {
                $requirements[] = ['tier' => $tier, 'surface' => $surface, 'uses' => $uses];
            }
        }
        /** @var StandardDocument $document */
        $document = [
            'format' => 'ordotype-standard/1', 'name' => 'Small', 'version' => '1',
            'surfaces' => array_map(static fn (string $id): array => ['id' => $id, 'name' => $id], array_keys($line)),
            'techniques' => [
                PaintedOrder::technique('base', 'lay-in'), PaintedOrder::technique('wash', 'shade', 'transparent'), PaintedOrder::technique('line', 'light'),
                PaintedOrder::technique('detail', 'detail'), PaintedOrder::technique('varnish', 'finish', 'transparent'), PaintedOrder::technique('dust', 'wear', 'semi', true), PaintedOrder::technique('mud', 'wear', 'semi', true),
            ],
            'tiers' => array_map(static fn (string $id, int $rank): array => ['id' => $id, 'name' => $id, 'rank' => $rank, 'distance_mm' => 700, 'sides' => ['front'], 'look_minutes' => 3, 'limits' => ['critical' => 0, 'major' => 0, 'minor' => 0], 'colour_tolerance' => 5, 'budget_minutes' => 60, 'by_agreement' => false, 'retired' => false], ['line', 'banner'], [1, 2]),
            'requirements' => $requirements,
        ];

        return StandardReader::ofSound()->read($document);
    }
}
