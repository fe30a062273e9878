<?php

declare(strict_types=1);

namespace Core\Scheme;

/** The step that a ladder gets next, without its paint: a base, then a shade, then lights that cover less and less. */
final readonly class NextStep
{
    /** Share of an area that a shade lies on where nobody has said it. Common practice, no source. */
    public const OF_SHADE = 0.9;

    private function __construct(
        public RungRole $role,
        public float $cover,
    ) {
    }

    /** @param  list<array{role: RungRole, cover: float}>  $steps in the order they are laid */
    public static function after(array $steps): self
    {
        $roles = array_column($steps, 'role');
        if (! in_array(RungRole::Base, $roles, true)) {
            return new self(RungRole::Base, 1.0);
        }
        if (! in_array(RungRole::Shade, $roles, true) && ! in_array(RungRole::Light, $roles, true)) {
            return new self(RungRole::Shade, self::OF_SHADE);
        }

        return new self(RungRole::Light, LightCover::after(self::lastLight($steps)));
    }

    /** @param  list<array{role: RungRole, cover: float}>  $steps */
    private static function lastLight(array $steps): ?float
    {
        $cover = null;
        foreach ($steps as $step) {
            if (in_array($step['role'], [RungRole::Light, RungRole::Relight], true)) {
                $cover = $step['cover'];
            }
        }

        return $cover;
    }
}
