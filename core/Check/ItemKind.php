<?php

declare(strict_types=1);

namespace Core\Check;

/** What an item of a check asks about. */
enum ItemKind: string
{
    case Criterion = 'criterion';
    case Excused = 'excused';
}
