<?php

declare(strict_types=1);

namespace Core\Listing;

use Core\Standard\OutOfRange;
use Core\Standard\Side;

/** An area as somebody takes it down from the figure in the hand: what is left unsaid follows from its surface. */
final readonly class ListedArea
{
    /**
     * @param  AreaWeight|float  $size at a glance, or as a share of the body: over 0, at most 1
     * @param  array<array-key, int>  $features pieces by feature
     * @param  int|null  $depth 0 and up, from inner to outer; null: as its surface lies
     * @param  non-empty-list<Side>|null  $sides from which it is seen; null: all but below
     * @param  string|null  $on name of the area that it sits on or in
     * @param  list<string>  $neighbours names of areas that it borders on; said of one of two it holds for both
     * @param  list<string>  $places names of places on it
     * @param  bool  $isUnsure whether its surface is a guess
     */
    public function __construct(
        public string $name,
        public string $surface,
        public AreaWeight|float $size,
        public bool $focal = false,
        public array $features = [],
        public string $part = '',
        public ?int $depth = null,
        public ?array $sides = null,
        public ?string $on = null,
        public array $neighbours = [],
        public array $places = [],
        public bool $isUnsure = false,
    ) {
        if (is_float($size) && ($size <= 0 || $size > 1)) {
            throw OutOfRange::outside('share', 'over 0 and at most 1', $size);
        }
    }

    /** @return non-empty-list<Side> of an area of which nobody says otherwise: all but below */
    public static function usualSides(): array
    {
        return [Side::Front, Side::Left, Side::Back, Side::Right, Side::Above];
    }

    /** @return non-empty-list<Side> */
    public function seenFrom(): array
    {
        return $this->sides ?? self::usualSides();
    }

    public function lies(): int
    {
        return $this->depth ?? SurfaceDepth::of($this->surface);
    }
}
