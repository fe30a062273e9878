<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Composing\ComposedFigure;
use App\Models\Check;
use App\Models\CheckAnswer;
use App\Models\Fault as FaultRow;
use Core\Check\CheckSheet;
use Core\Check\CheckState;
use Core\Check\Judgement;
use Core\Standard\Standard;
use Core\Standard\Tier;

/** A check as it stands: what is asked, what was answered, which faults there are, and what follows. */
final readonly class CheckReading
{
    /**
     * @param  list<FaultRow>  $faults those that stand, in the order they were found
     * @param  array<string, CheckAnswer>  $answers the latest by key of the item
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
    ) {
    }

    public function maySign(): bool
    {
        return $this->state->isComplete($this->sheet) && $this->judgement->verdict->allowsSignOff();
    }
}
