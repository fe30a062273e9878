<?php

declare(strict_types=1);

namespace Core\Plate;

/** The places of a surface that paint lies on in different ways, from the deepest to the one that catches most light. */
enum Zone: string
{
    case Seam = 'seam';
    case Recess = 'recess';
    case LowFace = 'low-face';
    case Face = 'face';
    case HighFace = 'high-face';
    case LowEdge = 'low-edge';
    case Edge = 'edge';
    case Point = 'point';
}
