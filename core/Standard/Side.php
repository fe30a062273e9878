<?php

declare(strict_types=1);

namespace Core\Standard;

/** One of the six sides a figure is turned through. */
enum Side: string
{
    case Front = 'front';
    case Left = 'left';
    case Back = 'back';
    case Right = 'right';
    case Above = 'above';
    case Below = 'below';
}
