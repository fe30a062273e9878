<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\AlikeFigures;
use App\Actions\Bench\BenchSheet;
use App\Actions\Bench\FetchedPaint;
use App\Actions\Bench\Painters;
use App\Actions\Bench\PaintNeeds;
use App\Actions\Bench\SheetLaying;
use App\Actions\Bench\SheetStep;
use App\Actions\Bench\Supervision;
use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\StoredMark;
use App\Actions\People\Clear;
use App\Http\Schemes\RecipeParts;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use App\Models\MarkState;
use App\Models\User;
use Core\Composition\ComposedCriterion;
use Core\Composition\ComposedUse;
use Core\Composition\InTurn;
use Core\Composition\NamedPlaces;
use Core\Composition\Origin;
use Core\Plan\FigureState;
use Core\Sequence\PlannedStep;
use Core\Sequence\Step;
use Core\Sequence\TidyBack;
use Core\Sequence\WhyHere;
use Core\Standard\Caution;
use Core\Standard\Clearances;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;

/**
 * One bench sheet: what to do, in order, with what, and why here.
 *
 * @phpstan-import-type Person from WhyShape
 * @phpstan-import-type StepMix from RecipeParts
 * @phpstan-import-type SheetTimes_ from SheetTimes
 * @phpstan-import-type SheetSpray_ from SheetSpray
 * @phpstan-import-type SheetGo from SheetGoes
 * @phpstan-import-type SheetStop from SheetStops
 * @phpstan-import-type SheetJoin from SheetJoins
 * @phpstan-import-type BenchClock_ from ClockResource
 * @phpstan-import-type SheetWorked_ from SheetWorked
 * @phpstan-import-type LeftLine from SheetWorked
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
 *   looked_on: string|null,
 *   at: string|null,
 * }
 * @phpstan-type FurtherCoats array{figure_id: int, coats: int, by: string}
 * @phpstan-type SheetFigure array{
 *   id: int,
 *   number: int,
 *   name: string,
 *   leader: bool,
 *   state: value-of<FigureState>,
 *   painter: Person|null,
 *   left: int|null,
 *   to_mend: bool,
 *   may_mark: bool,
 *   may_hand_over: bool,
 *   may_look: bool,
 *   version: int,
 * }
 * @phpstan-type StepWork array{
 *   title: string,
 *   group: string,
 *   degree: string,
 *   where: list<string>,
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
 *   where: list<string>,
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
 *   figures: list<int>,
 *   look: bool,
 *   waits: list<int>,
 *   beneath: list<int>,
 *   cleared: bool|null,
 *   may_look_on: list<Person>,
 *   marks: list<StepMark>,
 *   further: list<FurtherCoats>,
 *   wet: list<WetFigure>,
 * }
 * @phpstan-type FetchedPaint_ array{name: string, hex: string, ml: float}
 * @phpstan-type SheetRaise array{
 *   from: list<string>,
 *   records: list<array{id: int, number: int, figure: int}>,
 *   not_addable: list<array{area: string, why: string}>,
 * }
 * @phpstan-type BenchSheet_ array{
 *   key: string,
 *   job: array{id: int, name: string, version: int},
 *   notes: string,
 *   wishes: list<string>,
 *   unit: array{id: int, name: string, note: string},
 *   type: array{id: int, name: string},
 *   scheme: int|null,
 *   tier: string,
 *   standard: string,
 *   minutes: float,
 *   alike: list<array{tier: string, figures: list<int>, minutes: float}>,
 *   times: SheetTimes_,
 *   spray: SheetSpray_,
 *   caution: string,
 *   undecided: list<string>,
 *   unsure: list<string>,
 *   raises: SheetRaise|null,
 *   elsewhere: bool,
 *   figures: list<SheetFigure>,
 *   mishaps: list<SheetMishap>,
 *   length: int,
 *   goes: list<SheetGo>,
 *   stops: list<SheetStop>,
 *   joins: list<SheetJoin>,
 *   clock: BenchClock_|null,
 *   worked: SheetWorked_,
 *   enough: list<LeftLine>,
 *   fetch: list<FetchedPaint_>,
 *   steps: list<BenchStep>,
 * }
 */
final readonly class BenchSheetResource extends Resource
{
    /** Groups of which nothing is mixed. */
    private const WITHOUT_PAINT = [TechniqueGroup::Prepare, TechniqueGroup::Tidy];

    private Clearances $clearances;

    /** Null where this person may do everything alone, or nothing is said of that. */
    private ?Supervision $supervision;

    public function __construct(
        private BenchSheet $sheet,
        private User $user,
    ) {
        $this->clearances = Clear::of($user);
        $this->supervision = $this->clearances->areNone() ? null : Supervision::of($user);
    }

    /** @return BenchSheet_ */
    public function toArray(): array
    {
        $first = $this->sheet->first();
        $job = $first->unit->job;
        $drying = new SheetDrying($this->sheet, now()->toDateTimeImmutable());
        $beneath = $this->sheet->beneath();

        return [
            'key' => $this->sheet->key,
            'job' => ['id' => $job->id, 'name' => $job->name, 'version' => $job->version],
            'notes' => $job->notes,
            'wishes' => $job->wishes(),
            'unit' => ['id' => $first->unit->id, 'name' => $first->unit->name, 'note' => $first->unit->note],
            'type' => ['id' => $first->typeId(), 'name' => $first->type->name],
            'scheme' => $first->schemeId(),
            'tier' => implode(', ', $this->sheet->tiers()),
            'standard' => "{$this->sheet->standard->name} {$this->sheet->standard->version}",
            'minutes' => $this->sheet->minutesEach(0),
            'alike' => array_map($this->alike(...), $this->sheet->alike, array_keys($this->sheet->alike)),
            'times' => (new SheetTimes($this->sheet))->toArray(),
            'spray' => (new SheetSpray($this->sheet))->toArray(),
            'caution' => Caution::ALWAYS,
            'undecided' => array_values(array_unique(array_merge(...array_map(static fn (AlikeFigures $one): array => $one->first()->composition->undecided, $this->sheet->alike)))),
            'unsure' => $first->type->unsure(),
            'raises' => $this->raises(),
            'elsewhere' => $first->row->elsewhere,
            'figures' => array_map($this->figure(...), $this->sheet->figures),
            'mishaps' => SheetMishaps::of($this->sheet),
            'length' => $this->sheet->length(),
            'goes' => (new SheetGoes($this->sheet))->toArray(),
            'stops' => (new SheetStops($this->sheet))->toArray(),
            'joins' => (new SheetJoins($this->sheet))->toArray(),
            ...(new SheetWorked($this->sheet, $this->user))->toArray(),
            'fetch' => array_map(static fn (FetchedPaint $one): array => ['name' => $one->paint->name, 'hex' => $one->paint->colour->hex(), 'ml' => $one->ml], PaintNeeds::toFetch($this->sheet)),
            'steps' => array_map(fn (SheetStep $step): array => $this->step($step, $drying->under($step->line), $beneath[$step->line]), $this->sheet->steps),
        ];
    }

    /** @return SheetRaise|null null for figures that are painted from the start */
    private function raises(): ?array
    {
        $from = $records = $missing = [];
        foreach ($this->sheet->figures as $figure) {
            if ($figure->raises !== null) {
                $from[$figure->raises->tier()->name] = true;
                $records[] = ['id' => $figure->raises->record->id, 'number' => $figure->raises->record->number, 'figure' => $figure->row->number];
                foreach ($figure->plan->blocked ?? [] as $blocked) {
                    $missing["{$blocked->area->id} {$blocked->use->id}"] = ['area' => $blocked->area->id, 'why' => $blocked->why];
                }
            }
        }

        return $records === [] ? null : ['from' => array_map(strval(...), array_keys($from)), 'records' => $records, 'not_addable' => array_values($missing)];
    }

    /** @return array{tier: string, figures: list<int>, minutes: float} who is painted alike, and what that takes on each */
    private function alike(AlikeFigures $one, int $who): array
    {
        return [
            'tier' => $this->sheet->standard->tier($one->first()->figure->tier)->name,
            'figures' => $one->ids(),
            'minutes' => $this->sheet->minutesEach($who),
        ];
    }

    /** @return SheetFigure */
    private function figure(ComposedFigure $figure): array
    {
        $painter = $figure->painterId();
        $mine = Painters::mayPaintWhatIsGivenTo($this->user, $painter);
        $state = $figure->row->state;
        $left = $this->sheet->left($figure->id);

        return [
            'id' => $figure->id, 'number' => $figure->row->number, 'name' => $figure->row->name, 'leader' => $figure->row->leader, 'state' => $state->value,
            'painter' => $painter === null ? null : ['id' => $painter, 'name' => $figure->painter() ?? ''],
            'left' => $state->isAtTheBench() ? $left : null,
            'to_mend' => $state->isSentBack(),
            'may_mark' => $mine && $state->isAtTheBench(),
            'may_hand_over' => $mine && $state->canBeHandedOver($left) && $this->sheet->mishapsOn($figure->id) === 0,
            'may_look' => $state->isAtTheBench() && $this->mayLook($figure),
            'version' => $figure->row->version,
        ];
    }

    /** As far as it can be told without asking who ever mended on it. */
    private function mayLook(ComposedFigure $figure): bool
    {
        $painters = array_map(static fn (StoredMark $mark): ?int => $mark->isLook ? null : $mark->userId, $this->sheet->marks[$figure->id] ?? []);

        return $this->user->role->checks()
            && ($this->user->studio->allows_self_check || ! in_array($this->user->id, [$figure->painterId(), ...array_values($painters)], true));
    }

    /** @return list<int> figures on which it waits for a look; of a look, those on which something is open that is looked at */
    private function waits(SheetStep $step): array
    {
        $waiting = array_filter($this->sheet->figuresOf($step), fn (ComposedFigure $figure): bool => $step->isLook()
            ? ! $this->sheet->isSettled($step, $figure->id) && ! in_array($step, $this->sheet->looksDue($figure->id), true)
            : $this->sheet->looksBefore($step, $figure->id) !== []);

        return array_values(array_map(static fn (ComposedFigure $figure): int => $figure->id, $waiting));
    }

    /**
     * @param  list<WetFigure>  $wet figures on which it would go onto what is wet
     * @param  list<int>  $beneath places of the lines that it lies on
     * @return BenchStep
     */
    private function step(SheetStep $step, array $wet, array $beneath): array
    {
        $area = $this->sheet->first()->wholeType()->area($step->area);

        return [
            'number' => $step->number,
            'area' => $step->area,
            'surface' => $area->area->surface ?? '',
            'tier' => $this->sheet->alikeOf($step)[0]->first()->tierOn($step->area),
            'part' => $area->part ?? '',
            'use' => $step->use,
            'technique' => $step->technique,
            ...($step->planned instanceof TidyBack ? $this->tidying($step, $step->planned) : $this->laying($step, $step->planned)),
            'figures' => array_map(static fn (ComposedFigure $figure): int => $figure->id, $this->sheet->figuresOf($step)),
            'look' => $step->isLook(),
            'waits' => $this->waits($step),
            'beneath' => $beneath,
            ...$this->clearance($step),
            'marks' => $this->marks($step),
            'further' => $this->further($step),
            'wet' => $wet,
        ];
    }

    /** @return list<FurtherCoats> figures that take more coats of it than is asked for */
    private function further(SheetStep $step): array
    {
        $further = [];
        foreach ($this->sheet->figuresOf($step) as $figure) {
            foreach ($figure->row->further as $row) {
                if ($row->area === $step->area && $row->use === $step->use) {
                    $further[] = ['figure_id' => $figure->id, 'coats' => $row->coats, 'by' => $row->user->name];
                }
            }
        }

        return $further;
    }

    /** @return array{cleared: bool|null, may_look_on: list<Person>} whether this person may do it alone on all figures that have it, null where nobody has said; if not, who may look on */
    private function clearance(SheetStep $step): array
    {
        $rank = $this->sheet->rankOf($step);
        $cleared = $step->planned instanceof TidyBack ? null : $this->clearances->cover($step->technique, $rank);
        $others = $cleared === false ? $this->supervision?->whoMayLookOn($step->technique, $rank) ?? [] : [];

        return ['cleared' => $cleared, 'may_look_on' => array_map(static fn (User $one): array => ['id' => $one->id, 'name' => $one->name], $others)];
    }

    /** @return array{minutes: float, minutes_to: float} on one figure; from what it takes on some to what it may take on others */
    private function takes(SheetStep $step): array
    {
        $least = $most = [];
        foreach ($step->of as $who => $item) {
            $least[] = SheetLaying::minutes($item, $this->sheet->alike[$who]->mixes);
            $most[] = $item instanceof TidyBack ? 0.0 : $item->step->laid->minutesAtMost();
        }

        return ['minutes' => min($least), 'minutes_to' => max([...$least, ...$most])];
    }

    /** @return StepWork */
    private function laying(SheetStep $step, PlannedStep $planned): array
    {
        $technique = $planned->step->technique;
        $laid = $planned->step->laid;
        $mixes = $this->sheet->mixesOf($step);
        $coats = $mixes->coatsOf($laid);
        $places = $this->places($laid);

        return [
            'title' => $technique->name,
            'group' => $technique->group->value,
            'degree' => self::degree($planned->step, $places),
            'where' => [...$places->names ?? [], ...($laid->use->feature === null ? [] : [$laid->use->feature])],
            'note' => $laid->use->leeway->note,
            ...$this->takes($step),
            ...$this->dries($planned, $coats * $laid->use->steps),
            'only_if' => $step->onlyIf(),
            'material' => self::material($laid),
            'messy' => $technique->messy,
            'tidy' => false,
            'caution' => Caution::on($technique->group, $technique->handling->caution),
            'thinning' => $technique->handling->thinning,
            'tool' => $technique->handling->tool,
            'mixes' => in_array($technique->group, self::WITHOUT_PAINT, true) ? [] : array_map(RecipeParts::step(...), $mixes->of($step->area, $step->use, $step->steps, count($this->sheet->figuresOf($step)))),
            'turns' => $this->turns($step, $laid),
            'why' => [
                ...WhyHere::of($planned),
                ...self::again($laid),
                ...self::notNamed($laid, $places),
                ...self::moreCoats($laid, $coats),
                ...$this->drying($technique),
            ],
            'judged_by' => $this->judgedBy($step),
        ];
    }

    private function places(ComposedUse $laid): ?NamedPlaces
    {
        $area = $this->sheet->first()->wholeType()->area($laid->area->id);

        return $area === null ? null : NamedPlaces::of($area, $laid->use);
    }

    /** @return list<array{reason: string, sentence: string}> */
    private static function notNamed(ComposedUse $laid, ?NamedPlaces $places): array
    {
        return $places === null || $places->notNamed === [] ? [] : [[
            'reason' => 'place',
            'sentence' => 'The tier names '.implode(', ', $places->notNamed)." as well; the figure type names no such place on its {$laid->area->id}.",
        ]];
    }

    private static function degree(Step $step, ?NamedPlaces $places): string
    {
        return implode(', ', array_filter([$step->laid->degree($places?->ofFigure === true ? $places->names : []), ...array_map(static fn (string $area): string => "not over {$area}", $step->keptOff())], static fn (string $words): bool => $words !== ''));
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
            'dry' => $waits === 0 ? 0.0 : round($planned->step->technique->dryMinutes * $this->sheet->alike[0]->mixes->drying()),
            'dry_times' => max(1, $waits),
            'wet_into' => $planned->wetInto->technique->name ?? '',
            'wet_then' => $planned->then->technique->name ?? '',
        ];
    }

    /** @return list<array{title: string, mix: StepMix}> mixes of both uses as they are laid, where their steps take turns */
    private function turns(SheetStep $line, ComposedUse $laid): array
    {
        $turns = $mixes = [];
        foreach (InTurn::of($laid, $this->sheet->alikeOf($line)[0]->first()->composition->usesOn($laid->area->id)) as ['use' => $use, 'step' => $step]) {
            $mixes[$use->use->id] ??= $this->sheet->mixesOf($line)->of($use->area->id, $use->use->id, $use->use->steps, count($this->sheet->figuresOf($line)));
            $mix = $mixes[$use->use->id][$step - 1] ?? null;
            if ($mix !== null) {
                $turns[] = ['title' => $this->sheet->standard->technique($use->technique)->name, 'mix' => RecipeParts::step($mix)];
            }
        }

        return $turns;
    }

    /** @return list<array{reason: string, sentence: string}> */
    private static function again(ComposedUse $laid): array
    {
        return $laid->origin !== Origin::Again ? [] : [[
            'reason' => 'raised',
            'sentence' => 'What is there was dulled by its shade. New lights go onto the middle colour: thinly, on what is raised, so that the shade stays in the recesses.',
        ]];
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
        $share = $this->sheet->alike[0]->mixes->drying();

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
    private function tidying(SheetStep $step, TidyBack $tidying): array
    {
        $messy = implode('; ', array_map(static fn (Step $step): string => $step->name(), $tidying->soiledBy));

        return [
            'title' => 'Tidy back',
            'group' => TechniqueGroup::Tidy->value,
            'degree' => "after {$messy}: lift dust and spill, and lay again what is touched",
            'where' => [],
            'note' => '',
            ...$this->takes($step),
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
        $asked = array_merge(...array_map(static fn (AlikeFigures $one): array => $one->first()->composition->criteria, $this->sheet->alikeOf($step)));
        $judging = array_filter($asked, static fn (ComposedCriterion $asked): bool => $asked->area->id === $step->area && $asked->criterion->judges($step->use));

        return array_values(array_unique(array_map(static fn (ComposedCriterion $asked): string => $asked->criterion->text, $judging)));
    }

    /** @return list<StepMark> */
    private function marks(SheetStep $step): array
    {
        $marks = [];
        foreach ($this->sheet->figuresOf($step) as $figure) {
            $mark = $this->sheet->mark($step, $figure->id);
            if ($mark !== null) {
                $marks[] = ['id' => $mark->id, 'figure_id' => $figure->id, 'state' => $mark->state->value, 'reason' => $mark->reason, 'agreed_with' => $mark->agreedWith, 'by' => $mark->by, 'looked_on' => $mark->lookedOn, 'at' => $mark->atInWords()];
            }
        }

        return $marks;
    }
}
