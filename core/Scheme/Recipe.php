<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Film;
use Core\Colour\Mix;
use Core\Colour\MixNotation;
use Core\Colour\MixPart;
use Core\Colour\Srgb;

/** What a step is painted with: one paint, or paints mixed in parts, with water where it is counted. */
final readonly class Recipe
{
    public const WATER = 'water';

    /** One part of water to one of paint is ordinary thinning; what is more lets through. Common practice, no source. */
    private const ORDINARY_WATER = 1.0;

    /** A recipe that hides less is laid to let something through. */
    private const COVERS_FROM = 0.95;

    /**
     * @param  non-empty-list<RecipePart>  $parts
     * @param  float  $water parts, at least 0
     *
     * @throws NotARecipe
     */
    public function __construct(
        public array $parts,
        public float $water = 0.0,
    ) {
        if (! ($water >= 0)) {
            throw NotARecipe::water($water);
        }
    }

    public static function of(Paint $paint): self
    {
        return new self([new RecipePart($paint, 1.0)]);
    }

    /** As it is written at the bench: {@see MixNotation}. */
    public function text(): string
    {
        $entries = array_map(static fn (RecipePart $part): array => ['name' => $part->paint->name, 'parts' => $part->parts], $this->parts);

        return MixNotation::write($this->water > 0 ? [...$entries, ['name' => self::WATER, 'parts' => $this->water]] : $entries);
    }

    /**
     * The forecast of its colour in a thick layer; null for what has none, such as medium or varnish alone.
     * Water and medium thin it and do not colour it.
     */
    public function colour(): ?Srgb
    {
        $colouring = $this->colouring();
        if ($colouring === []) {
            return null;
        }

        return count($colouring) === 1
            ? $colouring[0]->paint->colour
            : Mix::of(array_map(static fn (RecipePart $part): MixPart => new MixPart($part->paint->colour, $part->parts), $colouring));
    }

    /** Whether there is anything to stir: more than one part, or water that is counted. */
    public function isStirred(): bool
    {
        return count($this->parts) > 1 || $this->water > 0;
    }

    /** A forecast, where paints are mixed; the paint's own colour, where it is one. */
    public function isForecast(): bool
    {
        return count($this->colouring()) > 1;
    }

    /** Share that one coat hides of what is under it, 0 to 1. Medium and much water let through in their parts. From memory. */
    public function hiding(): float
    {
        $hiding = 0.0;
        foreach ($this->colouring() as $part) {
            $hiding += $part->parts * $part->paint->hiding;
        }
        $excess = max(0.0, $this->water - self::ORDINARY_WATER * $this->solid());

        return $hiding / ($this->solid() + $excess);
    }

    public function covers(): bool
    {
        return $this->hiding() >= self::COVERS_FROM;
    }

    /** What is seen of so many coats over something; what is under it, where the recipe has no colour. */
    public function over(Srgb $under, int $coats): Srgb
    {
        $colour = $this->colour();

        return $colour === null ? $under : (new Film($colour, min(1.0, $this->hiding())))->over($under, $coats);
    }

    /** Coats that it takes to cover what lies under it: those of its part that takes the most. Null for what is laid to let something through. */
    public function coatsOver(Srgb $under): ?int
    {
        return $this->covers() ? max(array_map(static fn (RecipePart $part): int => $part->paint->coverage->over($under), $this->parts)) : null;
    }

    public function hasMetal(): bool
    {
        foreach ($this->parts as $part) {
            if ($part->paint->isMetal()) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether the binder of a wash or a glaze will break: more than one part of water to one of paint and no
     * medium. Common practice, no source.
     */
    public function hasTooMuchWater(): bool
    {
        return $this->water > self::ORDINARY_WATER * $this->solid()
            && array_filter($this->parts, static fn (RecipePart $part): bool => $part->paint->kind === PaintKind::Medium) === [];
    }

    public function has(string $paint): bool
    {
        foreach ($this->parts as $part) {
            if ($part->paint->name === $paint) {
                return true;
            }
        }

        return false;
    }

    /** With one paint in the place of another, part for part. */
    public function with(string $paint, Paint $instead): self
    {
        return self::merged(array_map(
            static fn (RecipePart $part): RecipePart => $part->paint->name === $paint ? new RecipePart($instead, $part->parts) : $part,
            $this->parts,
        ), $this->water);
    }

    /** So many measures of this with so many of another, in the smallest whole parts where both are written in whole ones. */
    public function mixedWith(self $other, float $ownMeasures, float $otherMeasures): self
    {
        $own = $this->solid();
        $others = $other->solid();
        $parts = [];
        foreach ($this->parts as $part) {
            $parts[] = new RecipePart($part->paint, $part->parts * $ownMeasures * $others);
        }
        foreach ($other->parts as $part) {
            $parts[] = new RecipePart($part->paint, $part->parts * $otherMeasures * $own);
        }

        return self::merged($parts, 0.0)->inSmallestParts();
    }

    public function equals(self $other): bool
    {
        return $this->text() === $other->text();
    }

    /** Parts of all but water. */
    private function solid(): float
    {
        return array_sum(array_map(static fn (RecipePart $part): float => $part->parts, $this->parts));
    }

    /** @return list<RecipePart> */
    private function colouring(): array
    {
        return array_values(array_filter($this->parts, static fn (RecipePart $part): bool => $part->paint->kind->colours()));
    }

    private function inSmallestParts(): self
    {
        $factor = 0;
        foreach ($this->parts as $part) {
            if (abs($part->parts - round($part->parts)) > 1e-9) {
                return $this;
            }
            $factor = self::commonFactor($factor, (int) round($part->parts));
        }

        return $factor <= 1 ? $this : new self(array_map(
            static fn (RecipePart $part): RecipePart => new RecipePart($part->paint, round($part->parts / $factor)),
            $this->parts,
        ), $this->water / $factor);
    }

    private static function commonFactor(int $one, int $other): int
    {
        return $other === 0 ? $one : self::commonFactor($other, $one % $other);
    }

    /**
     * A paint that is named twice once, with all its parts.
     *
     * @param  list<RecipePart>  $parts
     */
    private static function merged(array $parts, float $water): self
    {
        $byName = [];
        foreach ($parts as $part) {
            $known = $byName[$part->paint->name] ?? null;
            $byName[$part->paint->name] = new RecipePart($part->paint, $part->parts + ($known->parts ?? 0.0));
        }
        $merged = array_values($byName);

        return $merged === [] ? throw NotARecipe::ofNothing() : new self($merged, $water);
    }
}
