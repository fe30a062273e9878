<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\AreaDraft;
use App\Actions\Schemes\SchemeReading;
use App\Http\Shared\WhyShape;
use App\Models\Scheme;
use App\Models\SchemeArea as Row;
use Core\Colour\LadderFinding;
use Core\Colour\LadderStep;
use Core\Composition\TypeArea;
use Core\Scheme\AreaLadder;
use Core\Scheme\Batch;
use Core\Scheme\FindingCost;
use Core\Scheme\LadderDifference;
use Core\Scheme\LadderFromUses;
use Core\Scheme\LadderReading;
use Core\Scheme\Rung as CoreRung;
use Core\Scheme\RungRole;
use Core\Scheme\SaidLadder;
use Core\Scheme\SchemeText;
use Core\Scheme\ShownRung;
use Core\Scheme\StepFinding;
use Core\Scheme\StepRules;
use Core\Scheme\Suggestion;
use Core\Scheme\TierLadder;
use Core\Scheme\TierStep;
use Core\Scheme\Turn;
use Core\Scheme\UseRecipe;
use Core\Why as CoreWhy;

/**
 * The colours of one area, as they are written and as they come out.
 *
 * @phpstan-import-type Accepted from FoundParts
 * @phpstan-import-type Why from WhyShape
 * @phpstan-import-type Recipe_ from RecipeParts
 * @phpstan-import-type MixBatch from RecipeParts
 *
 * @phpstan-type RungWritten array{role: value-of<RungRole>, mix: string, cover: float, coats: int}
 * @phpstan-type SchemeRung array{
 *   role: value-of<RungRole>,
 *   mix: string,
 *   cover: float,
 *   coats: int,
 *   recipe: Recipe_,
 *   shared: bool,
 *   hex: string,
 *   lightness: float,
 *   value: int,
 *   under: string,
 *   taken: bool,
 *   batch: MixBatch|null,
 *   differs: bool,
 *   stood: RungWritten|null,
 * }
 * @phpstan-type SchemeUse array{use: string, name: string, step: int, mix: string, recipe: Recipe_, asked: bool, stood: string|null}
 * @phpstan-type LeftOut array{at: int, rung: RungWritten}
 * @phpstan-type LiesOver array{of: string, left_out: list<LeftOut>}
 * @phpstan-type LadderSuggestion array{at: int, inserts: bool, rung: RungWritten, sentence: string}
 * @phpstan-type LadderFinding_ array{
 *   code: string,
 *   cost: value-of<FindingCost>,
 *   figure_type: string,
 *   area: string,
 *   place: string,
 *   accepted: Accepted|null,
 *   at: int,
 *   sentence: string,
 *   why: Why,
 *   suggestion: LadderSuggestion|null,
 * }
 * @phpstan-type TierStep_ array{
 *   use: string,
 *   name: string,
 *   step: int,
 *   mix: string,
 *   hex: string|null,
 *   rung: int|null,
 *   coats: int,
 *   paint_coats: int|null,
 * }
 * @phpstan-type SchemeArea_ array{
 *   id: int|null,
 *   area: string,
 *   figure_type: string,
 *   of_scheme: string,
 *   inherited: bool,
 *   version: int|null,
 *   surface: string,
 *   surface_name: string,
 *   on_figure: bool,
 *   takes_shared_light: bool,
 *   turn: value-of<Turn>,
 *   quiet: bool,
 *   note: string,
 *   same_as: string,
 *   surface_here: string,
 *   lies_over: LiesOver|null,
 *   rungs: list<SchemeRung>,
 *   uses: list<SchemeUse>,
 *   fault: array{code: string, sentence: string, at: int}|null,
 *   findings: list<LadderFinding_>,
 *   missing: list<RungWritten>,
 *   span: float|null,
 *   asked: float|null,
 *   steps: list<TierStep_>,
 * }
 */
final readonly class SchemeAreaParts
{
    /** @param  int  $figures that mixes are reckoned for */
    public function __construct(
        private SchemeReading $reading,
        private int $figures = 1,
    ) {
    }

    /**
     * @param  Row|null  $row null for what is not stored yet
     * @param  AreaDraft|null  $draft of that
     * @return SchemeArea_
     */
    public function of(Scheme $scheme, ?Row $row, AreaLadder $ladder, ?AreaDraft $draft = null): array
    {
        $said = new SaidLadder($row->id ?? 0, $scheme->id, $row->figure_type ?? $draft->figureType ?? '', $ladder, $row->same_as ?? $draft->sameAs ?? '');
        $beneath = $scheme->id === $this->reading->scheme->id ? $this->reading->ladders->said->beneath($said, $this->reading->type) : null;
        $difference = $beneath === null ? null : new LadderDifference($ladder, $beneath->ladder);
        $place = $this->reading->figure->type->area($ladder->area);
        $surface = $place?->area->surface;
        $tier = $this->reading->laid($ladder);
        $reading = $tier->reading;
        $asked = $this->reading->askedOf($tier, $this->reading->tier);

        return [
            'id' => $row?->id,
            'area' => $ladder->area,
            'figure_type' => $said->type,
            'of_scheme' => $scheme->name,
            'inherited' => $scheme->id !== $this->reading->scheme->id,
            'version' => $row?->version,
            'surface' => $surface ?? '',
            'surface_name' => $surface === null || ! $this->reading->standard->hasSurface($surface) ? '' : $this->reading->standard->surface($surface)->name,
            'on_figure' => $place !== null,
            'takes_shared_light' => $ladder->takesSharedLight,
            'turn' => $ladder->turn->value,
            'quiet' => $ladder->isQuiet,
            'note' => $row->note ?? '',
            'same_as' => $said->sameAs,
            'surface_here' => $row->surface ?? $draft->surface ?? '',
            'lies_over' => $beneath === null || $difference === null ? null : $this->liesOver($said, $beneath, $difference),
            'rungs' => array_map(fn (ShownRung $rung, int $at): array => $this->rung($rung, in_array($at, $tier->taken, true), $place, self::difference($difference, $at)), $reading->rungs, array_keys($reading->rungs)),
            'uses' => $this->uses($ladder, $tier, $surface ?? '', $difference),
            'fault' => self::fault($reading),
            'findings' => $this->findings($tier, $asked, $said->type),
            'missing' => $reading->ladder === null ? [] : array_map(self::written(...), $this->reading->mending->evenSteps($reading)),
            // Whole, as it is said everywhere: rounded twice it would be another number.
            'span' => ($span = $tier->span()) === null ? null : round($span),
            'asked' => $asked,
            'steps' => array_map(fn (TierStep $step): array => $this->step($step, $reading), $tier->steps),
        ];
    }

    /** @return LiesOver */
    private function liesOver(SaidLadder $said, SaidLadder $beneath, LadderDifference $difference): array
    {
        return [
            'of' => match (true) {
                $said->sameAs !== '' => $said->sameAs,
                $beneath->scheme !== $said->scheme => $this->reading->ladders->schemeOf($beneath)->name,
                default => 'any figure',
            },
            'left_out' => array_map(static fn (array $left): array => ['at' => $left['at'], 'rung' => self::written($left['rung'])], $difference->leftOut()),
        ];
    }

    /** @return array{differs: bool, stood: RungWritten|null} */
    private static function difference(?LadderDifference $difference, int $at): array
    {
        $differs = $difference !== null && $difference->differs($at);
        $stood = $differs ? $difference->stoodFor($at) : null;

        return ['differs' => $differs, 'stood' => $stood === null ? null : self::written($stood)];
    }

    /**
     * @param  array{differs: bool, stood: RungWritten|null}  $difference
     * @return SchemeRung
     */
    private function rung(ShownRung $shown, bool $taken, ?TypeArea $place, array $difference): array
    {
        $lightness = $shown->shown->lightness();

        return [
            ...self::written($shown->rung),
            'recipe' => RecipeParts::of($shown->recipe),
            'shared' => $shown->takesSharedLight(),
            'hex' => $shown->shown->hex(),
            'lightness' => round($lightness, 1),
            'value' => LadderStep::valueOf($lightness),
            'under' => $shown->under->hex(),
            'taken' => $taken,
            'batch' => $place === null || ! $shown->recipe->isStirred() ? null : RecipeParts::batch(Batch::of(
                $shown->recipe, $this->figures, $this->reading->figure->type->sizeClass->size(), $place->area->share, $shown->rung->cover, $shown->rung->coats, $this->reading->ladders->rules,
            )),
            ...$difference,
        ];
    }

    /** @return RungWritten */
    private static function written(CoreRung $rung): array
    {
        return ['role' => $rung->role->value, 'mix' => $rung->recipe->text(), 'cover' => $rung->cover, 'coats' => $rung->coats];
    }

    /** @return list<SchemeUse> */
    private function uses(AreaLadder $ladder, TierLadder $tier, string $surface, ?LadderDifference $difference): array
    {
        $uses = new LadderFromUses($this->reading->standard);
        $asked = array_map(static fn (TierStep $step): string => $step->use->use->id, $tier->steps);

        return array_map(static fn (UseRecipe $use): array => [
            'use' => $use->use, 'name' => $uses->technique($surface, $use->use)->name ?? $use->use, 'step' => $use->step, 'mix' => $use->recipe->text(), 'recipe' => RecipeParts::of($use->recipe), 'asked' => in_array($use->use, $asked, true), 'stood' => $difference?->useStoodFor($use)?->text(),
        ], $ladder->uses);
    }

    /** @return array{code: string, sentence: string, at: int}|null */
    private static function fault(LadderReading $reading): ?array
    {
        if ($reading->fault === null) {
            return null;
        }
        $step = preg_match('#/steps/(\d+)#', $reading->fault->pointer(), $match) === 1 ? $reading->rungAt((int) $match[1]) : -1;

        return ['code' => $reading->fault->code(), 'sentence' => $reading->fault->getMessage(), 'at' => $step];
    }

    /**
     * @param  float|null  $asked span that the area must reach by itself
     * @return list<LadderFinding_>
     */
    private function findings(TierLadder $tier, ?float $asked, string $type): array
    {
        $ofLadder = array_values(array_filter([$asked === null ? null : $tier->shortOf($asked), ...$tier->reading->findings()]));
        $ofSteps = (new StepRules($this->reading->standard, $this->reading->tier->id, $this->reading->mending))->read($tier);

        return FoundParts::sorted([
            ...array_map(fn (LadderFinding $finding): array => $this->finding($tier->reading, $finding, $type), $ofLadder),
            ...array_map(fn (array $found): array => $this->ofStep($found, $tier->reading->area->area, $type), $ofSteps),
        ]);
    }

    /** @return LadderFinding_ */
    private function finding(LadderReading $reading, LadderFinding $finding, string $type): array
    {
        $at = $finding->at === LadderFinding::WHOLE ? null : $reading->rungAt($finding->at);
        $place = $at === null ? $this->reading->tier->id : $reading->rungs[$at]->rung->recipe->text();

        return [
            ...FoundParts::of($this->reading, $finding->fault->value, $type, $reading->area->area, $place),
            'at' => $at ?? -1,
            'sentence' => SchemeText::ofLadder($finding),
            'why' => SchemeText::whyOfLadder($finding)->toArray(),
            'suggestion' => self::suggestion($this->reading->mending->of($reading, $finding)),
        ];
    }

    /**
     * @param  array{finding: StepFinding, why: CoreWhy}  $found
     * @return LadderFinding_
     */
    private function ofStep(array $found, string $area, string $type): array
    {
        $finding = $found['finding'];

        return [
            ...FoundParts::of($this->reading, $finding->code, $type, $area, $finding->place),
            'at' => $finding->at,
            'sentence' => $finding->sentence,
            'why' => $found['why']->toArray(),
            'suggestion' => self::suggestion($finding->mend),
        ];
    }

    /** @return LadderSuggestion|null */
    private static function suggestion(?Suggestion $suggestion): ?array
    {
        return $suggestion === null ? null : [
            'at' => $suggestion->at, 'inserts' => $suggestion->inserts, 'rung' => self::written($suggestion->rung), 'sentence' => $suggestion->sentence,
        ];
    }

    /** @return TierStep_ */
    private function step(TierStep $step, LadderReading $reading): array
    {
        $technique = $this->reading->standard->technique($step->use->technique);
        $under = $step->rung === null ? $reading->ground->patches()->mean() : $reading->rungs[$step->rung]->under;

        return [
            'use' => $step->use->use->id,
            'name' => $technique->name,
            'step' => $step->step,
            'mix' => $step->recipe?->text() ?? '',
            'hex' => $step->recipe?->colour()?->hex(),
            'rung' => $step->rung,
            'coats' => $step->use->use->coats,
            'paint_coats' => $step->recipe?->coatsOver($under),
        ];
    }
}
