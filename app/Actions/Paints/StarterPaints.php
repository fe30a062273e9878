<?php

declare(strict_types=1);

namespace App\Actions\Paints;

/** Plain paints of every kind, under plain names, for a studio that has none written down. Invented; colours from memory. */
final readonly class StarterPaints
{
    /** As a CSV text, with nothing said of what is left. */
    public static function list(): string
    {
        return (string) file_get_contents(resource_path('paints/starter.csv'));
    }
}
