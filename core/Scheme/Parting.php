<?php

declare(strict_types=1);

namespace Core\Scheme;

/** What parts two areas that touch. */
enum Parting: string
{
    case Value = 'value';
    case Line = 'line';
    case Shade = 'shade';
    case Nothing = 'nothing';
}
