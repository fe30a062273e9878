<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\StandardVersion;
use App\Models\VersionState;
use App\Refusals\NotAllowed;

/** The draft of a studio; only it is changed. */
final readonly class Drafts
{
    /** The row as it is now, locked for this transaction: changes of a draft come one after the other. */
    public static function lock(StandardVersion $version): StandardVersion
    {
        $draft = StandardVersion::query()->lockForUpdate()->findOrFail($version->id);
        if ($draft->state !== VersionState::Draft) {
            throw NotAllowed::because('not-a-draft', $draft->state === VersionState::InForce
                ? 'This version is in force and stays as it is; draft a change of it.'
                : 'This version is retired and stays as it is.');
        }

        return $draft;
    }
}
