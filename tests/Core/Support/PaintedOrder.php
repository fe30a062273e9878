<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Sequence\After;
use Core\Sequence\GaveWay;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;
use Core\Sequence\WhyHere;
use Core\Sequence\Work;
use Core\Sequence\WorkOrder;
use Core\Standard\Area;
use Document\Standard\StandardReader;

/**
 * A figure of a few areas and the order in which it is painted, in words.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 */
final readonly class PaintedOrder
{
    public Work $work;

    /** The same from the order that was found. */
    public Work $again;

    /** {@see WorkOrder::key()} */
    public string $key;

    /**
     * @param  list<array<string, mixed>>  $techniques
     * @param  array<string, list<array<string, mixed>>>  $asked by surface; `whole` is the figure as one
     * @param  list<TypeArea>  $areas
     * @param  array<string, string>  $schools of the studio
     * @param  array<string, array<string, string>>  $own schools of a surface
     * @param  array<string, array<string, string>>  $paints by area and use
     */
    public function __construct(array $techniques, array $asked, array $areas, array $schools = [], array $own = [], array $paints = [])
    {
        $requirements = [];
        foreach ($asked as $surface => $uses) {
            $requirements[] = ['tier' => 'line', 'surface' => $surface, 'uses' => $uses];
        }
        /** @var StandardDocument $document */
        $document = [
            'format' => 'ordotype-standard/1', 'name' => 'Small', 'version' => '1',
            'surfaces' => array_map(static fn (string $id): array => ['id' => $id, 'name' => $id, ...isset($own[$id]) ? ['schools' => $own[$id]] : []], array_keys($asked)),
            ...$schools === [] ? [] : ['schools' => $schools],
            'techniques' => $techniques,
            'tiers' => [['id' => 'line', 'name' => 'Line', 'rank' => 1, 'distance_mm' => 700, 'sides' => ['front'], 'look_minutes' => 3, 'limits' => ['critical' => 0, 'major' => 0, 'minor' => 0], 'colour_tolerance' => 5, 'budget_minutes' => 60, 'by_agreement' => false, 'retired' => false]],
            'requirements' => $requirements,
        ];
        $standard = StandardReader::ofSound()->read($document);
        $figure = new Figure('line', 1.0, array_map(static fn (TypeArea $area): Area => $area->area, $areas));
        $composition = (new Composer($standard))->compose($figure);
        $type = new FigureType('Small', SizeClass::Foot, $areas);
        $this->work = (new WorkOrder($standard))->of($composition, $type, null, $paints);
        $this->key = (new WorkOrder($standard))->key($composition, $type, $paints);
        $this->again = (new WorkOrder($standard))->of($composition, $type, $this->work->order(), $paints);
    }

    /** @param  list<string>  $neighbours */
    public static function area(string $id, string $surface, int $depth = 0, array $neighbours = [], ?string $on = null, string $part = ''): TypeArea
    {
        return new TypeArea(new Area($id, $surface, 1.0), $part, $depth, false, [], $neighbours, $on);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function technique(string $id, string $group, string $opacity = 'opaque', bool $messy = false, array $more = []): array
    {
        return ['id' => $id, 'name' => $id, 'group' => $group, 'opacity' => $opacity, 'messy' => $messy, ...$more];
    }

    /** @return list<string> `area use`, and `tidy area` */
    public function words(): array
    {
        return array_map(static fn (PlannedStep|TidyBack $item): string => $item instanceof TidyBack ? "tidy {$item->area->area->id}" : self::name($item), $this->work->items);
    }

    /** @return list<string> what should have waited and did not, as `area use after area use: force` */
    public function gaveWay(): array
    {
        return array_map(static fn (GaveWay $one): string => "{$one->step->area->area->id} {$one->step->laid->use->id} after {$one->after->step->area->area->id} {$one->after->step->laid->use->id}: {$one->after->force->value}", $this->work->gaveWay);
    }

    /** @return list<string> areas that a step is kept off by a school */
    public function keptOff(string $step): array
    {
        foreach ($this->work->items as $item) {
            if ($item instanceof PlannedStep && self::name($item) === $step) {
                return $item->step->keptOff();
            }
        }

        return [];
    }

    /** @return list<string> why a step stands where it does */
    public function why(string $step): array
    {
        foreach ($this->work->items as $item) {
            if ($item instanceof PlannedStep && self::name($item) === $step) {
                return array_column(WhyHere::of($item), 'sentence');
            }
        }

        return [];
    }

    /** @return list<string> what a step waits for, as `area use: force` */
    public function waitsFor(string $step): array
    {
        $waits = [];
        foreach ($this->work->items as $item) {
            if ($item instanceof PlannedStep) {
                $waits[self::name($item)] = $item->after;
            }
        }

        return array_map(static fn (After $after): string => "{$after->step->area->area->id} {$after->step->laid->use->id}: {$after->force->value}", $waits[$step]);
    }

    private static function name(PlannedStep $item): string
    {
        return "{$item->step->area->area->id} {$item->step->laid->use->id}";
    }
}
