<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Bench\Marks;
use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Actions\Composing\StandingMarks;
use App\Models\Check;
use App\Models\CheckAction;
use App\Models\CheckAnswer;
use App\Models\CheckDeed;
use App\Models\Fault as FaultRow;
use App\Models\RoundState;
use Core\Check\Answer;
use Core\Check\CheckSheet;
use Core\Check\CheckState;
use Core\Check\Fault;
use Core\Check\FaultKind;
use Core\Check\Judge;
use Core\Check\Judgement;
use Core\Check\SentBack;
use Core\Standard\Judging;
use Core\Standard\Side;
use Illuminate\Database\Eloquent\Relations\Relation;

/** Reads how a check stands from what was done in it, leaving out what was undone. */
final readonly class ReadCheck
{
    public function __construct(
        private JobFigures $figures,
        private JobStandards $standards,
    ) {
    }

    public function handle(Check $check): CheckReading
    {
        $check->load(['figure.unit' => static fn (Relation $unit): Relation => $unit->withCount('figures'), 'figure.unit.job', 'figure.signOff', 'actions.answers', 'actions.user', 'faults.mending.user', 'faults.waiver', 'faults.action.user']);
        $composed = $this->figures->ofFigure($check->figure);
        $standard = $this->standards->of($composed->unit->job);
        $tier = $standard->tier($composed->figure->tier)->ofSize($composed->type->sizeClass->value);
        $marks = StandingMarks::on([$composed->id])[$composed->id] ?? [];
        $sheet = CheckSheet::of($composed->type, $composed->composition, $tier->judging, $this->failedBefore($check), Marks::excused($composed, $marks, $standard));
        $answers = self::answers($check, $sheet);
        $faults = self::standing($check, $answers, $sheet);

        return new CheckReading($check, $composed, $standard, $tier, $sheet, self::state($check, $answers), $answers, $faults, self::judge($faults, $tier->judging), $marks);
    }

    /** @return list<string> keys of items that failed in an earlier round on this figure */
    public function failedBefore(Check $check): array
    {
        return array_values(FaultRow::query()
            ->whereNotNull('criterion')
            ->whereHas('check', static fn ($query) => $query->where('figure_id', $check->figure_id)->where('round', '<', $check->round))
            ->whereHas('action', static fn ($query) => $query->whereNull('undone_at'))
            ->get()
            ->map(static fn (FaultRow $fault): string => (string) $fault->itemKey())
            ->unique()->all());
    }

    /** @param  list<FaultRow>  $faults */
    private static function judge(array $faults, Judging $judging): Judgement
    {
        $judgement = (new Judge($judging))->judge(array_map(static fn (FaultRow $row): Fault => FaultsAsFound::core($row)->weighed(), $faults));
        foreach ($faults as $row) {
            if ($row->kind === FaultKind::SentBack) {
                return $judgement->overruled(new SentBack($row->action->user->name, $row->note));
            }
        }

        return $judgement;
    }

    /**
     * The latest answer to each item. One that was given to other words than are asked now answers nothing.
     *
     * @return array<string, CheckAnswer>
     */
    private static function answers(Check $check, CheckSheet $sheet): array
    {
        $answers = [];
        foreach ($check->actions as $action) {
            foreach ($action->undone_at === null ? $action->answers : [] as $answer) {
                $answers[$answer->itemKey()] = $answer;
            }
        }

        return array_filter($answers, static function (CheckAnswer $answer, string $key) use ($check, $sheet): bool {
            $item = $sheet->item($key);

            return $check->state !== RoundState::Open || $item === null || $answer->text === null
                || ($answer->text === $item->criterion->text && $answer->severity === $item->criterion->severity->value);
        }, ARRAY_FILTER_USE_BOTH);
    }

    /** @param  array<string, CheckAnswer>  $answers */
    private static function state(Check $check, array $answers): CheckState
    {
        $passed = [];
        foreach ($check->actions as $action) {
            if ($action->undone_at === null && in_array($action->kind, [CheckDeed::Pass, CheckDeed::Stands], true) && $action->side !== null) {
                $passed[$action->side] = Side::from($action->side);
            }
        }

        return new CheckState(array_map(static fn (CheckAnswer $answer): Answer => $answer->answer, $answers), array_values($passed));
    }

    /**
     * Faults whose action stands, that were not taken away again, that no later answer replaced, and, in a
     * check that runs, of what is still asked.
     *
     * @param  array<string, CheckAnswer>  $answers
     * @return list<FaultRow>
     */
    private static function standing(Check $check, array $answers, CheckSheet $sheet): array
    {
        $standing = $check->actions->filter(static fn (CheckAction $action): bool => $action->undone_at === null)->modelKeys();

        return array_values($check->faults->filter(static function (FaultRow $fault) use ($check, $standing, $answers, $sheet): bool {
            if (! in_array($fault->check_action_id, $standing, true) || in_array($fault->removed_by_action_id, $standing, true)) {
                return false;
            }
            $key = $fault->itemKey();

            return $key === null || (($answers[$key] ?? null)?->check_action_id === $fault->check_action_id && ($check->state !== RoundState::Open || $sheet->item($key) !== null));
        })->all());
    }
}
