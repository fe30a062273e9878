<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\StandardPiece;
use App\Models\StandardVersion;
use Document\Standard\StandardReader;
use Document\Standard\StandardSchema;

/**
 * The document of a stored version, equal as JSON values to what was imported.
 *
 * @phpstan-import-type StandardDocument from StandardReader as Document
 */
final readonly class StandardDocument
{
    /** @return Document as it is stored now */
    public static function of(StandardVersion $version): array
    {
        $version->loadMissing('standard');
        $head = [];
        $lists = ['surfaces' => [], 'techniques' => [], 'tiers' => [], 'requirements' => []];
        foreach (StandardPiece::query()->where('standard_version_id', $version->id)->orderBy('position')->get() as $row) {
            $list = $row->piece()->list();
            if ($list === null) {
                $head = $row->value;
            } else {
                $lists[$list][] = $row->value;
            }
        }

        /** @var Document */
        return ['format' => StandardSchema::FORMAT, 'name' => $version->standard->name, 'version' => $version->label] + $lists + $head;
    }
}
