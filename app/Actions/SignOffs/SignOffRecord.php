<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Actions\Bench\Painters;
use App\Actions\Checks\CheckReading;
use App\Actions\Checks\MayCheck;
use App\Models\BenchMark;
use App\Models\Check;
use App\Models\CheckAnswer;
use App\Models\Fault;
use App\Models\Studio;
use App\Models\User;
use Carbon\CarbonImmutable;
use Core\Check\CheckItem;
use Core\Composition\ComposedUse;
use Core\Standard\Tier;
use Core\Standard\UseWords;

/** All that a sign-off says, in words that stay true when the standard changes later. */
final readonly class SignOffRecord
{
    public const FORMAT = 'ordotype-sign-off/1';

    /** @return array<string, mixed> */
    public function of(CheckReading $reading, Studio $studio, User $by, CarbonImmutable $signedAt): array
    {
        $composed = $reading->composed;
        $job = $composed->unit->job->loadMissing(['force', 'standardVersion.standard']);

        return [
            'format' => self::FORMAT,
            'studio' => $studio->name,
            'job' => ['name' => $job->name, 'client' => $job->client, 'force' => $job->force->name],
            'figure' => ['unit' => $composed->unit->name, 'number' => $composed->row->number, 'leader' => $composed->row->leader, 'type' => $composed->type->name],
            'standard' => ['name' => $job->standardVersion->standard->name, 'version' => $job->standardVersion->label],
            'tier' => self::tier($reading->tier),
            'work' => array_map(fn (ComposedUse $use): array => self::use($use, $reading), $composed->composition->uses),
            'excused' => self::excused($composed->row->id),
            'variations' => self::variations($reading),
            'undecided' => $composed->composition->undecided,
            'unseen' => $reading->sheet->unseen,
            'rounds' => $this->rounds($reading),
            'verdict' => ['is' => $reading->judgement->verdict->value, 'counts' => $reading->judgement->counts],
            'painters' => array_values(User::query()->whereIn('id', Painters::of($composed->row))->orderBy('name')->pluck('name')->all()),
            'signed' => ['by' => $by->name, 'role' => $by->role->value, 'at' => $signedAt->toIso8601ZuluString(), 'self_checked' => MayCheck::isOwnWork($by, $composed->row)],
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
            'limits' => ['critical' => $judging->limits->critical, 'major' => $judging->limits->major, 'minor' => $judging->limits->minor],
        ];
    }

    /** @return array<string, mixed> */
    private static function use(ComposedUse $use, CheckReading $reading): array
    {
        return ['area' => $use->area->id, 'use' => $use->use->id, 'technique' => $reading->standard->technique($use->technique)->name, 'degree' => UseWords::degree($use->use)];
    }

    /** @return list<array<string, mixed>> */
    private static function excused(int $figureId): array
    {
        return array_values(BenchMark::query()->where('figure_id', $figureId)->where('state', '<>', 'done')->with('user')->orderBy('id')->get()
            ->map(static fn (BenchMark $mark): array => ['area' => $mark->area, 'use' => $mark->use, 'as' => $mark->state, 'reason' => $mark->reason, 'by' => $mark->user->name])->all());
    }

    /** @return array<string, mixed> */
    private static function variations(CheckReading $reading): array
    {
        $composed = $reading->composed;
        $names = $composed->unit->variations->keyBy(static fn ($row): string => $row->figureArea->key.'/'.$row->use);
        $waivers = [];
        foreach ($composed->figure->waivers as $waiver) {
            $row = $names->get("{$waiver->area}/{$waiver->use}");
            $waivers[] = ['area' => $waiver->area, 'use' => $waiver->use, 'reason' => $waiver->reason, 'agreed_with' => $row->agreed_with ?? '', 'by' => $row->user->name ?? ''];
        }
        $choices = [];
        foreach ($composed->figure->choices as $choice) {
            $choices[] = ['area' => $choice->area, 'use' => $choice->use, 'technique' => $choice->technique];
        }
        $tiers = [];
        foreach ($composed->agreed->areaTiers as $area => $tier) {
            $tiers[] = ['area' => (string) $area, 'tier' => $tier];
        }

        return ['waived' => $waivers, 'chosen' => $choices, 'area_tiers' => $tiers];
    }

    /** @return list<array<string, mixed>> every check of the figure, with every answer, fault and mending */
    private function rounds(CheckReading $reading): array
    {
        $texts = [];
        foreach ($reading->sheet->items as $item) {
            $texts[$item->key()] = ['text' => $item->criterion->text, 'severity' => $item->criterion->severity->value];
        }
        $checks = Check::query()->where('figure_id', $reading->composed->row->id)->orderBy('round')
            ->with(['actions.answers', 'actions.user', 'faults.mending.user', 'faults.waiver'])->get();

        return array_values($checks->map(static fn (Check $check): array => [
            'round' => $check->round,
            'ended' => $check->id === $reading->check->id ? 'signed' : $check->state,
            'answers' => self::answers($check, $texts),
            'faults' => array_values($check->faults->map(static fn (Fault $fault): array => self::fault($fault, $check))->all()),
        ])->all());
    }

    /**
     * @param  array<string, array{text: string, severity: string}>  $texts
     * @return list<array<string, mixed>>
     */
    private static function answers(Check $check, array $texts): array
    {
        $answers = [];
        foreach ($check->actions as $action) {
            foreach ($action->answers as $answer) {
                $answers[] = [...self::answer($answer, $texts), 'by' => $action->user->name, 'at' => $action->created_at?->toIso8601ZuluString(), 'in' => $action->kind, 'undone' => $action->undone_at !== null];
            }
        }

        return $answers;
    }

    /**
     * @param  array<string, array{text: string, severity: string}>  $texts
     * @return array<string, mixed>
     */
    private static function answer(CheckAnswer $answer, array $texts): array
    {
        $item = $texts[CheckItem::keyOf($answer->area, $answer->criterion)] ?? ['text' => '', 'severity' => ''];

        return ['area' => $answer->area, 'criterion' => $answer->criterion, ...$item, 'answer' => $answer->answer, 'side' => $answer->side, 'reason' => $answer->reason];
    }

    /** @return array<string, mixed> */
    private static function fault(Fault $fault, Check $check): array
    {
        $undone = $check->actions->filter(static fn ($action): bool => $action->undone_at !== null)->modelKeys();
        $mending = $fault->mending;

        return [
            'kind' => $fault->kind, 'area' => $fault->area, 'criterion' => $fault->criterion, 'severity' => $fault->severity, 'side' => $fault->side,
            'flaw' => $fault->flaw, 'size_mm' => $fault->size_mm, 'note' => $fault->note,
            'undone' => in_array($fault->check_action_id, $undone, true) || $fault->removed_by_action_id !== null,
            'waived' => $fault->waived_at === null ? null : ['by' => $fault->waiver->name ?? '', 'agreed_with' => $fault->waiver_agreed_with, 'reason' => $fault->waiver_reason, 'at' => $fault->waived_at->toIso8601ZuluString()],
            'mended' => $mending === null ? null : ['by' => $mending->user->name, 'at' => $mending->created_at?->toIso8601ZuluString(), 'note' => $mending->note],
        ];
    }
}
