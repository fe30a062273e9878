<?php

declare(strict_types=1);

namespace Core\Standard;

/** Where one technique comes before another: on the same area, or anywhere on the figure. */
enum OrderWhere: string
{
    case Area = 'area';
    case Figure = 'figure';
}
