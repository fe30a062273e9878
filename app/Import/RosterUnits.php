<?php

declare(strict_types=1);

namespace App\Import;

/**
 * Lines of a roster that have the name of one unit make one unit, where they are of another type or tier: a squad with two
 * divers, a sergeant in a line of their own. The same said twice is a slip, and asked about.
 */
final class RosterUnits
{
    /** @var array<string, int> line by unit, type and tier */
    private array $said = [];

    /** @var array<string, int> figures by unit */
    private array $figures = [];

    public function __construct(private readonly int $most)
    {
    }

    public function take(RosterLine $line): ?RosterProblem
    {
        $place = "{$line->unitKey()}\n{$line->figureType}\n{$line->tier}";
        $before = $this->said[$place] ?? null;
        $this->said[$place] ??= $line->line;
        $this->figures[$line->unitKey()] = ($this->figures[$line->unitKey()] ?? 0) + $line->count;

        return match (true) {
            $before !== null => new RosterProblem($line->line, 'unit', 'duplicate-unit', "Line {$before} has such figures of \"{$line->unit}\" already; put them in one line, or give each unit its own name."),
            $this->figures[$line->unitKey()] > $this->most => new RosterProblem($line->line, 'count', 'too-many-figures', sprintf('That makes %s figures in "%s"; a unit takes at most %d.', number_format($this->figures[$line->unitKey()]), $line->unit, $this->most)),
            default => null,
        };
    }
}
