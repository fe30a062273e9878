<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Refusals\Refusal;

/** A studio works on one draft at a time. */
final class DraftExists extends Refusal
{
    public static function of(string $label): self
    {
        return new self('draft-exists', "There is a draft \"{$label}\" already; put it in force, or discard it, before you begin another.");
    }
}
