<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use Core\Check\CheckSheet;
use Core\Check\CheckState;
use Core\Check\Judgement;

/** What stands between a figure and its sign-off. */
final readonly class SignOffBar
{
    /** @param  string  $code of the refusal */
    private function __construct(
        public string $code,
        public string $sentence,
    ) {
    }

    public static function of(CheckSheet $sheet, CheckState $state, Judgement $judgement): ?self
    {
        $open = count($state->open($sheet));
        $sides = array_column($state->sidesLeft($sheet), 'value');
        $undecided = implode(', ', $sheet->undecided);
        $unsure = implode(', ', $sheet->unsure);

        return match (true) {
            $sheet->items === [] => new self('nothing-asked', 'Nothing is asked of this figure, so there is nothing to sign: its standard says of no area how it is judged.'),
            $open > 0 => new self('items-open', $open === 1 ? 'One item is not answered yet.' : "{$open} items are not answered yet."),
            $sides !== [] => new self('sides-left', 'Sides not passed yet: '.implode(', ', $sides).'.'),
            $undecided !== '' => new self('undecided', "The standard is silent about: {$undecided}. Settle it there, or agree that it is not asked for on this figure."),
            $unsure !== '' => new self('unsure', "Nobody has said what this is yet: {$unsure}. Say it among the questions of the job; what is asked of it follows from that."),
            ! $judgement->verdict->allowsSignOff() => new self('verdict-rework', 'The faults are over the limits of the tier; send the figure back, or let the lead waive a fault.'),
            default => null,
        };
    }
}
