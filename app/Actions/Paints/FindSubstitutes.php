<?php

declare(strict_types=1);

namespace App\Actions\Paints;

use App\Models\Paint;
use Core\Scheme\Substitute;
use Core\Scheme\Substitutes;

/** What of the paints that have not run out could stand in for one. */
final readonly class FindSubstitutes
{
    public function __construct(private PaintBook $paints)
    {
    }

    /** @return list<Substitute> the nearest first */
    public function handle(Paint $paint): array
    {
        return (new Substitutes(array_values($this->paints->all())))->for(PaintBook::core($paint));
    }
}
