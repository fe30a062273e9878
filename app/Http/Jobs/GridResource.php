<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Composing\ComposedFigure;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use App\Models\Job;
use App\Models\VariationKind;
use Core\Composition\AgreedAddition;
use Core\Composition\Choice;
use Core\Composition\FittingAdditions;
use Core\Composition\FittingVariations;
use Core\Composition\Lacking;
use Core\Composition\Waiver;
use Core\Plan\FigureState;
use Core\Quote\Estimate;
use Core\Standard\Standard;

/**
 * The assignment grid: units, and in each the figures on which the same is painted.
 *
 * @phpstan-import-type Person from WhyShape
 * @phpstan-import-type Why from WhyShape as WhyData
 *
 * @phpstan-import-type AgreedHere from AgreedShape
 * @phpstan-import-type GridCell from GridCells
 * @phpstan-import-type Questions from GridQuestions
 *
 * @phpstan-type LackingHere array{area: string, agreed: AgreedHere}
 * @phpstan-type GridFigure array{
 *   id: int,
 *   number: int,
 *   name: string,
 *   leader: bool,
 *   state: value-of<FigureState>,
 *   tier: string,
 *   own_tier: bool,
 *   painter: Person|null,
 *   own_painter: bool,
 *   scheme: int|null,
 *   own_scheme: bool,
 *   may_assign: bool,
 *   record: int|null,
 *   raises: array{record: int, number: int, tier: string}|null,
 *   elsewhere: bool,
 *   version: int,
 * }
 * @phpstan-type GridGroup array{
 *   key: string,
 *   type: string,
 *   type_id: int,
 *   tier: string,
 *   minutes: float,
 *   minutes_to: float,
 *   budget: float|null,
 *   over: bool,
 *   why: WhyData,
 *   minutes_all: float,
 *   figures: list<GridFigure>,
 *   cells: list<string>,
 *   resting: list<string>,
 *   lacking: list<LackingHere>,
 * }
 * @phpstan-type GridUnit array{
 *   id: int,
 *   name: string,
 *   note: string,
 *   type: string,
 *   type_id: int,
 *   tier: string,
 *   painter: Person|null,
 *   scheme: int|null,
 *   version: int,
 *   count: int,
 *   minutes: float,
 *   groups: list<GridGroup>,
 * }
 * @phpstan-type Grid array{
 *   cells: list<GridCell>,
 *   units: list<GridUnit>,
 *   figures: int,
 *   minutes: float,
 *   waivers: int,
 *   additions: int,
 *   questions: Questions,
 *   unassigned: int,
 *   signed: int,
 * }
 */
final readonly class GridResource extends Resource
{
    /**
     * @param  list<ComposedFigure>  $figures
     * @param  array<int, int>  $records ids by figure, of those that are signed
     * @param  bool  $isInColours whether a scheme of the force says its colours
     */
    public function __construct(
        private array $figures,
        private Standard $standard,
        private array $records,
        private Job $job,
        private bool $isInColours,
    ) {
    }

    /** @return Grid */
    public function toArray(): array
    {
        /** @var array<int, non-empty-list<ComposedFigure>> $byUnit */
        $byUnit = [];
        foreach ($this->figures as $figure) {
            $byUnit[$figure->unit->id][] = $figure;
        }
        $cells = new GridCells;
        /** @var array<int, Estimate> $estimates */
        $estimates = [];
        // Figures that are alike have been composed once, and are estimated once.
        $estimate = function (ComposedFigure $one) use (&$estimates): Estimate {
            return $estimates[spl_object_id($one->composition)] ??= $one->estimate($this->standard);
        };
        $units = array_map(fn (array $figures): array => $this->unit($figures, $cells, $estimate), array_values($byUnit));

        return [
            'cells' => $cells->all(),
            'units' => $units,
            'figures' => count($this->figures),
            'minutes' => array_sum(array_column($units, 'minutes')),
            'waivers' => self::variations($byUnit, VariationKind::Waiver),
            'additions' => self::variations($byUnit, VariationKind::Addition),
            'questions' => (new GridQuestions($this->figures, $this->standard, $this->job, $this->isInColours))->toArray(),
            'unassigned' => count(array_filter($this->figures, static fn (ComposedFigure $figure): bool => $figure->painterId() === null)),
            'signed' => count(array_filter($this->figures, static fn (ComposedFigure $figure): bool => $figure->row->state === FigureState::Signed)),
        ];
    }

    /** @param  array<int, non-empty-list<ComposedFigure>>  $byUnit */
    private static function variations(array $byUnit, VariationKind $kind): int
    {
        return array_sum(array_map(static fn (array $unit): int => $unit[0]->unit->variations->where('kind', $kind)->count(), $byUnit));
    }

    /**
     * @param  non-empty-list<ComposedFigure>  $figures
     * @param  callable(ComposedFigure): Estimate  $estimate
     * @return GridUnit
     */
    private function unit(array $figures, GridCells $cells, callable $estimate): array
    {
        $unit = $figures[0]->unit;
        $keys = [];
        /** @var array<string, non-empty-list<ComposedFigure>> $alike */
        $alike = [];
        foreach ($figures as $figure) {
            // Figures that are alike have been composed once.
            $same = spl_object_id($figure->composition)." {$figure->row->schemeId} {$figure->typeId()}";
            $keys[$same] ??= $figure->likeKey().$figure->agreed->fingerprint;
            $alike[$keys[$same]][] = $figure;
        }
        $groups = array_map(fn (array $figures): array => $this->group($figures, $cells, $estimate), array_values($alike));

        return [
            'id' => $unit->id, 'name' => $unit->name, 'note' => $unit->note, 'type' => $unit->figureType->name, 'type_id' => $unit->figure_type_id,
            'tier' => $unit->tier->key,
            'painter' => $unit->painter === null ? null : ['id' => $unit->painter->id, 'name' => $unit->painter->name],
            'scheme' => $unit->scheme_id,
            'version' => $unit->version,
            'count' => count($figures),
            'minutes' => array_sum(array_column($groups, 'minutes_all')),
            'groups' => $groups,
        ];
    }

    /**
     * @param  non-empty-list<ComposedFigure>  $alike
     * @param  callable(ComposedFigure): Estimate  $estimateOf
     * @return GridGroup
     */
    private function group(array $alike, GridCells $cells, callable $estimateOf): array
    {
        $first = $alike[0];
        $minutes = $first->composition->minutes;
        $estimate = $estimateOf($first);

        return [
            'key' => $first->likeKey(),
            'type' => $first->type->name,
            'type_id' => $first->typeId(),
            'tier' => $first->figure->tier,
            'minutes' => $minutes,
            'minutes_to' => $estimate->most,
            'budget' => $estimate->budget,
            'over' => $estimate->isOver(),
            'why' => $estimate->why()->toArray(),
            'minutes_all' => $minutes * count($alike),
            'figures' => array_map($this->figure(...), $alike),
            'cells' => $cells->of($first, $this->standard),
            'resting' => $this->resting($first),
            'lacking' => array_values(array_filter(array_map(self::lacking(...), $first->agreed->lacking))),
        ];
    }

    /** @return GridFigure */
    private function figure(ComposedFigure $composed): array
    {
        $painter = $composed->painterId();

        return [
            'id' => $composed->id, 'number' => $composed->row->number, 'name' => $composed->row->name, 'leader' => $composed->row->leader, 'state' => $composed->row->state->value,
            'tier' => $composed->figure->tier, 'own_tier' => $composed->row->tierId !== null,
            'painter' => $painter === null ? null : ['id' => $painter, 'name' => $composed->painter() ?? ''],
            'own_painter' => $composed->row->painterId !== null,
            'scheme' => $composed->schemeId(), 'own_scheme' => $composed->row->schemeId !== null,
            'may_assign' => $composed->row->state->canBeAssigned(),
            'record' => $this->records[$composed->id] ?? null,
            'raises' => $composed->raises === null ? null : ['record' => $composed->raises->record->id, 'number' => $composed->raises->record->number, 'tier' => $composed->raises->tier()->name],
            'elsewhere' => $composed->row->elsewhere,
            'version' => $composed->row->version,
        ];
    }

    /** @return LackingHere|null */
    private static function lacking(Lacking $lacking): ?array
    {
        return $lacking->agreement === null ? null : ['area' => $lacking->area, 'agreed' => AgreedShape::of($lacking->reason, $lacking->agreement)];
    }

    /** @return list<string> what was agreed and names nothing that is asked any more */
    private function resting(ComposedFigure $composed): array
    {
        $fitting = new FittingVariations($this->standard);
        $waivers = array_filter($composed->agreed->waivers, static fn (Waiver $waiver): bool => ! $fitting->fitsWaiver($composed->figure, $waiver));
        $additions = new FittingAdditions($this->standard);
        $added = array_filter($composed->agreed->additions, static fn (AgreedAddition $one): bool => ! $additions->fits($composed->figure, $one));
        $choices = array_filter($composed->agreed->choices, static fn (Choice $choice): bool => ! $fitting->fitsChoice($composed->figure, $choice));

        return [
            ...array_map(static fn (Waiver $waiver): string => "{$waiver->area}: \"{$waiver->use}\" left out ({$waiver->reason})", array_values($waivers)),
            ...array_map(static fn (AgreedAddition $one): string => "{$one->area}: \"{$one->use}\" of {$one->tier} added ({$one->reason})", array_values($added)),
            ...array_map(static fn (Choice $choice): string => "{$choice->area}: \"{$choice->use}\" by {$choice->technique}", array_values($choices)),
        ];
    }
}
