<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Composing\ComposedFigure;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use App\Models\VariationKind;
use Core\Composition\Addition;
use Core\Composition\AgreedAddition;
use Core\Composition\Agreement;
use Core\Composition\Asked;
use Core\Composition\Choice;
use Core\Composition\ComposedUse;
use Core\Composition\FittingAdditions;
use Core\Composition\FittingVariations;
use Core\Composition\Lacking;
use Core\Composition\Waiver;
use Core\Plan\FigureState;
use Core\Quote\Estimate;
use Core\School\SchoolBook;
use Core\School\SchoolChoice;
use Core\School\SchoolQuestion;
use Core\Standard\Area;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use Core\Standard\UseWords;

/**
 * The assignment grid: units, and in each the figures on which the same is painted.
 *
 * @phpstan-import-type Person from WhyShape
 * @phpstan-import-type Why from WhyShape as WhyData
 *
 * @phpstan-type AgreedHere array{id: int, reason: string, agreed_with: string, by: string, whole_unit: bool, price: int|null}
 * @phpstan-type LackingHere array{area: string, agreed: AgreedHere}
 * @phpstan-type GridUse array{
 *   id: string,
 *   name: string,
 *   technique: string,
 *   group: string,
 *   degree: string,
 *   coats: int,
 *   steps: int,
 *   minutes: float,
 *   choices: list<array{id: string, name: string}>,
 *   menu: array{name: string, choose: int|null, laid: bool, chosen: bool}|null,
 *   waiver: AgreedHere|null,
 *   addition: AgreedHere|null,
 *   there: string,
 *   from: string,
 * }
 * @phpstan-type AreaSchool_ array{
 *   question: value-of<SchoolQuestion>,
 *   name: string,
 *   own: string|null,
 *   wider: string|null,
 *   choices: list<array{id: string, name: string, for: string}>,
 * }
 * @phpstan-type GridArea array{
 *   area: string,
 *   surface: string,
 *   tier: string,
 *   own_tier: bool,
 *   focal: bool,
 *   state: 'asked'|'not-asked'|'undecided',
 *   agreed: AgreedHere|null,
 *   schools: list<AreaSchool_>,
 *   minutes: float,
 *   uses: list<GridUse>,
 * }
 * @phpstan-type GridFigure array{
 *   id: int,
 *   number: int,
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
 *   tier: string,
 *   minutes: float,
 *   minutes_to: float,
 *   budget: float|null,
 *   over: bool,
 *   why: WhyData,
 *   minutes_all: float,
 *   figures: list<GridFigure>,
 *   areas: list<GridArea>,
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
 *   units: list<GridUnit>,
 *   figures: int,
 *   minutes: float,
 *   waivers: int,
 *   additions: int,
 *   questions: list<array{tier: string, surface: string, figures: int}>,
 *   unassigned: int,
 *   signed: int,
 * }
 */
final readonly class GridResource extends Resource
{
    /**
     * @param  list<ComposedFigure>  $figures
     * @param  array<int, int>  $records ids by figure, of those that are signed
     */
    public function __construct(
        private array $figures,
        private Standard $standard,
        private array $records,
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
        $units = array_map($this->unit(...), array_values($byUnit));

        return [
            'units' => $units,
            'figures' => count($this->figures),
            'minutes' => array_sum(array_column($units, 'minutes')),
            'waivers' => self::variations($byUnit, VariationKind::Waiver),
            'additions' => self::variations($byUnit, VariationKind::Addition),
            'questions' => $this->questions(),
            'unassigned' => count(array_filter($this->figures, static fn (ComposedFigure $figure): bool => $figure->row->painter_id === null && $figure->unit->painter_id === null)),
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
     * @return GridUnit
     */
    private function unit(array $figures): array
    {
        $unit = $figures[0]->unit;
        /** @var array<string, non-empty-list<ComposedFigure>> $alike */
        $alike = [];
        foreach ($figures as $figure) {
            $alike[$figure->likeKey().$figure->agreed->fingerprint()][] = $figure;
        }
        $groups = array_map($this->group(...), array_values($alike));

        return [
            'id' => $unit->id, 'name' => $unit->name, 'note' => $unit->note, 'type' => $figures[0]->type->name, 'type_id' => $unit->figure_type_id,
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
     * @return GridGroup
     */
    private function group(array $alike): array
    {
        $first = $alike[0];
        $minutes = $first->composition->minutes;
        $estimate = Estimate::of($first->figure, $first->composition, $this->standard, $first->raises === null && ! $first->row->elsewhere);

        return [
            'key' => $first->likeKey(),
            'tier' => $first->figure->tier,
            'minutes' => $minutes,
            'minutes_to' => $estimate->most,
            'budget' => $estimate->budget,
            'over' => $estimate->isOver(),
            'why' => $estimate->why()->toArray(),
            'minutes_all' => $minutes * count($alike),
            'figures' => array_map($this->figure(...), $alike),
            'areas' => $this->areas($first),
            'resting' => $this->resting($first),
            'lacking' => array_values(array_filter(array_map(self::lacking(...), $first->agreed->lacking))),
        ];
    }

    /** @return GridFigure */
    private function figure(ComposedFigure $composed): array
    {
        $painter = $composed->row->painter ?? $composed->unit->painter;

        return [
            'id' => $composed->row->id, 'number' => $composed->row->number, 'leader' => $composed->row->leader, 'state' => $composed->row->state->value,
            'tier' => $composed->figure->tier, 'own_tier' => $composed->row->tier_id !== null,
            'painter' => $painter === null ? null : ['id' => $painter->id, 'name' => $painter->name],
            'own_painter' => $composed->row->painter_id !== null,
            'scheme' => $composed->schemeId(), 'own_scheme' => $composed->row->scheme_id !== null,
            'may_assign' => $composed->row->state->canBeAssigned(),
            'record' => $this->records[$composed->row->id] ?? null,
            'raises' => $composed->raises === null ? null : ['record' => $composed->raises->record->id, 'number' => $composed->raises->record->number, 'tier' => $composed->raises->tier()->name],
            'elsewhere' => $composed->row->elsewhere,
            'version' => $composed->row->version,
        ];
    }

    /** @return list<GridArea> */
    private function areas(ComposedFigure $composed): array
    {
        /** @var array<array-key, array<array-key, ComposedUse>> $laid */
        $laid = [];
        foreach ($composed->composition->uses as $use) {
            $laid[$use->area->id][$use->use->id] = $use;
        }
        $asked = new Asked($this->standard, $composed->figure);

        return array_map(function (Area $area) use ($composed, $laid, $asked): array {
            $here = $laid[$area->id] ?? [];

            return [
                'area' => $area->id,
                'surface' => $area->surface,
                'tier' => $composed->figure->tierOf($area),
                'own_tier' => $area->tier !== null,
                'focal' => $composed->type->area($area->id)->focal ?? false,
                'state' => match (true) {
                    in_array($area->id, $composed->composition->undecided, true) => 'undecided',
                    in_array($area->id, $composed->composition->notAsked, true) => 'not-asked',
                    default => 'asked',
                },
                'agreed' => self::notAsked($area, $composed),
                'schools' => array_map(fn (SchoolQuestion $question): array => $this->school($question, $area), $this->standard->surface($area->surface)->questions()),
                'minutes' => array_sum(array_column($here, 'minutes')),
                'uses' => array_map(fn (TechniqueUse|Addition $layer): array => $this->use($layer, $area, $here, $composed), $asked->layers($area)),
            ];
        }, $composed->figure->areas);
    }

    /** @return AreaSchool_ */
    private function school(SchoolQuestion $question, Area $area): array
    {
        return [
            'question' => $question->value,
            'name' => $question->inWords(),
            'own' => $area->schools->choice($question),
            'wider' => $this->standard->schoolsOn($area->surface)->taken($question)?->name,
            'choices' => array_map(static fn (SchoolChoice $choice): array => ['id' => $choice->id, 'name' => $choice->name, 'for' => $choice->for], SchoolBook::choices($question)),
        ];
    }

    /**
     * @param  array<array-key, ComposedUse>  $here what is laid on the area, by use
     * @return GridUse
     */
    private function use(TechniqueUse|Addition $layer, Area $area, array $here, ComposedFigure $composed): array
    {
        $use = $layer instanceof Addition ? $layer->use : $layer;
        $laid = $here[$use->id] ?? null;
        $technique = $laid?->techniqueIn($this->standard) ?? $this->standard->technique($use->techniques[0]);

        return [
            'id' => $use->id, 'name' => $technique->name, 'technique' => $laid->technique ?? $technique->id, 'group' => $technique->group->value,
            'degree' => UseWords::degree($use), 'coats' => $use->coats, 'steps' => $use->steps,
            'minutes' => $laid->minutes ?? 0.0,
            'choices' => $use->leavesMethodOpen() ? array_map(fn (string $id): array => ['id' => $id, 'name' => $this->standard->technique($id)->name], $use->techniques) : [],
            'menu' => $layer instanceof Addition ? null : $this->menu($use, $area, $laid, $composed),
            'there' => self::there($use, $area, $laid, $composed),
            'waiver' => $laid === null ? self::waiver($use, $area, $composed) : null,
            'addition' => $layer instanceof Addition ? self::addition($layer) : null,
            'from' => $layer instanceof Addition ? $layer->agreed->tier ?? '' : $composed->figure->tierOf($area),
        ];
    }

    /** @return string how much of it was on the figure when it came, in words; empty: nothing, or it is laid whole */
    private static function there(TechniqueUse $use, Area $area, ?ComposedUse $laid, ComposedFigure $composed): string
    {
        if ($laid !== null) {
            return $laid->growth?->inWords() ?? '';
        }
        foreach ($composed->plan->blocked ?? [] as $blocked) {
            if ($blocked->area->id === $area->id && $blocked->use->id === $use->id) {
                return $blocked->why;
            }
        }

        return $composed->wasThere($use, $area->id) ? 'On the figure already.' : '';
    }

    /** @return AgreedHere|null */
    private static function addition(Addition $addition): ?array
    {
        return $addition->agreed?->agreement === null ? null : self::agreed($addition->agreed->reason, $addition->agreed->agreement);
    }

    /** @return array{name: string, choose: int|null, laid: bool, chosen: bool}|null null for a use that stands in no menu */
    private function menu(TechniqueUse $use, Area $area, ?ComposedUse $laid, ComposedFigure $composed): ?array
    {
        $menu = (new Asked($this->standard, $composed->figure))->requirement($area)?->menuOf($use->id);
        $chosen = array_filter($composed->figure->choices, static fn (Choice $choice): bool => $choice->area === $area->id && $choice->use === $use->id);

        return $menu === null ? null : ['name' => $menu->name, 'choose' => $menu->choose, 'laid' => $laid !== null, 'chosen' => $chosen !== []];
    }

    /** @return AgreedHere|null */
    private static function waiver(TechniqueUse $use, Area $area, ComposedFigure $composed): ?array
    {
        foreach ($composed->figure->waivers as $waiver) {
            if ($waiver->area === $area->id && $waiver->use === $use->id && $waiver->agreement !== null) {
                return self::agreed($waiver->reason, $waiver->agreement);
            }
        }

        return null;
    }

    /** @return AgreedHere */
    private static function agreed(string $reason, Agreement $agreement): array
    {
        return ['id' => $agreement->id, 'reason' => $reason, 'agreed_with' => $agreement->agreedWith, 'by' => $agreement->by, 'whole_unit' => $agreement->figure === null, 'price' => $agreement->price];
    }

    /** @return AgreedHere|null what was agreed about an area of which the tier says nothing */
    private static function notAsked(Area $area, ComposedFigure $composed): ?array
    {
        foreach (array_reverse($composed->figure->notAskedFor) as $agreed) {
            if ($agreed->area === $area->id && $agreed->agreement !== null) {
                return self::agreed($agreed->reason, $agreed->agreement);
            }
        }

        return null;
    }

    /** @return LackingHere|null */
    private static function lacking(Lacking $lacking): ?array
    {
        return $lacking->agreement === null ? null : ['area' => $lacking->area, 'agreed' => self::agreed($lacking->reason, $lacking->agreement)];
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

    /** @return list<array{tier: string, surface: string, figures: int}> */
    private function questions(): array
    {
        $questions = [];
        foreach ($this->figures as $composed) {
            $seen = [];
            foreach ($composed->composition->undecided as $id) {
                $area = $composed->figure->area($id);
                if ($area === null) {
                    continue;
                }
                $key = "{$composed->figure->tierOf($area)}\n{$area->surface}";
                $questions[$key] = ($questions[$key] ?? 0) + (isset($seen[$key]) ? 0 : 1);
                $seen[$key] = true;
            }
        }

        return array_map(static function (string $key, int $figures): array {
            [$tier, $surface] = explode("\n", $key);

            return ['tier' => $tier, 'surface' => $surface, 'figures' => $figures];
        }, array_keys($questions), array_values($questions));
    }
}
