<?php

declare(strict_types=1);

namespace Core\Composition;

/** Why a use is asked: its tier asks it, or it was added for this area. */
enum Origin: string
{
    case Tier = 'tier';
    case Addition = 'add';
}
