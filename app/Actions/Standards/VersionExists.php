<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Refusals\Refusal;

/** A version of a standard that is there already. */
final class VersionExists extends Refusal
{
    public static function of(string $standard, string $label): self
    {
        return new self('version-exists', "The standard \"{$standard}\" has a version \"{$label}\" already; give the file another version.", '/version');
    }
}
