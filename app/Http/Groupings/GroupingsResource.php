<?php

declare(strict_types=1);

namespace App\Http\Groupings;

use App\Actions\Composing\ComposedFigure;
use App\Http\Shared\Resource;
use App\Models\GroupedFigure;
use App\Models\Grouping;
use Core\Plan\FigureState;
use Core\Standard\Standard;
use Core\Standard\Tier;

/**
 * The figures of a job by units, and as they are grouped otherwise: of each group how far it is, at which tiers, and what it takes.
 *
 * @phpstan-type FigureToGroup array{id: int, number: int, leader: bool, version: int}
 * @phpstan-type UnitToGroup array{
 *   id: int,
 *   name: string,
 *   version: int,
 *   figures: list<FigureToGroup>,
 * }
 * @phpstan-type FigureGroup array{
 *   name: string,
 *   figures: list<int>,
 *   units: list<array{name: string, numbers: list<int>, all: bool}>,
 *   tiers: list<array{name: string, figures: int}>,
 *   states: list<array{state: value-of<FigureState>, figures: int}>,
 *   minutes: float,
 * }
 * @phpstan-type Grouping_ array{
 *   id: int,
 *   name: string,
 *   version: int,
 *   groups: list<FigureGroup>,
 *   without: int,
 * }
 * @phpstan-type Groupings array{
 *   units: list<UnitToGroup>,
 *   groupings: list<Grouping_>,
 * }
 */
final readonly class GroupingsResource extends Resource
{
    /** @var array<int, int> figures of each unit */
    private array $sizes;

    /**
     * @param  list<ComposedFigure>  $figures of the job
     * @param  list<Grouping>  $groupings with their figures
     */
    public function __construct(
        private array $figures,
        private Standard $standard,
        private array $groupings,
    ) {
        $this->sizes = array_count_values(array_map(static fn (ComposedFigure $figure): int => $figure->unit->id, $figures));
    }

    /** @return Groupings */
    public function toArray(): array
    {
        return ['units' => $this->units(), 'groupings' => array_map($this->grouping(...), $this->groupings)];
    }

    /** @return list<UnitToGroup> */
    private function units(): array
    {
        $units = [];
        foreach ($this->figures as $figure) {
            $units[$figure->unit->id] ??= ['id' => $figure->unit->id, 'name' => $figure->unit->name, 'version' => $figure->unit->version, 'figures' => []];
            $units[$figure->unit->id]['figures'][] = ['id' => $figure->id, 'number' => $figure->row->number, 'leader' => $figure->row->leader, 'version' => $figure->row->version];
        }

        return array_values($units);
    }

    /** @return Grouping_ */
    private function grouping(Grouping $grouping): array
    {
        $groupOf = $grouping->figures->mapWithKeys(static fn (GroupedFigure $row): array => [$row->figure_id => $row->group_name])->all();
        $groups = [];
        foreach ($this->figures as $figure) {
            if (isset($groupOf[$figure->id])) {
                $groups[$groupOf[$figure->id]][] = $figure;
            }
        }
        uksort($groups, static fn (int|string $a, int|string $b): int => strnatcasecmp((string) $a, (string) $b));

        return [
            'id' => $grouping->id,
            'name' => $grouping->name,
            'version' => $grouping->version,
            'groups' => array_map(fn (int|string $name, array $figures): array => $this->group((string) $name, $figures), array_keys($groups), $groups),
            'without' => count($this->figures) - array_sum(array_map(count(...), $groups)),
        ];
    }

    /**
     * @param  list<ComposedFigure>  $figures
     * @return FigureGroup
     */
    private function group(string $name, array $figures): array
    {
        $tiers = $states = [];
        foreach ($figures as $figure) {
            $tiers[$figure->figure->tier] = ($tiers[$figure->figure->tier] ?? 0) + 1;
            $states[$figure->row->state->value] = ($states[$figure->row->state->value] ?? 0) + 1;
        }

        return [
            'name' => $name,
            'figures' => array_map(static fn (ComposedFigure $figure): int => $figure->id, $figures),
            'units' => $this->among($figures),
            'tiers' => array_map(
                static fn (Tier $tier): array => ['name' => $tier->name, 'figures' => $tiers[$tier->id]],
                array_values(array_filter($this->standard->tiersByRank(), static fn (Tier $tier): bool => isset($tiers[$tier->id]))),
            ),
            'states' => array_map(static fn (FigureState $state): array => ['state' => $state->value, 'figures' => $states[$state->value] ?? 0], FigureState::cases()),
            'minutes' => (float) array_sum(array_map(static fn (ComposedFigure $figure): float => $figure->composition->minutes, $figures)),
        ];
    }

    /**
     * @param  list<ComposedFigure>  $figures
     * @return list<array{name: string, numbers: list<int>, all: bool}> of which units they are
     */
    private function among(array $figures): array
    {
        $units = [];
        foreach ($figures as $figure) {
            $units[$figure->unit->id] ??= ['name' => $figure->unit->name, 'numbers' => [], 'all' => false];
            $units[$figure->unit->id]['numbers'][] = $figure->row->number;
        }
        foreach ($units as $id => $unit) {
            $units[$id]['all'] = count($unit['numbers']) === $this->sizes[$id];
        }

        return array_values($units);
    }
}
