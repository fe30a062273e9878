<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheet;
use App\Actions\Bench\Painters;
use App\Actions\Bench\SheetLaying;
use App\Actions\Bench\SheetStep;
use App\Actions\Composing\ComposedFigure;
use App\Actions\People\Clear;
use App\Http\Schemes\RecipeParts;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use App\Models\MarkState;
use App\Models\User;
use Core\Composition\ComposedCriterion;
use Core\Composition\ComposedUse;
use Core\Composition\InTurn;
use Core\Plan\FigureState;
use Core\Sequence\PlannedStep;
use Core\Sequence\Step;
use Core\Sequence\TidyBack;
use Core\Sequence\WhyHere;
use Core\Standard\Caution;
use Core\Standard\Clearances;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\UseWords;

/**
 * One bench sheet: what to do, in order, with what, and why here.
 *
 * @phpstan-import-type Person from WhyShape
 * @phpstan-import-type StepMix from RecipeParts
 * @phpstan-import-type SheetTimes_ from SheetTimes
 * @phpstan-import-type SheetGo from SheetGoes
 * @phpstan-import-type WetFigure from SheetDrying
 * @phpstan-import-type SheetMishap from SheetMishaps
 *
 * @phpstan-type StepMark array{
 *   id: int,
 *   figure_id: int,
 *   state: value-of<MarkState>,
 *   reason: string,
 *   agreed_with: string,
 *   by: string,
 *   at: string|null,
 * }
 * @phpstan-type SheetFigure array{
 *   id: int,
 *   number: int,
 *   leader: bool,
 *   state: value-of<FigureState>,
 *   painter: Person|null,
 *   left: int|null,
 *   to_mend: bool,
 *   may_mark: bool,
 *   may_hand_over: bool,
 *   version: int,
 * }
 * @phpstan-type StepWork array{
 *   title: string,
 *   group: string,
 *   degree: string,
 *   note: string,
 *   minutes: float,
 *   minutes_to: float,
 *   dry: float,
 *   dry_times: int,
 *   wet_into: string,
 *   wet_then: string,
 *   only_if: string,
 *   material: array{name: string, pieces: float}|null,
 *   messy: bool,
 *   tidy: bool,
 *   caution: string|null,
 *   thinning: string,
 *   tool: string,
 *   mixes: list<StepMix>,
 *   turns: list<array{title: string, mix: StepMix}>,
 *   why: list<array{reason: string, sentence: string}>,
 *   judged_by: list<string>,
 * }
 * @phpstan-type BenchStep array{
 *   number: int,
 *   area: string,
 *   surface: string,
 *   tier: string,
 *   part: string,
 *   use: string,
 *   title: string,
 *   technique: string,
 *   group: string,
 *   degree: string,
 *   note: string,
 *   minutes: float,
 *   minutes_to: float,
 *   dry: float,
 *   dry_times: int,
 *   wet_into: string,
 *   wet_then: string,
 *   only_if: string,
 *   material: array{name: string, pieces: float}|null,
 *   messy: bool,
 *   tidy: bool,
 *   caution: string|null,
 *   thinning: string,
 *   tool: string,
 *   mixes: list<StepMix>,
 *   turns: list<array{title: string, mix: StepMix}>,
 *   why: list<array{reason: string, sentence: string}>,
 *   judged_by: list<string>,
 *   cleared: bool|null,
 *   marks: list<StepMark>,
 *   wet: list<WetFigure>,
 * }
 * @phpstan-type BenchSheet_ array{
 *   key: string,
 *   job: array{id: int, name: string, version: int},
 *   unit: array{id: int, name: string, note: string},
 *   type: array{id: int, name: string},
 *   scheme: int|null,
 *   tier: string,
 *   standard: string,
 *   minutes: float,
 *   times: SheetTimes_,
 *   caution: string,
 *   undecided: list<string>,
 *   figures: list<SheetFigure>,
 *   mishaps: list<SheetMishap>,
 *   length: int,
 *   goes: list<SheetGo>,
 *   steps: list<BenchStep>,
 * }
 */
final readonly class BenchSheetResource extends Resource
{
    /** Groups of which nothing is mixed. */
    private const WITHOUT_PAINT = [TechniqueGroup::Prepare, TechniqueGroup::Tidy];

    private Clearances $clearances;

    public function __construct(
        private BenchSheet $sheet,
        private User $user,
    ) {
        $this->clearances = Clear::of($user);
    }

    /** @return BenchSheet_ */
    public function toArray(): array
    {
        $first = $this->sheet->first();
        $job = $first->unit->job;
        $drying = new SheetDrying($this->sheet, now()->toDateTimeImmutable());

        return [
            'key' => $this->sheet->key,
            'job' => ['id' => $job->id, 'name' => $job->name, 'version' => $job->version],
            'unit' => ['id' => $first->unit->id, 'name' => $first->unit->name, 'note' => $first->unit->note],
            'type' => ['id' => $first->unit->figure_type_id, 'name' => $first->type->name],
            'scheme' => $first->schemeId(),
            'tier' => $this->sheet->standard->tier($first->figure->tier)->name,
            'standard' => "{$this->sheet->standard->name} {$this->sheet->standard->version}",
            'minutes' => array_sum(array_map(fn (SheetStep $step): float => SheetLaying::minutes($step->planned, $this->sheet->mixes), $this->sheet->steps)),
            'times' => (new SheetTimes($this->sheet))->toArray(),
            'caution' => Caution::ALWAYS,
            'undecided' => $first->composition->undecided,
            'figures' => array_map($this->figure(...), $this->sheet->figures),
            'mishaps' => SheetMishaps::of($this->sheet),
            'length' => $this->sheet->length(),
            'goes' => (new SheetGoes($this->sheet))->toArray(),
            'steps' => array_map(fn (SheetStep $step, int $item): array => $this->step($step, $drying->under($item)), $this->sheet->steps, array_keys($this->sheet->steps)),
        ];
    }

    /** @return SheetFigure */
    private function figure(ComposedFigure $figure): array
    {
        $painter = $figure->row->painter ?? $figure->unit->painter;
        $mine = Painters::mayPaint($this->user, $figure->row);
        $state = $figure->row->state;
        $left = $this->sheet->left($figure);

        return [
            'id' => $figure->row->id, 'number' => $figure->row->number, 'leader' => $figure->row->leader, 'state' => $state->value,
            'painter' => $painter === null ? null : ['id' => $painter->id, 'name' => $painter->name],
            'left' => $state->isAtTheBench() ? $left : null,
            'to_mend' => $state->isSentBack(),
            'may_mark' => $mine && $state->isAtTheBench(),
            'may_hand_over' => $mine && $state->canBeHandedOver($left) && $this->sheet->mishapsOn($figure->row->id) === 0,
            'version' => $figure->row->version,
        ];
    }

    /**
     * @param  list<WetFigure>  $wet figures on which it would go onto what is wet
     * @return BenchStep
     */
    private function step(SheetStep $step, array $wet): array
    {
        $area = $this->sheet->first()->type->area($step->area);

        return [
            'number' => $step->number,
            'area' => $step->area,
            'surface' => $area->area->surface ?? '',
            'tier' => $this->tierOn($step->area),
            'part' => $area->part ?? '',
            'use' => $step->use,
            'technique' => $step->technique,
            ...($step->planned instanceof TidyBack ? self::tidying($step->planned) : $this->laying($step, $step->planned)),
            'cleared' => $step->planned instanceof TidyBack ? null : $this->clearances->cover($step->technique, $this->sheet->standard->tier($this->tierOn($step->area))->rank),
            'marks' => $this->marks($step),
            'wet' => $wet,
        ];
    }

    private function tierOn(string $area): string
    {
        $figure = $this->sheet->first()->figure;
        $known = $figure->area($area);

        return $known === null ? $figure->tier : $figure->tierOf($known);
    }

    /** @return StepWork */
    private function laying(SheetStep $step, PlannedStep $planned): array
    {
        $technique = $planned->step->technique;
        $laid = $planned->step->laid;
        $coats = $this->sheet->mixes->coatsOf($laid);
        $minutes = SheetLaying::minutes($planned, $this->sheet->mixes);

        return [
            'title' => $technique->name,
            'group' => $technique->group->value,
            'degree' => self::degree($planned->step),
            'note' => $laid->use->leeway->note,
            'minutes' => $minutes,
            'minutes_to' => max($minutes, $laid->minutesAtMost()),
            ...$this->dries($planned, $coats * $laid->use->steps),
            'only_if' => $step->onlyIf(),
            'material' => self::material($laid),
            'messy' => $technique->messy,
            'tidy' => false,
            'caution' => Caution::on($technique->group, $technique->handling->caution),
            'thinning' => $technique->handling->thinning,
            'tool' => $technique->handling->tool,
            'mixes' => in_array($technique->group, self::WITHOUT_PAINT, true) ? [] : array_map(RecipeParts::step(...), $this->sheet->mixes->of($step->area, $step->use, $step->steps, count($this->sheet->figures))),
            'turns' => $this->turns($laid),
            'why' => [
                ...WhyHere::of($planned),
                ...self::moreCoats($laid, $coats),
                ...$this->drying($technique),
            ],
            'judged_by' => $this->judgedBy($step),
        ];
    }

    private static function degree(Step $step): string
    {
        return implode(', ', array_filter([UseWords::degree($step->laid->use), ...array_map(static fn (string $area): string => "not over {$area}", $step->keptOff())], static fn (string $words): bool => $words !== ''));
    }

    /**
     * What is laid into its last coat does not wait for that.
     *
     * @param  int  $times that paint is laid
     * @return array{dry: float, dry_times: int, wet_into: string, wet_then: string}
     */
    private function dries(PlannedStep $planned, int $times): array
    {
        $waits = $planned->then === null ? $times : $times - 1;

        return [
            'dry' => $waits === 0 ? 0.0 : round($planned->step->technique->dryMinutes * $this->sheet->mixes->drying()),
            'dry_times' => max(1, $waits),
            'wet_into' => $planned->wetInto->technique->name ?? '',
            'wet_then' => $planned->then->technique->name ?? '',
        ];
    }

    /** @return list<array{title: string, mix: StepMix}> mixes of both uses as they are laid, where their steps take turns */
    private function turns(ComposedUse $laid): array
    {
        $turns = $mixes = [];
        foreach (InTurn::of($laid, $this->sheet->first()->composition->usesOn($laid->area->id)) as ['use' => $use, 'step' => $step]) {
            $mixes[$use->use->id] ??= $this->sheet->mixes->of($use->area->id, $use->use->id, $use->use->steps, count($this->sheet->figures));
            $mix = $mixes[$use->use->id][$step - 1] ?? null;
            if ($mix !== null) {
                $turns[] = ['title' => $this->sheet->standard->technique($use->technique)->name, 'mix' => RecipeParts::step($mix)];
            }
        }

        return $turns;
    }

    /** @return list<array{reason: string, sentence: string}> */
    private static function moreCoats(ComposedUse $laid, int $coats): array
    {
        return $coats === $laid->use->coats ? [] : [[
            'reason' => 'paint',
            'sentence' => "The paint takes {$coats} coats over what lies under it, the tier asks for {$laid->use->coats}: minutes, drying and millilitres are reckoned for {$coats}.",
        ]];
    }

    /** @return list<array{reason: string, sentence: string}> */
    private function drying(Technique $technique): array
    {
        $share = $this->sheet->mixes->drying();

        return $share === 1.0 || $technique->dryMinutes <= 0 ? [] : [[
            'reason' => 'drying',
            'sentence' => "It dries in {$technique->dryMinutes} minutes in the air of a room; this studio reckons with {$share} of that (a number of its schemes).",
        ]];
    }

    /** @return array{name: string, pieces: float}|null for one figure */
    private static function material(ComposedUse $laid): ?array
    {
        return $laid->use->material->name === '' ? null : ['name' => $laid->use->material->name, 'pieces' => $laid->materialPieces()];
    }

    /** @return StepWork */
    private static function tidying(TidyBack $tidying): array
    {
        $messy = implode('; ', array_map(static fn (Step $step): string => $step->name(), $tidying->soiledBy));

        return [
            'title' => 'Tidy back',
            'group' => TechniqueGroup::Tidy->value,
            'degree' => "after {$messy}: lift dust and spill, and lay again what is touched",
            'note' => '',
            'minutes' => $tidying->minutes,
            'minutes_to' => $tidying->minutes,
            'dry' => 0.0,
            'dry_times' => 1,
            'wet_into' => '',
            'wet_then' => '',
            'only_if' => '',
            'material' => null,
            'messy' => false,
            'tidy' => true,
            'caution' => null,
            'thinning' => '',
            'tool' => '',
            'mixes' => [],
            'turns' => [],
            'why' => WhyHere::ofTidying($tidying),
            'judged_by' => [],
        ];
    }

    /** @return list<string> */
    private function judgedBy(SheetStep $step): array
    {
        $judging = array_filter(
            $this->sheet->first()->composition->criteria,
            static fn (ComposedCriterion $asked): bool => $asked->area->id === $step->area && $asked->criterion->judges($step->use),
        );

        return array_values(array_map(static fn (ComposedCriterion $asked): string => $asked->criterion->text, $judging));
    }

    /** @return list<StepMark> */
    private function marks(SheetStep $step): array
    {
        $marks = [];
        foreach ($this->sheet->figures as $figure) {
            $mark = $this->sheet->marks[$figure->row->id][$step->key()] ?? null;
            if ($mark !== null) {
                $marks[] = ['id' => $mark->id, 'figure_id' => $figure->row->id, 'state' => $mark->state->value, 'reason' => $mark->reason, 'agreed_with' => $mark->agreed_with, 'by' => $mark->user->name, 'at' => $mark->updated_at?->toIso8601ZuluString()];
            }
        }

        return $marks;
    }
}
