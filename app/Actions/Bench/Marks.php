<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Models\BenchMark;
use App\Models\MarkState;
use Core\Check\ExcusedUse;
use Core\Composition\ComposedUse;
use Core\Standard\Standard;
use Core\Standard\UseWords;
use Illuminate\Database\Eloquent\Collection;

/** What stands of what was said at the bench: of each step the latest word that was not taken back. */
final readonly class Marks
{
    /**
     * @param  list<int>  $figures ids
     * @return array<int, array<string, BenchMark>> by figure, then by the key of the step
     */
    public static function standing(array $figures): array
    {
        /** @var array<int, array<string, BenchMark>> $marks */
        $marks = [];
        /** @var Collection<int, BenchMark> $rows */
        $rows = BenchMark::query()->whereIn('figure_id', $figures)->with('user')->orderBy('id')->get();
        foreach ($rows as $mark) {
            $key = SheetStep::keyOfMark($mark);
            if ($mark->state === MarkState::TakenBack) {
                unset($marks[$mark->figure_id][$key]);
            } else {
                $marks[$mark->figure_id][$key] = $mark;
            }
        }

        return $marks;
    }

    /**
     * @param  array<string, BenchMark>  $standing of the figure
     * @return list<ExcusedUse> what is asked of it and was handed over undone
     */
    public static function excused(ComposedFigure $figure, array $standing, Standard $standard): array
    {
        $excused = [];
        foreach ($figure->composition->uses as $use) {
            $mark = $standing[$use->key()] ?? null;
            $excuse = $mark?->state->excuse();
            if ($mark !== null && $excuse !== null) {
                $excused[] = new ExcusedUse($use->area->id, $use->use->id, self::name($use, $standard), $excuse, $mark->reason, $mark->user->name, $mark->agreed_with);
            }
        }

        return $excused;
    }

    /** The technique with its degree, as it is said to people. */
    public static function name(ComposedUse $use, Standard $standard): string
    {
        $degree = UseWords::degree($use->use);

        return $use->techniqueIn($standard)->name.($degree === '' ? '' : ", {$degree}");
    }
}
