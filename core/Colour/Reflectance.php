<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * A smooth reflectance that looks like a given colour: of all that do, the one whose slope is least, with
 * every band between 0 and 1.
 *
 * The bands are ρ = (1 + tanh z) / 2 and the sum of (zᵢ₊₁ − zᵢ)² is made least, subject to the colour: the
 * "least hyperbolic tangent slope squared" of S. A. Burns, "Numerical methods for smoothest reflectance
 * reconstruction", Color Research and Application 45 (2020). Solved by repeated linearising.
 */
final readonly class Reflectance
{
    /** How much of a round's way is gone: the whole of it swings to and fro at the primaries. */
    private const STRIDE = 0.5;

    private const MOST_ROUNDS = 80;

    private const MOST_KNOWN = 2000;

    /** Of linear light. */
    private const CLOSE_ENOUGH = 1e-7;

    /** Of z. */
    private const STILL = 1e-4;

    /** Keeps the problem soluble where all z are alike; too little to be seen. */
    private const HOLD = 1e-5;

    /** No paint is blacker, none whiter, and at the very ends z has no bound. */
    private const DARKEST = 0.002;

    private const LIGHTEST = 0.985;

    /** @param  list<float>  $bands each over 0 and under 1 */
    private function __construct(public array $bands)
    {
    }

    public static function of(Srgb $colour): self
    {
        // A scheme has few paints and mixes them often.
        /** @var array<string, self> $known */
        static $known = [];
        if (count($known) > self::MOST_KNOWN) {
            $known = [];
        }

        return $known[$colour->hex()] ??= self::reconstructed($colour);
    }

    private static function reconstructed(Srgb $colour): self
    {
        $weights = Observer::weights();
        $target = array_map(static fn (float $light): float => self::DARKEST + (self::LIGHTEST - self::DARKEST) * $light, $colour->light());
        $level = array_sum($target) / 3;
        $z = array_fill(0, Observer::BANDS, atanh(2 * $level - 1));
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $bands = self::bands($z);
            $off = self::off($weights, $bands, $target);
            $next = self::smoothest($weights, $z, $bands, $off);
            if (max(array_map(abs(...), $off)) < self::CLOSE_ENOUGH && self::apart($z, $next) < self::STILL) {
                break;
            }
            $z = array_map(static fn (float $was, float $is): float => $was + self::STRIDE * ($is - $was), $z, $next);
        }

        return new self(self::bands($z));
    }

    /** @return array{float, float, float} linear red, green and blue; outside 0 to 1 where no screen shows it */
    public function light(): array
    {
        return self::seen(Observer::weights(), $this->bands);
    }

    /**
     * Absorption over scattering, band by band: K/S of what is thick enough to hide.
     * Kubelka and Munk, "Ein Beitrag zur Optik der Farbanstriche", Zeitschrift für technische Physik 12 (1931).
     *
     * @return list<float> over 0
     */
    public function absorption(): array
    {
        return array_map(static fn (float $band): float => (1 - $band) ** 2 / (2 * $band), $this->bands);
    }

    /** @param  list<float>  $absorption K/S, over 0 */
    public static function ofAbsorption(array $absorption): self
    {
        return new self(array_map(static fn (float $ks): float => 1 + $ks - sqrt($ks * $ks + 2 * $ks), $absorption));
    }

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    private static function apart(array $one, array $other): float
    {
        return max([0.0, ...array_map(static fn (float $was, float $is): float => abs($is - $was), $one, $other)]);
    }

    /**
     * @param  array{list<float>, list<float>, list<float>}  $weights
     * @param  list<float>  $bands
     * @param  list<float>  $target
     * @return array{float, float, float} what is missing of linear red, green and blue
     */
    private static function off(array $weights, array $bands, array $target): array
    {
        $seen = self::seen($weights, $bands);

        return [$target[0] - $seen[0], $target[1] - $seen[1], $target[2] - $seen[2]];
    }

    /**
     * @param  array{list<float>, list<float>, list<float>}  $weights
     * @param  list<float>  $bands
     * @return array{float, float, float}
     */
    private static function seen(array $weights, array $bands): array
    {
        return [self::dot($weights[0], $bands), self::dot($weights[1], $bands), self::dot($weights[2], $bands)];
    }

    /**
     * The z of least slope whose colour, told by the slope of ρ at the present z, is the target.
     *
     * @param  array{list<float>, list<float>, list<float>}  $weights
     * @param  list<float>  $z
     * @param  list<float>  $bands
     * @param  array{float, float, float}  $off
     * @return list<float>
     */
    private static function smoothest(array $weights, array $z, array $bands, array $off): array
    {
        $rows = $solved = $right = [];
        foreach ($weights as $channel => $weight) {
            // dρ/dz = 2ρ(1 − ρ)
            $rows[$channel] = array_map(static fn (float $of, float $band): float => 2 * $of * $band * (1 - $band), $weight, $bands);
            $solved[$channel] = self::solve($rows[$channel]);
            $right[$channel] = $off[$channel] + self::dot($rows[$channel], $z);
        }
        $shares = self::three(array_map(
            static fn (array $row): array => array_map(static fn (array $column): float => self::dot($row, $column), $solved),
            $rows,
        ), $right);

        return array_map(
            static fn (float $red, float $green, float $blue): float => $shares[0] * $red + $shares[1] * $green + $shares[2] * $blue,
            ...$solved,
        );
    }

    /**
     * Solves for x in: the matrix of squared slopes, with the hold on its diagonal, times x is the right
     * side. It is tridiagonal.
     *
     * @param  list<float>  $right
     * @return list<float>
     */
    private static function solve(array $right): array
    {
        $last = Observer::BANDS - 1;
        $upper = [];
        $x = $right;
        for ($i = 0; $i <= $last; $i++) {
            $diagonal = ($i === 0 || $i === $last ? 1 : 2) + self::HOLD;
            $pivot = $diagonal + ($i === 0 ? 0.0 : $upper[$i - 1]);
            $upper[$i] = -1 / $pivot;
            $x[$i] = ($x[$i] + ($i === 0 ? 0.0 : $x[$i - 1])) / $pivot;
        }
        for ($i = $last - 1; $i >= 0; $i--) {
            $x[$i] -= $upper[$i] * $x[$i + 1];
        }

        return array_values($x);
    }

    /**
     * Three equations, by Cramer's rule.
     *
     * @param  array<int, array<int, float>>  $m
     * @param  array<int, float>  $right
     * @return array{float, float, float}
     */
    private static function three(array $m, array $right): array
    {
        [$a, $b, $c] = [array_column($m, 0), array_column($m, 1), array_column($m, 2)];
        $whole = self::determinant($a, $b, $c);

        return [
            self::determinant($right, $b, $c) / $whole,
            self::determinant($a, $right, $c) / $whole,
            self::determinant($a, $b, $right) / $whole,
        ];
    }

    /**
     * Of three columns.
     *
     * @param  array<int, float>  $a
     * @param  array<int, float>  $b
     * @param  array<int, float>  $c
     */
    private static function determinant(array $a, array $b, array $c): float
    {
        return $a[0] * ($b[1] * $c[2] - $b[2] * $c[1])
            - $b[0] * ($a[1] * $c[2] - $a[2] * $c[1])
            + $c[0] * ($a[1] * $b[2] - $a[2] * $b[1]);
    }

    /**
     * @param  list<float>  $z
     * @return list<float>
     */
    private static function bands(array $z): array
    {
        return array_map(static fn (float $each): float => (1 + tanh($each)) / 2, $z);
    }

    /**
     * @param  array<int, float>  $one
     * @param  array<int, float>  $other
     */
    private static function dot(array $one, array $other): float
    {
        $sum = 0.0;
        foreach ($one as $i => $each) {
            $sum += $each * $other[$i];
        }

        return $sum;
    }
}
