<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\StoredMark;
use App\Models\Check;
use App\Models\CheckAnswer;
use App\Models\Fault as FaultRow;
use Core\Check\CheckItem;
use Core\Check\CheckSheet;
use Core\Check\CheckState;
use Core\Check\Judgement;
use Core\Composition\Origin;
use Core\Standard\Standard;
use Core\Standard\Tier;

/** A check as it stands: what is asked, what was answered, which faults there are, and what follows. */
final readonly class CheckReading
{
    /**
     * @param  list<FaultRow>  $faults those that stand, in the order they were found
     * @param  array<string, CheckAnswer>  $answers the latest by key of the item, of those that were given to what is asked now
     * @param  array<string, StoredMark>  $marks what stands of what was said at the bench, by key of the use
     */
    public function __construct(
        public Check $check,
        public ComposedFigure $composed,
        public Standard $standard,
        public Tier $tier,
        public CheckSheet $sheet,
        public CheckState $state,
        public array $answers,
        public array $faults,
        public Judgement $judgement,
        public array $marks,
    ) {
    }

    public function maySign(): bool
    {
        return $this->standsBetween() === null;
    }

    /** What still stands between the figure and its sign-off; null when nothing does. */
    public function standsBetween(): ?SignOffBar
    {
        return SignOffBar::of($this->sheet, $this->state, $this->judgement);
    }

    /** Where a criterion comes from, in words that stay true. */
    public function sourceOf(CheckItem $item): string
    {
        $surface = $this->standard->surface($item->area->area->surface)->name;
        $tier = $this->standard->tier($this->composed->figure->tierOf($this->composed->figure->area($item->area->area->id) ?? $item->area->area))->name;

        return match (true) {
            $item->excused !== null => 'said at the bench',
            $item->origin === Origin::Addition => 'agreed for this figure',
            default => "{$this->standard->name} {$this->standard->version}, {$tier}, {$surface}",
        };
    }
}
