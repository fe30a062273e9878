<?php

declare(strict_types=1);

namespace Core\Difference;

use Core\Standard\CellState;
use Core\Standard\Criterion;
use Core\Standard\Requirement;
use Core\Standard\TechniqueUse;

/** The difference of one cell of two standards. */
final readonly class CellDifference
{
    /** @var list<UseChange> in the order of the later one, removed ones last */
    public array $uses;

    /** @var list<CriterionChange> likewise */
    public array $criteria;

    public ?CellChange $state;

    /** Whether the uses are the same and only their order of laying differs. */
    public bool $onlyOrder;

    public function __construct(public string $tier, public string $surface, ?Requirement $from, ?Requirement $to)
    {
        $this->uses = $this->usesOf($from->uses ?? [], $to->uses ?? []);
        $this->criteria = $this->criteriaOf($from->criteria ?? [], $to->criteria ?? []);
        $before = CellState::of($from);
        $after = CellState::of($to);
        $this->state = $before === $after ? null : new CellChange($tier, $surface, $before, $after);
        $this->onlyOrder = $this->uses === [] && ($from?->useIds() ?? []) !== ($to?->useIds() ?? []);
    }

    public function isNone(): bool
    {
        return $this->uses === [] && $this->criteria === [] && $this->state === null && ! $this->onlyOrder;
    }

    /**
     * @param  list<TechniqueUse>  $before
     * @param  list<TechniqueUse>  $after
     * @return list<UseChange>
     */
    private function usesOf(array $before, array $after): array
    {
        $old = array_column($before, null, 'id');
        $new = array_column($after, null, 'id');
        $changes = [];
        foreach ($after as $use) {
            $was = $old[$use->id] ?? null;
            if ($was === null || ! Alike::are($was, $use)) {
                $changes[] = new UseChange($this->tier, $this->surface, $use->id, $was, $use);
            }
        }
        foreach ($before as $use) {
            if (! isset($new[$use->id])) {
                $changes[] = new UseChange($this->tier, $this->surface, $use->id, $use, null);
            }
        }

        return $changes;
    }

    /**
     * @param  list<Criterion>  $before
     * @param  list<Criterion>  $after
     * @return list<CriterionChange>
     */
    private function criteriaOf(array $before, array $after): array
    {
        $old = array_column($before, null, 'id');
        $new = array_column($after, null, 'id');
        $changes = [];
        foreach ($after as $criterion) {
            $was = $old[$criterion->id] ?? null;
            if ($was === null || ! Alike::are($was, $criterion)) {
                $changes[] = new CriterionChange($this->tier, $this->surface, $criterion->id, $was, $criterion);
            }
        }
        foreach ($before as $criterion) {
            if (! isset($new[$criterion->id])) {
                $changes[] = new CriterionChange($this->tier, $this->surface, $criterion->id, $criterion, null);
            }
        }

        return $changes;
    }
}
