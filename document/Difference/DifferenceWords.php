<?php

declare(strict_types=1);

namespace Document\Difference;

use Core\Composition\ReferenceWork;
use Core\Difference\CellDifference;
use Core\Difference\Difference;
use Core\Difference\TierChange;
use Core\Standard\Standard;

/** What differs between two standards, line by line, with what it means for the reference figure. */
final readonly class DifferenceWords
{
    public function __construct(
        private Standard $from,
        private Standard $to,
    ) {
    }

    /** @return list<ChangeLine> */
    public function lines(): array
    {
        $difference = new Difference($this->from, $this->to);
        $lines = (new WholeChangeWords($this->from, $this->to))->lines();
        foreach ($difference->tiers as $change) {
            foreach (MemberChange::allOf($change) as $member) {
                $lines[] = new ChangeLine($change->tier, null, $this->tierName($change->tier), MemberChangeWords::of($member));
            }
        }
        $newTiers = $this->newTiers($difference->tiers);
        foreach ($difference->cells as $cell) {
            // What a new tier asks is told by the tier itself.
            if (! in_array($cell->tier, $newTiers, true)) {
                $lines[] = $this->ofCell($cell);
            }
        }

        return $lines;
    }

    private function ofCell(CellDifference $cell): ChangeLine
    {
        $place = $this->tierName($cell->tier).', '.$this->surfaceName($cell->surface);

        return new ChangeLine($cell->tier, $cell->surface, $place, (new CellChangeWords($this->from, $this->to))->of($cell), $this->minutes($cell));
    }

    private function minutes(CellDifference $cell): ?float
    {
        if ($cell->uses === []) {
            return null;
        }

        return self::minutesOn($this->to, $cell->tier, $cell->surface) - self::minutesOn($this->from, $cell->tier, $cell->surface);
    }

    private static function minutesOn(Standard $standard, string $tier, string $surface): float
    {
        if (! $standard->hasTier($tier)) {
            return 0.0;
        }
        $minutes = 0.0;
        foreach ((new ReferenceWork($standard))->of($standard->tier($tier))->uses as $use) {
            $minutes += $use->area->surface === $surface ? $use->minutes : 0.0;
        }

        return $minutes;
    }

    /**
     * @param  list<TierChange>  $changes
     * @return list<string>
     */
    private function newTiers(array $changes): array
    {
        $came = array_filter($changes, static fn (TierChange $change): bool => $change->before === null || $change->after === null);

        return array_values(array_map(static fn (TierChange $change): string => $change->tier, $came));
    }

    private function tierName(string $id): string
    {
        return ($this->to->hasTier($id) ? $this->to : $this->from)->tier($id)->name;
    }

    private function surfaceName(string $id): string
    {
        return ($this->to->hasSurface($id) ? $this->to : $this->from)->surface($id)->name;
    }
}
