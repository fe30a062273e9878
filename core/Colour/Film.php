<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * A thin coat over a colour. Channel by channel of linear light: where the film is darker than what lies
 * under it, it takes light away as a filter does, by the same factor in each coat (Beer–Lambert); where it
 * is paler, it scatters light of its own over a share of what is under it. So a stain is deep over black
 * and pure over white, and a thin white over black is a grey.
 */
final readonly class Film
{
    /** No paint takes away all light of a channel, however saturated its swatch is. */
    private const LEAST_LIGHT = 0.002;

    /** More coats than a brush lays change nothing that is seen. */
    private const MOST_COATS = 64;

    /** Hues further apart than this, in degrees, pass by the colours between them, and may come further away on the way. */
    private const OPPOSITE = 170.0;

    /** Places on the way that are looked at, to see whether it leads nearer all along. */
    private const LOOKS = 20;

    /** Places on a way that does not, among which the nearest is looked for. */
    private const CLOSE_LOOKS = 512;

    /** @param  float  $strength how much one coat hides of what is under it, 0 to 1 */
    public function __construct(
        public Srgb $colour,
        public float $strength,
    ) {
    }

    /** How much so many coats hide together, 0 to 1. */
    public static function hiding(float $strength, int $coats): float
    {
        return 1 - (1 - $strength) ** $coats;
    }

    /**
     * What is seen after so many coats. No further coat leads away from the film's own colour (ΔE00), opposite
     * hues excepted: where the way does, it is stayed on as far as it leads nearer.
     *
     * @param  int  $coats at least 0
     */
    public function over(Srgb $under, int $coats): Srgb
    {
        $hiding = self::hiding($this->strength, min($coats, self::MOST_COATS));
        if ($hiding <= 0 || $hiding >= 1) {
            return $this->hidden($under, $hiding);
        }
        $leadsNearer = $this->distances($under, $hiding, self::LOOKS);
        $sorted = $leadsNearer;
        rsort($sorted);
        if ($sorted === $leadsNearer || $under->lab()->hueApart($this->colour->lab()) > self::OPPOSITE) {
            return $this->hidden($under, $hiding);
        }
        // Places that do not depend on the number of coats, so that two coats that hide half are as one that hides three quarters.
        $nearest = $hiding;
        $least = $this->distance($under, $hiding);
        for ($look = 0; $look / self::CLOSE_LOOKS < $hiding; $look++) {
            $distance = $this->distance($under, $look / self::CLOSE_LOOKS);
            if ($distance < $least) {
                [$nearest, $least] = [$look / self::CLOSE_LOOKS, $distance];
            }
        }

        return $this->hidden($under, $nearest);
    }

    /** @return list<float> ΔE00 from the film at so many places on the way */
    private function distances(Srgb $under, float $hiding, int $places): array
    {
        return array_map(fn (int $place): float => $this->distance($under, $hiding * $place / $places), range(0, $places));
    }

    private function distance(Srgb $under, float $hiding): float
    {
        return ColourDifference::between($this->hidden($under, $hiding)->lab(), $this->colour->lab());
    }

    /**
     * With so much of what lies under it hidden.
     *
     * @param  float  $hiding 0 gives what is under it, 1 the film
     */
    public function hidden(Srgb $under, float $hiding): Srgb
    {
        if ($hiding <= 0) {
            return $under;
        }
        if ($hiding >= 1) {
            return $this->colour;
        }
        $film = $this->colour->light();
        $light = $under->light();

        return Srgb::ofLight(
            self::channel($light[0], $film[0], $hiding),
            self::channel($light[1], $film[1], $hiding),
            self::channel($light[2], $film[2], $hiding),
        );
    }

    private static function channel(float $under, float $film, float $hiding): float
    {
        if ($film >= $under) {
            return $under + $hiding * ($film - $under);
        }
        if ($under <= self::LEAST_LIGHT) {
            return $under + $hiding * ($film - $under);
        }
        $least = max($film, self::LEAST_LIGHT);
        $filtered = $under ** (1 - $hiding) * $least ** $hiding;

        // A film that lets nothing through still goes from all to nothing.
        return $film + ($filtered - $least) * ($under - $film) / ($under - $least);
    }
}
