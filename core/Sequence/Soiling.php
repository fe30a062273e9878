<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Neighbours;

/**
 * Which steps soil which areas, and what it takes to tidy those. A messy step soils each known neighbour of its part that
 * has paint on it, unless what comes later there hides it or is as messy in the same way. Unknown neighbours are not soiled.
 */
final readonly class Soiling
{
    /** @var array<int, array<array-key, int>> by step and area: how many of the area's steps must be laid for it to be soiled */
    public array $soils;

    /** @var array<int, list<array-key>> by step, the areas on which it counts as a step, if they can be soiled at all */
    public array $clears;

    /** @var array<array-key, non-empty-list<float>> minutes by area, after so many of its steps; for areas that can be soiled */
    public array $minutes;

    public function __construct(
        private Steps $steps,
        private TidySettings $settings,
        private InOneGo $together = new InOneGo,
    ) {
        $neighbours = new Neighbours($steps->type);
        $soils = $minutes = [];
        foreach ($steps->all as $step) {
            foreach ($step->dirties($steps->type, $neighbours) as $near) {
                $from = $this->isLaidWith($near, $step) ? null : $this->soiledFrom($near, $step);
                if ($from !== null) {
                    $soils[$step->number][$near] = $from;
                    $minutes[$near] ??= $this->minutesOf($steps->on($near));
                }
            }
        }
        $this->soils = $soils;
        $this->minutes = $minutes;
        $this->clears = $this->cleared();
    }

    /** Minutes of tidying an area on which all is laid. */
    public function minutesWhole(string|int $area): float
    {
        $minutes = $this->minutes[$area] ?? [0.0];

        return $minutes[count($minutes) - 1];
    }

    /** Whether a step is laid on an area in one go with this one. */
    private function isLaidWith(string $near, Step $step): bool
    {
        foreach ($this->together->with($step->number) as $other) {
            if ($this->steps->all[$other]->area->area->id === $near) {
                return true;
            }
        }

        return false;
    }

    /** How many steps of an area must be laid for it to be soiled by this one; null where it never is. */
    private function soiledFrom(string $near, Step $by): ?int
    {
        $paint = null;
        $hidden = 0;
        foreach ($this->steps->on($near) as $at => $step) {
            $paint ??= $step->isPaint() ? $at + 1 : null;
            $hidden = $step->coversAll() || $step->technique->id === $by->technique->id ? $at + 1 : $hidden;
        }

        return $paint === null || $this->steps->on($near)[0]->isOfWhole() ? null : max($paint, $hidden);
    }

    /**
     * @param  list<Step>  $chain of an area
     * @return non-empty-list<float> after none of its steps, after one, and so on
     */
    private function minutesOf(array $chain): array
    {
        $minutes = [$this->settings->fixed];
        $again = 0.0;
        foreach ($chain as $step) {
            $again = $step->laidAgainAfter($again);
            $minutes[] = $this->settings->fixed + $this->settings->share * $again;
        }

        return $minutes;
    }

    /** @return array<int, list<array-key>> */
    private function cleared(): array
    {
        $cleared = [];
        foreach ($this->steps->all as $step) {
            foreach (array_keys($this->minutes) as $area) {
                $known = $this->steps->type->area((string) $area);
                if ($known !== null && $step->liesOn($known)) {
                    $cleared[$step->number][] = $area;
                }
            }
        }

        return $cleared;
    }
}
