<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Models\Check;
use App\Models\CheckAction;
use App\Models\CheckAnswer;
use App\Models\CheckDeed;
use App\Models\Fault;
use App\Models\User;
use Core\Check\CheckState;
use Core\Check\Recheck;

/** Into the check after a repair goes what stands of the one before: the answers that the repair cannot have touched. */
final readonly class CarryStanding
{
    public function __construct(private ReadCheck $reading)
    {
    }

    public function handle(Check $before, Check $now, User $by): void
    {
        $reading = $this->reading->handle($before);
        $mended = array_values(array_filter($reading->faults, static fn (Fault $fault): bool => $fault->mending !== null));
        $recheck = new Recheck($reading->composed->type, array_map(static fn (Fault $fault): string => $fault->area, $mended), self::itemsOf($mended));
        $standing = $recheck->standing($reading->state, $reading->sheet);
        $action = CheckAction::query()->create(['check_id' => $now->id, 'user_id' => $by->id, 'kind' => CheckDeed::Stands]);
        foreach (array_keys($standing->answers) as $key) {
            $this->answer($reading->answers[$key], $action);
        }
        $this->faults($reading, $standing, $action);
        foreach ($standing->passed as $side) {
            CheckAction::query()->create(['check_id' => $now->id, 'user_id' => $by->id, 'kind' => CheckDeed::Stands, 'side' => $side->value]);
        }
    }

    private function answer(CheckAnswer $answer, CheckAction $action): void
    {
        CheckAnswer::query()->create([
            'check_action_id' => $action->id, 'item' => $answer->item, 'area' => $answer->area, 'criterion' => $answer->criterion,
            'text' => $answer->text, 'severity' => $answer->severity, 'source' => $answer->source,
            'answer' => $answer->answer, 'side' => $answer->side, 'reason' => $answer->reason,
        ]);
    }

    /** What was neither mended nor asked again goes along, with its waiver. */
    private function faults(CheckReading $reading, CheckState $standing, CheckAction $action): void
    {
        foreach ($reading->faults as $fault) {
            $key = $fault->itemKey();
            $stands = $key === null || isset($standing->answers[$key]);
            if ($fault->mending === null && $stands) {
                $copy = $fault->replicate(['version', 'removed_by_action_id']);
                $copy->setRelations([]);
                $copy->fill(['check_id' => $action->check_id, 'check_action_id' => $action->id, 'stands_from_id' => $fault->id, 'version' => 1])->save();
            }
        }
    }

    /**
     * @param  list<Fault>  $faults
     * @return list<string>
     */
    private static function itemsOf(array $faults): array
    {
        $items = [];
        foreach ($faults as $fault) {
            $key = $fault->itemKey();
            if ($key !== null) {
                $items[] = $key;
            }
        }

        return $items;
    }
}
