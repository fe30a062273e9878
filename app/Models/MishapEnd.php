<?php

declare(strict_types=1);

namespace App\Models;

/** How a mishap at the bench ended. */
enum MishapEnd: string
{
    /** Layers were laid again, or what is done instead. */
    case Mended = 'mended';
    /** It came off while it was fresh; nothing was laid again. */
    case Lifted = 'lifted';
    /** There was none. */
    case TakenBack = 'taken-back';
}
