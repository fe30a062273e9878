<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

/** What somebody writes of a scheme as a whole. */
final readonly class SchemeHead
{
    /**
     * @param  string  $ground name of the primer; empty for a plain grey
     * @param  string  $sketch name of the second primer, over the raised parts of the first; empty for none
     * @param  float  $sketchCover share of a figure that it lies on, over 0 to 1
     * @param  string  $light name of the shared light; empty for none
     * @param  string  $lastLight `shared`, `series` or `base`
     * @param  list<string>  $focal names of up to three areas, the first the strongest
     * @param  bool  $oneColour whether one colour is wanted over most of the figure
     */
    public function __construct(
        public string $name,
        public string $ground,
        public string $sketch,
        public float $sketchCover,
        public string $light,
        public float $lightOwn,
        public float $lightParts,
        public int $lightReach,
        public string $lastLight,
        public string $lightFrom,
        public array $focal,
        public bool $oneColour,
        public string $accents,
        public string $note,
    ) {
    }
}
