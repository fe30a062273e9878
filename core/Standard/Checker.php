<?php

declare(strict_types=1);

namespace Core\Standard;

/** Who may check a tier. */
enum Checker: string
{
    case Lead = 'lead';
    case Deputy = 'deputy';
}
