<?php

declare(strict_types=1);

namespace Core\Composition;

/** Why a use is laid: its tier asks it, it was added for this area, or the middle colour comes again under new lights. */
enum Origin: string
{
    case Tier = 'tier';
    case Addition = 'add';
    /** On raised parts of a finished figure: the shade stays in the recesses. */
    case Again = 'again';
}
