<?php

declare(strict_types=1);

namespace Core\Scheme;

/** One light mixed into the last lights of all areas, so that a figure stands in one light. Common practice, no source. */
final readonly class SharedLight
{
    /**
     * @param  float  $own measures of the area's own colour, over 0
     * @param  float  $light measures of the shared light, over 0
     * @param  int  $reach how many of an area's last lights take it, at least 1
     *
     * @throws NotASharedLight
     */
    public function __construct(
        public Recipe $recipe,
        public float $own = 1.0,
        public float $light = 1.0,
        public int $reach = 1,
    ) {
        if (! ($own > 0) || ! ($light > 0)) {
            throw NotASharedLight::measures($own, $light);
        }
        if ($reach < 1) {
            throw NotASharedLight::reach($reach);
        }
    }

    public function into(Recipe $recipe): Recipe
    {
        return $recipe->mixedWith($this->recipe, $this->own, $this->light);
    }
}
