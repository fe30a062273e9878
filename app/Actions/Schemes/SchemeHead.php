<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

/** What somebody writes of a scheme as a whole. */
final readonly class SchemeHead
{
    /**
     * @param  string  $ground name of the primer; empty for a plain grey
     * @param  string  $light name of the shared light; empty for none
     * @param  string  $lastLight `shared`, `series` or `base`
     * @param  list<string>  $focal names of up to three areas, the first the strongest
     */
    public function __construct(
        public string $name,
        public string $ground,
        public string $light,
        public float $lightOwn,
        public float $lightParts,
        public int $lightReach,
        public string $lastLight,
        public string $lightFrom,
        public array $focal,
        public string $accents,
        public string $note,
    ) {
    }
}
