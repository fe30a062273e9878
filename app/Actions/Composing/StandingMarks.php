<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Models\BenchMark;
use App\Models\MarkState;
use Illuminate\Database\Eloquent\Collection;

/** What stands of what was said at the bench: of each step the latest word that was not taken back. */
final readonly class StandingMarks
{
    /**
     * @param  list<int>  $figures ids
     * @return array<int, array<string, BenchMark>> by figure, then by the key of the step
     */
    public static function on(array $figures): array
    {
        /** @var array<int, array<string, BenchMark>> $marks */
        $marks = [];
        /** @var Collection<int, BenchMark> $rows */
        $rows = $figures === [] ? new Collection : BenchMark::query()->whereIn('figure_id', $figures)->with(['user', 'supervisor'])->orderBy('id')->get();
        foreach ($rows as $mark) {
            $key = $mark->stepKey();
            if ($mark->state === MarkState::TakenBack) {
                unset($marks[$mark->figure_id][$key]);
            } else {
                $marks[$mark->figure_id][$key] = $mark;
            }
        }

        return $marks;
    }
}
