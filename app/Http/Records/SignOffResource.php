<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Actions\SignOffs\RecordReading;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use App\Models\Figure;
use App\Models\SignOff;

/**
 * A sign-off with its record, as it was sealed.
 *
 * @phpstan-import-type SignOffRow from SignOffsResource
 *
 * @phpstan-import-type Why from WhyShape as WhyData
 *
 * @phpstan-type RecordAnswer array{
 *   item: string,
 *   area: string,
 *   criterion: string,
 *   text: string,
 *   severity: string,
 *   source: string,
 *   answer: string,
 *   side: string|null,
 *   reason: string,
 *   by: string,
 *   at: string|null,
 *   in: string,
 *   undone: bool,
 * }
 * @phpstan-type RecordFault array{
 *   kind: string,
 *   item: string,
 *   area: string,
 *   criterion: string|null,
 *   text: string,
 *   severity: string|null,
 *   own_severity: string|null,
 *   side: string|null,
 *   zone: string|null,
 *   flaw: string|null,
 *   size_mm: float|null,
 *   place: array{x: float, y: float}|null,
 *   sentence: string,
 *   why: WhyData|null,
 *   note: string,
 *   stands: bool,
 *   waived: array{by: string, agreed_with: string|null, reason: string|null, at: string}|null,
 *   mended: array{by: string, at: string|null, note: string}|null,
 * }
 * @phpstan-type RecordRound array{
 *   round: int,
 *   ended: string,
 *   opened: array{by: string, at: string|null}|null,
 *   closed: array{by: string, at: string|null}|null,
 *   minutes: float|null,
 *   sent_back: array{by: string, reason: string, area: string}|null,
 *   answers: list<RecordAnswer>,
 *   faults: list<RecordFault>,
 * }
 * @phpstan-type RecordPainted array{
 *   area: string,
 *   use: string,
 *   technique: string,
 *   degree: string,
 *   by: string,
 *   at: string|null,
 *   looked_on: string|null,
 * }
 * @phpstan-type RecordExcused array{
 *   area: string,
 *   use: string,
 *   work: string,
 *   as: string,
 *   words: string,
 *   reason: string,
 *   agreed_with: string,
 *   by: string,
 * }
 * @phpstan-type RecordLeftOut array{
 *   area: string,
 *   use: string,
 *   work: string,
 *   reason: string,
 *   agreed_with: string,
 *   by: string,
 *   whole_unit: bool,
 * }
 * @phpstan-type RecordAdded array{
 *   area: string,
 *   use: string,
 *   work: string,
 *   from: string,
 *   reason: string,
 *   agreed_with: string,
 *   by: string,
 *   whole_unit: bool,
 * }
 * @phpstan-type RecordNotAsked array{
 *   area: string,
 *   reason: string,
 *   agreed_with: string,
 *   by: string,
 *   whole_unit: bool,
 * }
 * @phpstan-type Record array{
 *   format: string,
 *   number: int,
 *   previous: string,
 *   ids: array{studio: int, figure: int, check: int, signer: int}|null,
 *   studio: string,
 *   job: array{name: string, client: string, force: string},
 *   figure: array{unit: string, number: int, leader: bool, name: string, type: string},
 *   standard: array{name: string, version: string},
 *   tier: array{
 *     id: string,
 *     name: string,
 *     rank: int,
 *     distance_mm: float,
 *     notice_arcmin: float,
 *     colour_tolerance: float,
 *     sides: list<string>,
 *     look_minutes: float,
 *     limits: array{critical: int, major: int, minor: int},
 *   },
 *   raises: array{number: int, hash: string, tier: string, standard: array{name: string, version: string}}|null,
 *   elsewhere: bool,
 *   painted: list<RecordPainted>,
 *   excused: list<RecordExcused>,
 *   left_out: list<RecordLeftOut>,
 *   added: list<RecordAdded>,
 *   not_addable: list<array{area: string, use: string, work: string, why: string}>,
 *   not_asked: list<RecordNotAsked>,
 *   chosen: list<array{area: string, use: string, technique: string}>,
 *   area_tiers: list<array{area: string, tier: string}>,
 *   unseen: list<string>,
 *   rounds: list<RecordRound>,
 *   verdict: array{is: string, counts: array{critical: int, major: int, minor: int}, why?: WhyData},
 *   look: array{minutes: float, asked: float, under: bool}|null,
 *   evidence: array{digest: string, rounds: int, last_mark: int}|null,
 *   painters: list<string>,
 *   signed: array{by: string, role: string, at: string, self_checked: bool},
 * }
 * @phpstan-type SignOff_ array{
 *   row: SignOffRow,
 *   previous: string,
 *   key: string|null,
 *   head: array{number: int, hash: string},
 *   raised_by: array{job: int, name: string, record: int|null, number: int|null}|null,
 *   first: int|null,
 *   type_id: int,
 *   record: Record,
 * }
 */
final readonly class SignOffResource extends Resource
{
    public function __construct(
        private SignOff $signOff,
    ) {
    }

    /** @return SignOff_ */
    public function toArray(): array
    {
        $sealed = json_decode($this->signOff->record, true, 512, JSON_THROW_ON_ERROR);
        /** @var Record $record as it was sealed, its shape that of the format it names */
        $record = RecordReading::of(is_array($sealed) ? $sealed : []);
        $head = SignOff::query()->orderByDesc('number')->first(['number', 'hash']) ?? $this->signOff;

        return [
            'row' => SignOffsResource::row($this->signOff), 'previous' => $this->signOff->previous, 'key' => $this->signOff->key_id,
            'head' => ['number' => $head->number, 'hash' => $head->hash],
            'raised_by' => $this->raisedBy(),
            'first' => $this->signOff->figure->raises_id,
            'type_id' => $this->signOff->figure->typeIdIn($this->signOff->figure->unit),
            'record' => $record,
        ];
    }

    /** @return array{job: int, name: string, record: int|null, number: int|null}|null the job in which the figure came back, and the record of that, once there is one */
    private function raisedBy(): ?array
    {
        $figure = Figure::query()->where('raises_id', $this->signOff->id)->with(['unit.job', 'signOff'])->first();

        return $figure === null ? null : ['job' => $figure->unit->job_id, 'name' => $figure->unit->job->name, 'record' => $figure->signOff?->id, 'number' => $figure->signOff?->number];
    }
}
