<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\SignOff;

/**
 * A sign-off with its record, as it was sealed.
 *
 * @phpstan-import-type SignOffRow from SignOffsResource
 *
 * @phpstan-type RecordAnswer array{area: string, criterion: string, text: string, severity: string, answer: string, side: string|null, reason: string, by: string, at: string|null, in: string, undone: bool}
 * @phpstan-type RecordFault array{kind: string, area: string, criterion: string|null, severity: string|null, side: string|null, flaw: string|null, size_mm: float|null, note: string, undone: bool, waived: array{by: string, agreed_with: string|null, reason: string|null, at: string}|null, mended: array{by: string, at: string|null, note: string}|null}
 * @phpstan-type RecordRound array{round: int, ended: string, answers: list<RecordAnswer>, faults: list<RecordFault>}
 * @phpstan-type Record array{format: string, number: int, previous: string, studio: string, job: array{name: string, client: string, force: string}, figure: array{unit: string, number: int, leader: bool, type: string}, standard: array{name: string, version: string}, tier: array{id: string, name: string, rank: int, distance_mm: float, notice_arcmin: float, colour_tolerance: float, sides: list<string>, look_minutes: float, limits: array{critical: int, major: int, minor: int}}, work: list<array{area: string, use: string, technique: string, degree: string}>, excused: list<array{area: string, use: string, as: string, reason: string, by: string}>, variations: array{waived: list<array{area: string, use: string, reason: string, agreed_with: string, by: string}>, chosen: list<array{area: string, use: string, technique: string}>, area_tiers: list<array{area: string, tier: string}>}, undecided: list<string>, unseen: list<string>, rounds: list<RecordRound>, verdict: array{is: string, counts: array{critical: int, major: int, minor: int}}, painters: list<string>, signed: array{by: string, role: string, at: string, self_checked: bool}}
 * @phpstan-type SignOff_ array{row: SignOffRow, previous: string, record: Record}
 */
final readonly class SignOffResource extends Resource
{
    public function __construct(
        private SignOff $signOff,
        private bool $created = false,
    ) {
    }

    /** @return SignOff_ */
    public function toArray(): array
    {
        /** @var Record $record as it was sealed, its shape that of the format it names */
        $record = json_decode($this->signOff->record, true, 512, JSON_THROW_ON_ERROR);

        return ['row' => SignOffsResource::row($this->signOff), 'previous' => $this->signOff->previous, 'record' => $record];
    }

    protected function status(): int
    {
        return $this->created ? 201 : 200;
    }
}
