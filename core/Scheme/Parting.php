<?php

declare(strict_types=1);

namespace Core\Scheme;

/** What parts two areas that touch. */
enum Parting: string
{
    case Value = 'value';
    /** A dark one. */
    case Line = 'line';
    /** A light line on the edge of one of them. */
    case Edge = 'edge';
    case Shade = 'shade';
    case Nothing = 'nothing';
}
