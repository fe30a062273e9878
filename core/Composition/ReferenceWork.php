<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\Tier;

/** What a tier asks of the reference figure. */
final readonly class ReferenceWork
{
    public function __construct(private Standard $standard)
    {
    }

    public function of(Tier $tier): Composition
    {
        $reference = $this->standard->reference;
        $figure = $reference === null
            ? new Figure($tier->id, 1.0, $this->areasAskedFor($tier))
            : new Figure($tier->id, $reference->size, $reference->areas);

        return (new Composer($this->standard))->compose($figure);
    }

    /**
     * One area for each surface that the tier asks for, in equal shares, with one piece of each feature named.
     *
     * @return list<Area>
     */
    private function areasAskedFor(Tier $tier): array
    {
        $asked = [];
        foreach ($this->standard->surfaces as $surface) {
            $requirement = $this->standard->requirement($tier->id, $surface->id);
            if ($requirement !== null && ! $requirement->asksNothing()) {
                $asked[] = $requirement;
            }
        }

        return array_map(
            static fn (Requirement $requirement): Area => new Area(
                $requirement->surface,
                $requirement->surface,
                1 / count($asked),
                array_fill_keys($requirement->features(), 1),
            ),
            $asked,
        );
    }
}
