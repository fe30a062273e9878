<?php

declare(strict_types=1);

namespace Core\Difference;

use Core\Standard\Standard;

/** The difference of two standards, cell by cell and tier by tier. */
final readonly class Difference
{
    /** @var list<CellDifference> those that differ: tiers by rank, surfaces in the order of the later standard; what only the earlier one has comes last */
    public array $cells;

    /** @var list<TierChange> those that differ, in the same order */
    public array $tiers;

    public function __construct(Standard $from, Standard $to)
    {
        $surfaces = self::inOrder($from->surfaceIds(), $to->surfaceIds());
        $cells = $tiers = [];
        foreach (self::inOrder(array_column($from->tiersByRank(), 'id'), array_column($to->tiersByRank(), 'id')) as $tier) {
            $tiers[] = self::ofTier($tier, $from, $to);
            foreach ($surfaces as $surface) {
                $cell = new CellDifference($tier, $surface, $from->requirement($tier, $surface), $to->requirement($tier, $surface));
                if (! $cell->isNone()) {
                    $cells[] = $cell;
                }
            }
        }
        $this->cells = $cells;
        $this->tiers = array_values(array_filter($tiers));
    }

    public function isNone(): bool
    {
        return $this->cells === [] && $this->tiers === [];
    }

    private static function ofTier(string $id, Standard $from, Standard $to): ?TierChange
    {
        $before = $from->hasTier($id) ? $from->tier($id) : null;
        $after = $to->hasTier($id) ? $to->tier($id) : null;

        return Alike::are($before, $after) ? null : new TierChange($id, $before, $after);
    }

    /**
     * @param  list<string>  $before
     * @param  list<string>  $after
     * @return list<string>
     */
    private static function inOrder(array $before, array $after): array
    {
        return [...$after, ...array_values(array_diff($before, $after))];
    }
}
