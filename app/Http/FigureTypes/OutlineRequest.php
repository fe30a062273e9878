<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

/** Areas that are still being taken down. */
final class OutlineRequest extends AreasRequest
{
}
