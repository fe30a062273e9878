<?php

declare(strict_types=1);

namespace Core\Standard;

/** How much of what lies under it a technique hides; decides how it can be repaired. */
enum Opacity: string
{
    case Opaque = 'opaque';
    case Semi = 'semi';
    case Transparent = 'transparent';
}
