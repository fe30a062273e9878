<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\StandardVersion;
use Document\Standard\StandardText;

/** A version as the text of a file. */
final readonly class StandardExport
{
    public static function json(StandardVersion $version): string
    {
        return StandardText::of(StandardDocument::of($version), JSON_PRETTY_PRINT)."\n";
    }
}
