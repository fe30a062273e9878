<?php

declare(strict_types=1);

namespace Core\Composition;

/** Coats that a painter laid beyond what is asked for, because it took them: a third coat, a second wash. */
final readonly class FurtherCoats
{
    /** @param  array<array-key, array<array-key, int>>  $coats at least 1, by area and use; what names nothing that is painted rests */
    public function __construct(private array $coats = [])
    {
    }

    /** With as many coats more, and the minutes that they take; what is asked stays as it is. */
    public function on(Composition $composition): Composition
    {
        if ($this->coats === []) {
            return $composition;
        }
        $uses = array_map(fn (ComposedUse $use): ComposedUse => $use->withFurther($this->of($use->area->id, $use->use->id)), $composition->uses);

        return new Composition($uses, $composition->criteria, $composition->undecided, $composition->notAsked, array_sum(array_map(static fn (ComposedUse $use): float => $use->minutes, $uses)));
    }

    public function of(string $area, string $use): int
    {
        return $this->coats[$area][$use] ?? 0;
    }

    /** Equal for the same coats. */
    public function fingerprint(): string
    {
        return $this->coats === [] ? '' : json_encode($this->coats, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
