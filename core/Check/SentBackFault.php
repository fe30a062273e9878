<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Standard\Judging;
use Core\Why;

/** What the lead sent a figure back for: a word against the numbers, so it is in none of them. */
final readonly class SentBackFault implements Fault
{
    public function weigh(Judging $judging): Weight
    {
        return new Weight(null, 'The lead sent the figure back for it.', new Why([], "The lead's eye has the last word; it is mended whatever the numbers say.", Why::COMMON_PRACTICE));
    }

    public function isWaived(): bool
    {
        return false;
    }
}
