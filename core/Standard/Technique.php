<?php

declare(strict_types=1);

namespace Core\Standard;

/** One way to put on paint. */
final readonly class Technique
{
    /**
     * @param  float  $dryMinutes minutes until the next layer may touch it, at least 0
     * @param  list<string>  $replaces ids of techniques that this one does the work of
     */
    public function __construct(
        public string $id,
        public string $name,
        public TechniqueGroup $group,
        public Opacity $opacity,
        public LiesOn $liesOn = LiesOn::All,
        public float $dryMinutes = 0.0,
        public bool $messy = false,
        public array $replaces = [],
    ) {
        if ($dryMinutes < 0) {
            throw OutOfRange::below('drying time in minutes', 0, $dryMinutes);
        }
    }
}
