<?php

declare(strict_types=1);

namespace Core\Colour;

/** What can be wrong with a ladder; in the order in which findings of one step are told. */
enum LadderFault: string
{
    case SpanShort = 'span-short';
    case ShadeNotDarker = 'shade-not-darker';
    case NotLighter = 'not-lighter';
    case Jump = 'jump';
    case CoversPrevious = 'covers-previous';
}
