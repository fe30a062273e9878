<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Actions\Checks\CheckReading;
use App\Actions\Checks\FaultsAsFound;
use App\Models\Check;
use App\Models\CheckAction;
use App\Models\CheckAnswer;
use App\Models\Fault;
use App\Models\User;
use Carbon\CarbonImmutable;
use Core\Check\FaultKind;
use Core\Check\Weight;
use Core\Standard\Judging;

/** One check of a figure as its record tells it: with the words that were answered, and each fault as it was judged. */
final readonly class RecordedRound
{
    /** @return array<string, mixed> the check that ends in the sign-off */
    public static function last(Check $check, CheckReading $reading, User $by, CarbonImmutable $signedAt): array
    {
        $standing = array_map(static fn (Fault $fault): int => $fault->id, $reading->faults);

        return [
            ...self::told($check, 'signed', $by->name, $signedAt),
            'faults' => array_values($check->faults->map(static fn (Fault $fault): array => self::fault($fault, self::weight($fault, $reading->tier->judging), in_array($fault->id, $standing, true)))->all()),
            'sent_back' => null,
        ];
    }

    /** @return array<string, mixed> a check that was refused, or dropped because the work changed */
    public static function earlier(Check $check, Judging $judging): array
    {
        $undone = self::undone($check);
        $word = $check->faults->first(static fn (Fault $fault): bool => $fault->kind === FaultKind::SentBack);

        return [
            ...self::told($check, $check->state->value, $check->closer->name ?? '', $check->closed_at),
            'faults' => array_values($check->faults->map(static fn (Fault $fault): array => self::fault($fault, self::weight($fault, $judging), ! in_array($fault->check_action_id, $undone, true) && $fault->removed_by_action_id === null))->all()),
            'sent_back' => $word === null ? null : ['by' => $check->closer->name ?? '', 'reason' => $word->note, 'area' => $word->area],
        ];
    }

    /** @return array<string, mixed> */
    private static function told(Check $check, string $ended, string $closedBy, ?CarbonImmutable $closedAt): array
    {
        return [
            'round' => $check->round,
            'ended' => $ended,
            'opened' => ['by' => $check->opener->name, 'at' => $check->created_at?->toIso8601ZuluString()],
            'closed' => ['by' => $closedBy, 'at' => $closedAt?->toIso8601ZuluString()],
            'minutes' => $closedAt === null ? null : CheckTime::minutes($check, $closedAt),
            'answers' => self::answers($check),
        ];
    }

    private static function weight(Fault $fault, Judging $judging): Weight
    {
        return FaultsAsFound::core($fault)->weighed()->weigh($judging);
    }

    /** @return list<array<string, mixed>> */
    private static function answers(Check $check): array
    {
        $answers = [];
        foreach ($check->actions as $action) {
            foreach ($action->answers as $answer) {
                $answers[] = [...self::answer($answer), 'by' => $action->user->name, 'at' => $action->created_at?->toIso8601ZuluString(), 'in' => $action->kind->value, 'undone' => $action->undone_at !== null];
            }
        }

        return $answers;
    }

    /** @return array<string, mixed> */
    private static function answer(CheckAnswer $answer): array
    {
        return [
            'item' => $answer->item->value, 'area' => $answer->area, 'criterion' => $answer->criterion,
            'text' => $answer->text ?? '', 'severity' => $answer->severity ?? '', 'source' => $answer->source,
            'answer' => $answer->answer->value, 'side' => $answer->side, 'reason' => $answer->reason,
        ];
    }

    /** @return array<string, mixed> */
    private static function fault(Fault $fault, Weight $weight, bool $stands): array
    {
        $counts = $fault->waived_at === null && $weight->severity !== null;

        return [
            'kind' => $fault->kind->value, 'item' => $fault->item->value, 'area' => $fault->area, 'criterion' => $fault->criterion, 'text' => $fault->text ?? '',
            'severity' => $counts ? $weight->severity->value : 'none',
            'own_severity' => $fault->severity, 'side' => $fault->side?->value, 'zone' => $fault->zone, 'flaw' => $fault->flaw?->value, 'size_mm' => $fault->size_mm, 'place' => $fault->place(),
            'sentence' => $weight->sentence, 'why' => $weight->why->toArray(), 'note' => $fault->note,
            'stands' => $stands,
            'waived' => $fault->waived_at === null ? null : ['by' => $fault->waiver->name ?? '', 'agreed_with' => $fault->waiver_agreed_with, 'reason' => $fault->waiver_reason, 'at' => $fault->waived_at->toIso8601ZuluString()],
            'mended' => $fault->mending === null ? null : ['by' => $fault->mending->user->name, 'at' => $fault->mending->created_at?->toIso8601ZuluString(), 'note' => $fault->mending->note],
        ];
    }

    /** @return list<mixed> ids of actions that were undone */
    private static function undone(Check $check): array
    {
        return array_values($check->actions->filter(static fn (CheckAction $action): bool => $action->undone_at !== null)->modelKeys());
    }
}
