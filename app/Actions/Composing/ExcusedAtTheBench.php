<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use Core\Check\Excuse;
use Core\Composition\ComposedUse;
use Core\Composition\Composition;

/** What was asked of figures and handed over undone: it is not on them. */
final readonly class ExcusedAtTheBench
{
    /** @param  array<int, array<string, StoredMark>>  $excused the last word by figure and step */
    private function __construct(private array $excused)
    {
    }

    /** @param  list<int>  $figures ids */
    public static function on(array $figures): self
    {
        return new self(array_map(static fn (array $marks): array => array_filter($marks, static fn (StoredMark $mark): bool => $mark->state->excuse() !== null), StandingMarks::on($figures)));
    }

    /** All that is on a signed figure. */
    public function without(ComposedFigure $figure): Composition
    {
        $all = $figure->layers();
        $excused = $this->excused[$figure->id] ?? [];
        $laid = array_values(array_filter($all->uses, static fn (ComposedUse $use): bool => ! isset($excused[$use->key()])));

        return new Composition($laid, $all->criteria, $all->undecided, $all->notAsked, array_sum(array_column($laid, 'minutes')));
    }

    /** @return list<StoredMark> of uses that a figure has no place for, or that were agreed to be left out: they are not asked again */
    public function forGood(int $figure): array
    {
        return array_values(array_filter($this->excused[$figure] ?? [], static fn (StoredMark $mark): bool => in_array($mark->state->excuse(), [Excuse::Waived, Excuse::NotOnFigure, Excuse::Unreachable], true)));
    }
}
