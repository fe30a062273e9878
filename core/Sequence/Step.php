<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\ComposedUse;
use Core\Composition\TypeArea;
use Core\Standard\Technique;

/** A use laid on an area, as a step of the work. */
final readonly class Step
{
    public string $id;

    /** @param  int  $place of the use among those of its area, from 0 */
    public function __construct(
        public ComposedUse $laid,
        public TypeArea $area,
        public Technique $technique,
        public int $place,
    ) {
        $this->id = json_encode([$area->area->id, $laid->use->id], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** The step in words: technique, then area. */
    public function name(): string
    {
        return "{$this->technique->name}, {$this->area->area->id}";
    }
}
