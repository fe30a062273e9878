<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\StandardVersion;

/** A version as the text of a file. */
final readonly class StandardExport
{
    public static function json(StandardVersion $version): string
    {
        $document = StandardDocument::of($version);
        foreach ($document['reference']['areas'] ?? [] as $i => $area) {
            if (isset($area['features'])) {
                // No pieces at all is an empty object in JSON, which PHP would write as an empty list.
                $document['reference']['areas'][$i]['features'] = (object) $area['features'];
            }
        }

        return json_encode($document, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }
}
