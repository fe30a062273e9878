<?php

declare(strict_types=1);

namespace Core\Standard;

/** The parts of a standard that are changed one by one. */
enum PieceKind: string
{
    case Head = 'head';
    case Order = 'order';
    case Surface = 'surface';
    case Technique = 'technique';
    case Tier = 'tier';
    case Cell = 'cell';
}
