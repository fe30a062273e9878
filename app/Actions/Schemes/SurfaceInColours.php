<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Models\Scheme;
use Core\Standard\Standard;

/** How a surface of a standard comes out in the colours of a scheme: on the largest area of that kind that has its colours. */
final readonly class SurfaceInColours
{
    public function __construct(
        private SchemeBook $book,
        private ForceTypes $types,
    ) {
    }

    /** @return list<SurfacePlate> one for each tier that is offered; none where no area of the surface has its colours */
    public function of(Scheme $scheme, Standard $standard, string $surface): array
    {
        $ladders = $this->book->of($scheme);
        $best = null;
        foreach ($ladders->types($this->types->of($scheme->force_id), $standard) as $key => $type) {
            foreach ($type->areas as $area) {
                $found = $area->area->surface === $surface ? $ladders->find($key, $area->area->id) : null;
                $isColoured = $found !== null && $found['ladder']->recipes() !== [];
                if ($isColoured && ($best === null || $area->area->share > $best['area']->share)) {
                    $best = ['key' => $key, 'type' => $type, 'area' => $area->area];
                }
            }
        }

        return $best === null ? [] : (new AreaPlates($ladders, $standard, $best['type'], $best['key']))->of($best['area']->id);
    }
}
