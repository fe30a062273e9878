<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Composing\JobFigures;
use App\Actions\Standards\StandardLibrary;
use App\Models\Check;
use App\Models\CheckAction;
use App\Models\CheckAnswer;
use App\Models\Fault as FaultRow;
use Core\Check\Answer;
use Core\Check\CheckItem;
use Core\Check\CheckSheet;
use Core\Check\CheckState;
use Core\Check\Judge;
use Core\Standard\Side;

/** Reads how a check stands from what was done in it, leaving out what was undone. */
final readonly class ReadCheck
{
    public function __construct(
        private JobFigures $figures,
        private StandardLibrary $library,
    ) {
    }

    public function handle(Check $check): CheckReading
    {
        $check->load(['figure', 'actions.answers', 'actions.user', 'faults.mending.user', 'faults.waiver']);
        $composed = $this->figures->ofFigure($check->figure);
        $standard = $this->library->of($composed->unit->job->standard_version_id);
        $tier = $standard->tier($composed->figure->tier);
        $sheet = CheckSheet::of($composed->type, $composed->composition, $tier->judging, $this->failedBefore($check));
        $answers = self::answers($check);
        $faults = self::standing($check, $answers);
        $judgement = (new Judge($tier->judging))->judge(array_map(FaultsAsFound::core(...), $faults));

        return new CheckReading($check, $composed, $standard, $tier, $sheet, self::state($check, $answers), $answers, $faults, $judgement);
    }

    /** @return list<string> keys of items that failed in an earlier round on this figure */
    public function failedBefore(Check $check): array
    {
        return array_values(FaultRow::query()
            ->whereNotNull('criterion')
            ->whereHas('check', static fn ($query) => $query->where('figure_id', $check->figure_id)->where('round', '<', $check->round))
            ->whereHas('action', static fn ($query) => $query->whereNull('undone_at'))
            ->get()
            ->map(static fn (FaultRow $fault): string => CheckItem::keyOf($fault->area, (string) $fault->criterion))
            ->unique()->all());
    }

    /** @return array<string, CheckAnswer> */
    private static function answers(Check $check): array
    {
        $answers = [];
        foreach ($check->actions as $action) {
            foreach ($action->undone_at === null ? $action->answers : [] as $answer) {
                $answers[CheckItem::keyOf($answer->area, $answer->criterion)] = $answer;
            }
        }

        return $answers;
    }

    /** @param  array<string, CheckAnswer>  $answers */
    private static function state(Check $check, array $answers): CheckState
    {
        $passed = [];
        foreach ($check->actions as $action) {
            if ($action->undone_at === null && in_array($action->kind, ['pass', 'stands'], true) && $action->side !== null) {
                $passed[$action->side] = Side::from($action->side);
            }
        }

        return new CheckState(array_map(static fn (CheckAnswer $answer): Answer => Answer::from($answer->answer), $answers), array_values($passed));
    }

    /**
     * Faults whose action stands, that were not taken away again, and that no later answer replaced.
     *
     * @param  array<string, CheckAnswer>  $answers
     * @return list<FaultRow>
     */
    private static function standing(Check $check, array $answers): array
    {
        $standing = $check->actions->filter(static fn (CheckAction $action): bool => $action->undone_at === null)->modelKeys();

        return array_values($check->faults->filter(static function (FaultRow $fault) use ($standing, $answers): bool {
            if (! in_array($fault->check_action_id, $standing, true) || in_array($fault->removed_by_action_id, $standing, true)) {
                return false;
            }
            $answer = $fault->criterion === null ? null : $answers[CheckItem::keyOf($fault->area, $fault->criterion)] ?? null;

            return $fault->criterion === null || $answer?->check_action_id === $fault->check_action_id;
        })->all());
    }

}
