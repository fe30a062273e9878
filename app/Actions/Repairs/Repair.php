<?php

declare(strict_types=1);

namespace App\Actions\Repairs;

use App\Actions\Bench\FigureMixes;
use Core\Rework\Layer;
use Core\Rework\PaintedArea;
use Core\Standard\Standard;

/** The layers of an area that are laid again after a fault. */
final readonly class Repair
{
    /**
     * @param  string  $in the layer at fault; empty: foreign paint on top
     * @param  float  $share of the area, 0 to 1
     * @param  list<Layer>  $again in order, with minutes for the whole area
     * @param  bool  $isSecond whether something that draws the eye is mended once more
     * @param  string  $fresh what is done while it is fresh; empty: nothing else
     * @param  string  $instead what is tried before layers are laid again; empty: nothing
     */
    public function __construct(
        public PaintedArea $painted,
        public Standard $standard,
        public FigureMixes $mixes,
        public string $in,
        public float $share,
        public array $again,
        public bool $isSecond,
        public string $fresh = '',
        public string $instead = '',
    ) {
    }

    /** What a layer takes on the share that is laid again. */
    public function minutes(Layer $layer): float
    {
        return $this->share * $layer->minutes;
    }
}
