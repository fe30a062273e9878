<?php

declare(strict_types=1);

namespace Core\Standard;

/** How a finish shines. */
enum Sheen: string
{
    case Matt = 'matt';
    case Satin = 'satin';
    case Gloss = 'gloss';
}
