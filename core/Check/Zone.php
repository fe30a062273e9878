<?php

declare(strict_types=1);

namespace Core\Check;

/** Whether a flaw sits where the eye goes. */
enum Zone: string
{
    case Focal = 'focal';
    case Plain = 'plain';
}
