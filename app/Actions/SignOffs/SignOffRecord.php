<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Actions\Bench\Painters;
use App\Actions\Checks\CheckReading;
use App\Models\Check;
use App\Models\Studio;
use App\Models\User;
use Carbon\CarbonImmutable;
use Core\Check\SealedVerdict;
use Core\Standard\Tier;

/** All that a sign-off says, in words that stay true when the standard changes later. */
final readonly class SignOffRecord
{
    public function __construct(private Evidence $evidence)
    {
    }

    /** @return array<string, mixed> */
    public function of(CheckReading $reading, Studio $studio, User $by, CarbonImmutable $signedAt): array
    {
        $composed = $reading->composed;
        $job = $composed->unit->job->loadMissing(['force', 'standardVersion.standard']);
        $work = new RecordedWork($reading);

        return [
            'format' => SealedVerdict::FORMAT,
            'ids' => ['studio' => $studio->id, 'figure' => $composed->id, 'check' => $reading->check->id, 'signer' => $by->id],
            'studio' => $studio->name,
            'job' => ['name' => $job->name, 'client' => $job->client, 'force' => $job->force->name],
            'figure' => ['unit' => $composed->unit->name, 'number' => $composed->row->number, 'leader' => $composed->row->leader, 'name' => $composed->row->name, 'type' => $composed->type->name],
            'standard' => ['name' => $job->standardVersion->standard->name, 'version' => $job->standardVersion->label],
            'tier' => self::tier($reading->tier),
            'raises' => $work->raises(),
            'elsewhere' => $composed->row->elsewhere,
            'painted' => $work->painted(),
            'excused' => $work->excused(),
            'left_out' => $work->leftOut(),
            'added' => $work->added(),
            'not_addable' => $work->notAddable(),
            'not_asked' => $work->notAsked(),
            'chosen' => $work->chosen(),
            'area_tiers' => $work->areaTiers(),
            'unseen' => $reading->sheet->unseen,
            'rounds' => $this->rounds($reading, $by, $signedAt),
            'verdict' => ['is' => $reading->judgement->verdict->value, 'counts' => $reading->judgement->counts, 'why' => $reading->judgement->why->toArray()],
            'look' => self::look($reading, $signedAt),
            'painters' => array_values(User::query()->whereIn('id', Painters::of($reading->check->figure))->orderBy('name')->pluck('name')->all()),
            'signed' => ['by' => $by->name, 'role' => $by->role->value, 'at' => $signedAt->toIso8601ZuluString(), 'self_checked' => Painters::painted($by, $reading->check->figure)],
            'evidence' => $this->evidence->now($composed->id, $reading->check->round),
        ];
    }

    /** @return array<string, mixed> */
    private static function tier(Tier $tier): array
    {
        $judging = $tier->judging;

        return [
            'id' => $tier->id, 'name' => $tier->name, 'rank' => $tier->rank,
            'distance_mm' => $judging->distanceMm, 'notice_arcmin' => $judging->noticeArcmin, 'colour_tolerance' => $judging->colourTolerance,
            'sides' => array_column($judging->sides, 'value'), 'look_minutes' => $tier->lookMinutes,
            'limits' => $judging->limits->toArray(),
        ];
    }

    /**
     * From opening the last check to its end, beside what the tier asks. It is told, and stops nobody.
     *
     * @return array{minutes: float, asked: float, under: bool}
     */
    private static function look(CheckReading $reading, CarbonImmutable $signedAt): array
    {
        $minutes = CheckTime::minutes($reading->check, $signedAt);

        return ['minutes' => $minutes, 'asked' => $reading->tier->lookMinutes, 'under' => $minutes < $reading->tier->lookMinutes];
    }

    /** @return list<array<string, mixed>> every check of the figure, with every answer, fault and mending */
    private function rounds(CheckReading $reading, User $by, CarbonImmutable $signedAt): array
    {
        $checks = Check::query()->where('figure_id', $reading->composed->id)->orderBy('round')
            ->with(['opener', 'closer', 'actions.answers', 'actions.user', 'faults.mending.user', 'faults.waiver'])->get();

        return array_values($checks->map(static fn (Check $check): array => $check->id === $reading->check->id
            ? RecordedRound::last($check, $reading, $by, $signedAt)
            : RecordedRound::earlier($check, $reading->tier->judging))->all());
    }
}
