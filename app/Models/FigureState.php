<?php

declare(strict_types=1);

namespace App\Models;

/** Where a figure stands between the box and the client. */
enum FigureState: string
{
    case ToPaint = 'to-paint';
    case Painting = 'painting';
    case ToCheck = 'to-check';
    case Refused = 'refused';
    case Mended = 'mended';
    case Signed = 'signed';

    public function isWithItsPainter(): bool
    {
        return in_array($this, [self::ToPaint, self::Painting, self::Refused, self::Mended], true);
    }
}
