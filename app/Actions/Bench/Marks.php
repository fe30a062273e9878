<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\StoredMark;
use Core\Check\ExcusedUse;
use Core\Composition\ComposedUse;
use Core\Standard\Standard;
use Core\Standard\UseWords;

/** What stands of what was said at the bench: of each step the latest word that was not taken back. */
final readonly class Marks
{
    /**
     * @param  array<string, StoredMark>  $standing of the figure
     * @return list<ExcusedUse> what is asked of it and was handed over undone
     */
    public static function excused(ComposedFigure $figure, array $standing, Standard $standard): array
    {
        $excused = [];
        foreach ($figure->composition->uses as $use) {
            $mark = $standing[$use->key()] ?? null;
            $excuse = $mark?->state->excuse();
            if ($mark !== null && $excuse !== null) {
                $excused[] = new ExcusedUse($use->area->id, $use->use->id, self::name($use, $standard), $excuse, $mark->reason, $mark->by, $mark->agreedWith);
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
