<?php

declare(strict_types=1);

namespace Core\Standard;

/** The difference of two standards, cell by cell and tier by tier. */
final readonly class Difference
{
    /** @var list<CellDifference> those that differ: tiers by rank, surfaces in the order of the later standard; what only the earlier one has comes last */
    public array $cells;

    /** @var list<TierChange> tiers in the same order, members in that of the document */
    public array $tiers;

    public function __construct(Standard $from, Standard $to)
    {
        $surfaces = self::inOrder($from->surfaceIds(), $to->surfaceIds());
        $cells = $tiers = [];
        foreach (self::inOrder(array_column($from->tiersByRank(), 'id'), array_column($to->tiersByRank(), 'id')) as $tier) {
            array_push($tiers, ...self::ofTier($tier, $from, $to));
            foreach ($surfaces as $surface) {
                $cell = new CellDifference($tier, $surface, $from->requirement($tier, $surface), $to->requirement($tier, $surface));
                if (! $cell->isNone()) {
                    $cells[] = $cell;
                }
            }
        }
        $this->cells = $cells;
        $this->tiers = $tiers;
    }

    public function isNone(): bool
    {
        return $this->cells === [] && $this->tiers === [];
    }

    /** @return list<TierChange> */
    private static function ofTier(string $tier, Standard $from, Standard $to): array
    {
        if (! $from->hasTier($tier) || ! $to->hasTier($tier)) {
            return [new TierChange($tier, 'id', $from->hasTier($tier) ? $tier : null, $to->hasTier($tier) ? $tier : null)];
        }
        $before = Spelling::tier($from->tier($tier));
        $changes = [];
        foreach (Spelling::tier($to->tier($tier)) as $member => $after) {
            if ($before[$member] !== $after) {
                $changes[] = new TierChange($tier, $member, $before[$member], $after);
            }
        }

        return $changes;
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
