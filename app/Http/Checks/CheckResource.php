<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Checks\ActInCheck;
use App\Actions\Checks\CheckReading;
use App\Actions\Checks\MayCheck;
use App\Actions\SignOffs\CheckTime;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use App\Models\CheckAction;
use App\Models\CheckDeed;
use App\Models\Fault;
use App\Models\Mishap;
use App\Models\RoundState;
use App\Models\User;
use Core\Check\Answer;
use Core\Check\CheckItem;
use Core\Check\ExcusedUse;
use Core\Check\FaultKind;
use Core\Check\FlawKind;
use Core\Check\ItemKind;
use Core\Check\Verdict;
use Core\Check\Weight;
use Core\Composition\TypeArea;
use Core\Standard\Severity;
use Core\Standard\Side;
use Core\Standard\VisualAngle;

/**
 * A check as it stands, with the running verdict.
 *
 * @phpstan-import-type Why from WhyShape as WhyData
 * @phpstan-import-type Limits from WhyShape
 *
 * @phpstan-type ExcusedStep array{as: string, words: string, reason: string, by: string, agreed_with: string}
 * @phpstan-type CheckItem_ array{
 *   item: value-of<ItemKind>,
 *   area: string,
 *   surface: string,
 *   tier: string,
 *   criterion: string,
 *   excused: ExcusedStep|null,
 *   answers: list<value-of<Answer>>,
 *   text: string,
 *   places: list<string>,
 *   severity: value-of<Severity>,
 *   sides: list<value-of<Side>>,
 *   alone: string|null,
 *   focal: bool,
 *   answer: value-of<Answer>|null,
 *   reason: string,
 *   stands: bool,
 * }
 * @phpstan-type CheckFault array{
 *   id: int,
 *   kind: value-of<FaultKind>,
 *   area: string,
 *   criterion: string|null,
 *   text: string,
 *   side: value-of<Side>|null,
 *   flaw: value-of<FlawKind>|null,
 *   size_mm: float|null,
 *   place: array{x: float, y: float}|null,
 *   note: string,
 *   severity: 'critical'|'major'|'minor'|'none',
 *   sentence: string,
 *   why: WhyData,
 *   waived: array{by: string, agreed_with: string, reason: string}|null,
 *   mended: array{by: string, at: string|null, note: string}|null,
 *   version: int,
 * }
 * @phpstan-type MosaicArea array{
 *   area: string,
 *   surface: string,
 *   share: float,
 *   focal: bool,
 *   sides: list<value-of<Side>>,
 *   hex: string|null,
 * }
 * @phpstan-type Check_ array{
 *   id: int,
 *   figure_id: int,
 *   round: int,
 *   state: value-of<RoundState>,
 *   version: int,
 *   job: array{id: int, name: string},
 *   wishes: list<string>,
 *   unit: string,
 *   number: int,
 *   count: int,
 *   leader: bool,
 *   name: string,
 *   type_id: int,
 *   unit_id: int,
 *   unit_version: int,
 *   tier: array{
 *     key: string,
 *     name: string,
 *     rank: int,
 *     distance_mm: float,
 *     notice_arcmin: float,
 *     look_minutes: float,
 *     smallest_mm: float,
 *     limits: Limits,
 *   },
 *   standard: string,
 *   painters: list<string>,
 *   mended_at_the_bench: list<array{area: string, name: string, by: string}>,
 *   sides: list<value-of<Side>>,
 *   passed: list<value-of<Side>>,
 *   areas: list<MosaicArea>,
 *   items: list<CheckItem_>,
 *   unseen: list<string>,
 *   faults: list<CheckFault>,
 *   counts: Limits,
 *   verdict: 'accept'|'rework'|'concession',
 *   verdict_why: WhyData,
 *   open: int,
 *   complete: bool,
 *   undecided: list<string>,
 *   unsure: list<string>,
 *   may_send_back: bool,
 *   sent_back: array{by: string, reason: string}|null,
 *   may_sign: bool,
 *   sign_hint: string,
 *   may_waive: bool,
 *   own_work: bool,
 *   undo: string|null,
 *   started_at: string|null,
 *   looked_minutes: float|null,
 *   sign_off_id: int|null,
 * }
 */
final readonly class CheckResource extends Resource
{
    /**
     * @param  array<array-key, string>  $colours hex of what an area is painted with, by area
     * @param  list<string>  $painters names
     * @param  list<Mishap>  $mended what went wrong at the bench and was mended there
     */
    public function __construct(
        private CheckReading $reading,
        private User $user,
        private array $colours,
        private array $painters,
        private bool $ownWork,
        private array $mended,
    ) {
    }

    /** @return Check_ */
    public function toArray(): array
    {
        $reading = $this->reading;
        $composed = $reading->composed;

        return [
            'id' => $reading->check->id,
            'figure_id' => $composed->id,
            'round' => $reading->check->round,
            'state' => $reading->check->state->value,
            'version' => $reading->check->version,
            'job' => ['id' => $composed->unit->job->id, 'name' => $composed->unit->job->name],
            'wishes' => $composed->unit->job->wishes(),
            'unit' => $composed->unit->name,
            'number' => $composed->row->number,
            'count' => $reading->check->figure->unit->figures_count ?? 0,
            'leader' => $composed->row->leader,
            'name' => $composed->row->name,
            'type_id' => $composed->typeId(),
            'unit_id' => $composed->unit->id,
            'unit_version' => $composed->unit->version,
            'tier' => $this->tier(),
            'standard' => "{$reading->standard->name} {$reading->standard->version}",
            'painters' => $this->painters,
            'mended_at_the_bench' => array_map(static fn (Mishap $one): array => ['area' => $one->area, 'name' => $one->kind->inWords(), 'by' => $one->ender->name ?? $one->user->name], $this->mended),
            'sides' => array_column($reading->sheet->sides, 'value'),
            'passed' => array_column($reading->state->passed, 'value'),
            'areas' => $this->areas(),
            'items' => array_map($this->item(...), $reading->sheet->items),
            'unseen' => $reading->sheet->unseen,
            'faults' => array_map($this->fault(...), $reading->faults, $reading->judgement->weights),
            'counts' => $reading->judgement->counts,
            'verdict' => $reading->judgement->verdict->value,
            'verdict_why' => $reading->judgement->why->toArray(),
            'open' => count($reading->state->open($reading->sheet)),
            'complete' => $reading->state->isComplete($reading->sheet),
            'undecided' => $reading->sheet->undecided,
            'unsure' => $reading->sheet->unsure,
            'may_send_back' => $reading->judgement->verdict === Verdict::Rework || $this->user->isLead(),
            'sent_back' => $reading->judgement->sentBack === null ? null : ['by' => $reading->judgement->sentBack->by, 'reason' => $reading->judgement->sentBack->reason],
            'may_sign' => $reading->maySign() && MayCheck::maySign($this->user, $reading->tier),
            'sign_hint' => $this->signHint(),
            'may_waive' => $this->user->isLead(),
            'own_work' => $this->ownWork,
            'undo' => $this->undo(),
            'started_at' => $reading->check->created_at?->toIso8601ZuluString(),
            'looked_minutes' => $reading->check->closed_at === null ? null : CheckTime::minutes($reading->check, $reading->check->closed_at),
            'sign_off_id' => $reading->check->figure->signOff?->id,
        ];
    }

    /** @return array{key: string, name: string, rank: int, distance_mm: float, notice_arcmin: float, look_minutes: float, smallest_mm: float, limits: Limits} */
    private function tier(): array
    {
        $tier = $this->reading->tier;

        return [
            'key' => $tier->id, 'name' => $tier->name, 'rank' => $tier->rank, 'distance_mm' => $tier->judging->distanceMm,
            'notice_arcmin' => $tier->judging->noticeArcmin, 'look_minutes' => $tier->lookMinutes,
            'smallest_mm' => VisualAngle::arcmin($tier->judging->noticeArcmin)->sizeAt($tier->judging->distanceMm),
            'limits' => $tier->judging->limits->toArray(),
        ];
    }

    /** @return list<MosaicArea> */
    private function areas(): array
    {
        return array_map(fn (TypeArea $area): array => [
            'area' => $area->area->id, 'surface' => $area->area->surface, 'share' => $area->area->share, 'focal' => $area->focal,
            'sides' => array_map(static fn (Side $side): string => $side->value, $area->sides),
            'hex' => $this->colours[$area->area->id] ?? null,
        ], $this->reading->composed->type->areas);
    }

    /** @return CheckItem_ */
    private function item(CheckItem $item): array
    {
        $answer = $this->reading->answers[$item->key()] ?? null;
        $action = $answer === null ? null : $this->reading->check->actions->firstWhere('id', $answer->check_action_id);

        return [
            'item' => $item->kind()->value, 'area' => $item->area->area->id, 'surface' => $item->area->area->surface,
            'tier' => $this->reading->composed->figure->tierOf($this->reading->composed->figure->area($item->area->area->id) ?? $item->area->area),
            'criterion' => $item->criterion->id,
            'excused' => $item->excused === null ? null : self::excused($item->excused),
            'answers' => array_map(static fn (Answer $one): string => $one->value, $item->answers()),
            'text' => $item->criterion->text, 'places' => $item->places,
            'severity' => $item->criterion->severity->value, 'sides' => array_map(static fn (Side $side): string => $side->value, $item->sides),
            'alone' => $item->alone, 'focal' => $item->area->focal,
            'answer' => $answer?->answer->value, 'reason' => $answer->reason ?? '', 'stands' => $action?->kind === CheckDeed::Stands,
        ];
    }

    /** @return CheckFault */
    private function fault(Fault $fault, Weight $weight): array
    {
        $key = $fault->itemKey();
        $item = $key === null ? null : $this->reading->sheet->item($key);

        return [
            'id' => $fault->id, 'kind' => $fault->kind->value, 'area' => $fault->area, 'criterion' => $fault->criterion,
            'text' => $fault->text ?? $item->criterion->text ?? '', 'side' => $fault->side?->value, 'flaw' => $fault->flaw?->value, 'size_mm' => $fault->size_mm, 'place' => $fault->place(), 'note' => $fault->note,
            'severity' => $weight->severity->value ?? 'none',
            'sentence' => $weight->sentence,
            'why' => $weight->why->toArray(),
            'waived' => $fault->waived_at === null ? null : ['by' => $fault->waiver->name ?? '', 'agreed_with' => $fault->waiver_agreed_with ?? '', 'reason' => $fault->waiver_reason ?? ''],
            'mended' => $fault->mending === null ? null : ['by' => $fault->mending->user->name, 'at' => $fault->mending->created_at?->toIso8601ZuluString(), 'note' => $fault->mending->note],
            'version' => $fault->version,
        ];
    }

    /** What still stands between the figure and its sign-off; empty when nothing does. */
    private function signHint(): string
    {
        $bar = $this->reading->standsBetween();

        return match (true) {
            $bar !== null => $bar->sentence,
            ! MayCheck::maySign($this->user, $this->reading->tier) => "The lead signs figures of the tier {$this->reading->tier->name}.",
            default => '',
        };
    }

    /** @return ExcusedStep */
    private static function excused(ExcusedUse $use): array
    {
        return ['as' => $use->as->value, 'words' => $use->as->words(), 'reason' => $use->reason, 'by' => $use->by, 'agreed_with' => $use->agreedWith];
    }

    private function undo(): ?string
    {
        $last = ActInCheck::lastToUndo($this->reading->check);

        return $last === null ? null : self::deed($last);
    }

    private static function deed(CheckAction $action): string
    {
        return match ($action->kind) {
            CheckDeed::Pass => "{$action->side} passed",
            CheckDeed::Flaw => 'flaw noted',
            CheckDeed::RemoveFlaw => 'flaw taken away',
            CheckDeed::Stands, CheckDeed::SendBack => '',
            CheckDeed::Answer => 'answer on '.($action->answers->first()->area ?? 'an area'),
        };
    }
}
