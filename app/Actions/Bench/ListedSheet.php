<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\StoredMark;
use Core\Standard\Standard;

/** A sheet as lists show it: whose it is, what it takes, and how far its figures are. */
final readonly class ListedSheet
{
    /** @var non-empty-list<ComposedFigure> those that are painted alike together */
    public array $figures;

    /** @var array<int, int> by figure, the place of those that it is painted like */
    private array $who;

    /**
     * @param  non-empty-list<AlikeFigures>  $alike those that share it
     * @param  array<int, array<string, StoredMark>>  $marks by figure, then by the key of the step
     */
    public function __construct(
        private KeptSheet $kept,
        private array $alike,
        private Standard $standard,
        private array $marks,
    ) {
        $this->figures = array_merge(...array_map(static fn (AlikeFigures $one): array => $one->figures, $alike));
        $who = [];
        foreach ($alike as $place => $one) {
            $who += array_fill_keys($one->ids(), $place);
        }
        $this->who = $who;
    }

    public function key(): string
    {
        return AlikeFigures::key($this->alike);
    }

    public function first(): ComposedFigure
    {
        return $this->alike[0]->first();
    }

    /** @return list<string> names of the tiers of its figures, the lowest first */
    public function tiers(): array
    {
        return AlikeFigures::tiers($this->alike, $this->standard);
    }

    public function length(): int
    {
        return $this->kept->outline->length();
    }

    /** Minutes by hand on one figure of those of which there are most. */
    public function minutesEach(): float
    {
        return $this->kept->minutes;
    }

    /** Steps that all its figures still have before them. */
    public function left(): int
    {
        return array_sum(array_map(fn (ComposedFigure $figure): int => $this->kept->outline->left($this->who[$figure->id], $this->marks[$figure->id] ?? []), $this->figures));
    }

    /** Figures at the bench on which a look between stages can be taken. */
    public function looks(): int
    {
        return count(array_filter($this->figures, fn (ComposedFigure $figure): bool => $figure->row->state->isAtTheBench()
            && $this->kept->outline->looksDue($this->who[$figure->id], $this->marks[$figure->id] ?? []) !== []));
    }

    /** Whether there is anything to do on it: what came finished is at the bench only where it was sent back. */
    public function isOfTheBench(): bool
    {
        foreach ($this->figures as $figure) {
            if (! $figure->row->elsewhere || $figure->row->state->isSentBack()) {
                return true;
            }
        }

        return false;
    }

    /** Whether some figure of it is given to this person. */
    public function isFor(int $userId): bool
    {
        foreach ($this->figures as $figure) {
            if ($figure->painterId() === $userId) {
                return true;
            }
        }

        return false;
    }
}
