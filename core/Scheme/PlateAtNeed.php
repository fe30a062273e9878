<?php

declare(strict_types=1);

namespace Core\Scheme;

use ArrayObject;
use Closure;
use Core\Plate\Plate;

/** How an area comes out, made when somebody asks: most that asks what is laid does not. It is the same each time, so it is made once. */
final readonly class PlateAtNeed
{
    /** @var ArrayObject<int, Plate|null> */
    private ArrayObject $made;

    /** @param  Closure(): (Plate|null)  $make */
    public function __construct(private Closure $make)
    {
        /** @var ArrayObject<int, Plate|null> $made */
        $made = new ArrayObject;
        $this->made = $made;
    }

    public function plate(): ?Plate
    {
        if (! $this->made->offsetExists(0)) {
            $this->made->offsetSet(0, ($this->make)());
        }

        return $this->made->offsetGet(0);
    }
}
