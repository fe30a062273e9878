<?php

declare(strict_types=1);

// How near the order of larger figures comes to a bound, and how long it takes. Nothing needs to run for it: `php bench/order.php`.
//
// The bound: the figure is cut into groups of areas that touch, of no more than twelve steps each. What each group cannot
// do without by itself is proven; no order of the whole figure takes less than their sum.

use Core\Composition\Composer;
use Core\Composition\Composition;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Composition\TypeArea;
use Core\Sequence\LeastTidying;
use Core\Sequence\WorkOrder;
use Core\Standard\Area;
use Core\Standard\Standard;
use Tests\Core\Support\Demo;
use Tests\Core\Support\RandomFigures;

require __DIR__.'/../vendor/autoload.php';

/** @return list<FigureType> parts of a figure whose areas touch, each of few enough steps for a proof */
$groups = static function (FigureType $type, Composition $composition): array {
    $left = array_column(array_map(static fn (TypeArea $area): array => ['id' => $area->area->id, 'area' => $area], $type->areas), 'area', 'id');
    $left = array_filter($left, static fn (TypeArea $area): bool => $area->area->surface !== 'whole');
    $neighbours = new Neighbours($type);
    $groups = [];
    while ($left !== []) {
        $group = [];
        $steps = 0;
        $next = [array_key_first($left)];
        while (($id = array_shift($next)) !== null) {
            $many = count($composition->usesOn((string) $id));
            if (isset($left[$id]) && $steps + $many <= LeastTidying::PROVEN_TO) {
                $group[] = $left[$id];
                $steps += $many;
                unset($left[$id]);
                array_push($next, ...$neighbours->of((string) $id));
            } elseif ($group === []) {
                unset($left[$id]);
            }
        }
        $known = array_map(static fn (TypeArea $area): string => $area->area->id, $group);
        $groups[] = new FigureType('', $type->sizeClass, array_map(static fn (TypeArea $area): TypeArea => new TypeArea($area->area, $area->part, $area->depth, false, [], array_values(array_intersect($area->neighbours, $known)), in_array($area->on, $known, true) ? $area->on : null), $group));
    }

    return $groups;
};
$bound = static function (Standard $standard, FigureType $type, Composition $composition, string $tier) use ($groups): float {
    $least = 0.0;
    foreach ($groups($type, $composition) as $group) {
        $figure = new Figure($tier, $type->sizeClass->size(), array_map(static fn (TypeArea $area): Area => $area->area, $group->areas));
        $least += $group->areas === [] ? 0.0 : (new WorkOrder($standard))->of((new Composer($standard))->compose($figure), $group)->tidyMinutes;
    }

    return $least;
};
$measure = static function (string $name, iterable $figures) use ($bound): void {
    $found = $bounds = $seconds = $steps = [];
    foreach ($figures as [$standard, $type, $composition, $tier]) {
        $begin = hrtime(true);
        $work = (new WorkOrder($standard))->of($composition, $type);
        $seconds[] = (hrtime(true) - $begin) / 1e9;
        $found[] = $work->tidyMinutes;
        $bounds[] = $bound($standard, $type, $composition, $tier);
        $steps[] = count($composition->uses);
    }
    sort($seconds);
    printf("%-26s %4d-%-4d %9.1f %9.1f %7.2f %9.0f %9.0f\n", $name, min($steps), max($steps), array_sum($found), array_sum($bounds), array_sum($bounds) > 0 ? array_sum($found) / array_sum($bounds) : 1.0, 1000 * $seconds[intdiv(count($seconds), 2)], 1000 * $seconds[count($seconds) - 1]);
};
$random = static function (int $areas, int $most): iterable {
    for ($seed = 1; $seed <= 12; $seed++) {
        [$standard, $type, $composition] = RandomFigures::make($seed * 31, $areas, $most);
        yield [$standard, $type, $composition, 'line'];
    }
};
$demo = static function (): iterable {
    foreach (Demo::figures() as [$standard, $type, $tier, $composition]) {
        yield [$standard, $type, $composition, $tier->id];
    }
};

printf("%-26s %9s %9s %9s %7s %9s %9s\n", 'figures', 'steps', 'minutes', 'bound', 'ratio', 'median ms', 'worst ms');
$measure('the demo, each tier', $demo());
foreach ([[4, 12], [8, 40], [14, 80], [20, 120], [28, 200]] as [$areas, $most]) {
    $measure("random, {$areas} areas", $random($areas, $most));
}
