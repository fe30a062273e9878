<?php

declare(strict_types=1);

namespace Core\Standard;

/** One way to put on paint. */
final readonly class Technique
{
    /** Id of a lay-in that comes again. No technique of a standard has it. */
    private const AGAIN = "\0again";

    /**
     * @param  float  $dryMinutes minutes until the next layer may touch it, at least 0
     * @param  list<string>  $replaces ids of techniques that this one does the work of
     * @param  Texture|null  $texture how its paint looks; null: as is usual, see {@see self::looks()}
     * @param  Sheen|null  $sheen of a finish
     * @param  list<Precedence>  $after techniques that come before this one
     * @param  list<Precedence>  $before techniques that come after this one
     * @param  list<string>  $wetInto ids of techniques whose paint it is laid into while that is wet, where it lies directly on it
     * @param  bool  $look whether it is a look by who may check: no paint, and what comes after it waits until it is taken
     * @param  list<PlateShape>  $poorOn kinds of surface that it does badly on: a drybrush on smooth cloth
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
        public ?Texture $texture = null,
        public ?Sheen $sheen = null,
        public array $after = [],
        public array $before = [],
        public Handling $handling = new Handling,
        public array $poorOn = [],
        public array $wetInto = [],
        public bool $look = false,
    ) {
        if ($dryMinutes < 0) {
            throw OutOfRange::below('drying time in minutes', 0, $dryMinutes);
        }
    }

    /** A lay-in that comes again on the raised parts of a finished figure: as thin as the shade in the recesses allows. */
    public function again(): self
    {
        return new self(self::AGAIN, 'Middle colour again on raised parts', TechniqueGroup::LayIn, Opacity::Semi, LiesOn::Face, $this->dryMinutes, handling: $this->handling);
    }

    /** Whether it is a lay-in that comes again. */
    public function isAgain(): bool
    {
        return $this->id === self::AGAIN;
    }

    /** Whether it is laid in and lets through what it lies on. */
    public function isStain(): bool
    {
        return $this->group === TechniqueGroup::LayIn && $this->opacity === Opacity::Transparent;
    }

    /** Whether a use of it hides all of what is on its area. */
    public function hides(TechniqueUse $use): bool
    {
        return $this->group === TechniqueGroup::LayIn && $this->opacity === Opacity::Opaque && $use->extent === Extent::Every && $use->cover === null;
    }

    /** Whether it is a shade that lies on everything: it dulls the faces too. */
    public function dulls(): bool
    {
        return $this->group === TechniqueGroup::Shade && $this->liesOn === LiesOn::All;
    }

    public function looks(): Texture
    {
        return $this->texture ?? Texture::usual($this->group, $this->liesOn, $this->opacity);
    }
}
