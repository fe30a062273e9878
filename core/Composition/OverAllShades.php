<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;

/** Shades that are laid over the figure as one, as its areas get them when it is raised. */
final readonly class OverAllShades
{
    /**
     * @param  list<ComposedUse>  $done when the figure was finished
     * @param  list<RaisedUse>  $planned now
     */
    private function __construct(
        private Standard $standard,
        private array $done,
        private array $planned,
    ) {
    }

    /**
     * @param  list<ComposedUse>  $done of the figure as one
     * @param  list<RaisedUse>  $planned likewise
     */
    public static function among(Standard $standard, array $done, array $planned): self
    {
        $isShade = static fn (ComposedUse|RaisedUse $use): bool => $standard->technique($use->technique)->group === TechniqueGroup::Shade;

        return new self($standard, array_values(array_filter($done, $isShade)), array_values(array_filter($planned, $isShade)));
    }

    public static function none(Standard $standard): self
    {
        return new self($standard, [], []);
    }

    /** Those that a surface gets; the figure as one has its own among its uses. */
    public function on(string $surface): self
    {
        if ($surface === Surface::WHOLE) {
            return self::none($this->standard);
        }
        $isLaid = static fn (ComposedUse|RaisedUse $use): bool => $use->use->overAll?->spares($surface) !== true;

        return new self($this->standard, array_values(array_filter($this->done, $isLaid)), array_values(array_filter($this->planned, $isLaid)));
    }

    public function isNone(): bool
    {
        return $this->done === [] && $this->planned === [];
    }

    /** Whether one of them lies on everything, the faces too. */
    public function dulls(): bool
    {
        return array_filter([...$this->done, ...$this->planned], $this->liesOnAll(...)) !== [];
    }

    /**
     * Where the first planned one that lies on everything stands among the uses of an area; null where there is none.
     *
     * @param  list<Technique>  $techniques of the area's uses, in their order
     */
    public function dullsFrom(array $techniques): ?int
    {
        $splits = array_map(
            static fn (RaisedUse $use): int => OverAllOrder::split($use->use->overAll->stage ?? TechniqueGroup::Shade, $techniques),
            array_filter($this->planned, $this->liesOnAll(...)),
        );

        return $splits === [] ? null : min($splits);
    }

    private function liesOnAll(ComposedUse|RaisedUse $use): bool
    {
        return $this->standard->technique($use->technique)->dulls();
    }
}
