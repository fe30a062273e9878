<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Allowance;
use Core\Standard\OutOfRange;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use Core\Why;

/**
 * Minutes from a total downwards: a lead knows how long a figure takes, or has timed one, and not how long each
 * use does. The total is spread over all uses of the tier in the proportion that they have already; where none has
 * minutes yet, by coats and steps.
 */
final readonly class MinutesFromTotal
{
    public function __construct(private Standard $standard)
    {
    }

    /**
     * @param  Composition  $figure what the tier asks of the figure that the total is of
     * @param  float  $size of that figure
     * @param  float  $total minutes, over 0
     *
     * @throws OutOfRange if there is no time to spread, or nothing asked to spread it over
     */
    public function spread(string $tier, Composition $figure, float $size, float $total): SpreadMinutes
    {
        if ($total <= 0) {
            throw OutOfRange::outside('total', 'over 0 minutes', $total, '/minutes');
        }
        $isGuess = $figure->minutes <= 0;
        $asked = array_sum(array_map(static fn (ComposedUse $use): float => $isGuess ? $use->minutesAllowed(self::guess($use->use), $size) : $use->minutes, $figure->uses));
        if ($asked <= 0) {
            throw OutOfRange::outside('number of uses of this figure', 'at least 1, so that time can be spread over them', 0, '/minutes');
        }
        $allowances = [];
        foreach ($this->standard->requirements as $requirement) {
            foreach ($requirement->tier === $tier ? $requirement->uses : [] as $use) {
                $allowances[$requirement->surface][$use->id] = self::times($isGuess ? self::guess($use) : $use->allowance, $total / $asked);
            }
        }

        return new SpreadMinutes($allowances, $size, $figure->minutes, $total, $isGuess);
    }

    /** Nothing is known of it but how often it is laid. */
    private static function guess(TechniqueUse $use): Allowance
    {
        $often = (float) ($use->coats * $use->steps);

        return $use->feature === null ? new Allowance($often, likely: $use->allowance->likely) : new Allowance(each: $often / 10, likely: $use->allowance->likely);
    }

    private static function times(Allowance $allowance, float $factor): Allowance
    {
        return new Allowance(self::handy($allowance->minutes * $factor), self::handy($allowance->fixed * $factor), self::handy($allowance->each * $factor), $allowance->likely);
    }

    /** As one would write it down: whole minutes from ten, halves from two, tenths from a half. */
    private static function handy(float $minutes): float
    {
        $unit = match (true) {
            $minutes >= 10 => 1.0,
            $minutes >= 2 => 0.5,
            $minutes >= 0.5 => 0.1,
            default => 0.05,
        };

        return $minutes <= 0 ? 0.0 : max(0.05, round(round($minutes / $unit) * $unit, 2));
    }

    public static function why(SpreadMinutes $spread): Why
    {
        return new Why(
            ['total' => (string) $spread->total, 'before' => (string) round($spread->before, 1)],
            $spread->isGuess
                ? 'No use of this figure has minutes yet: the total is spread by coats and steps, for areas by their share. Written down in whole minutes from ten, halves from two, tenths below.'
                : 'Every use of the tier is multiplied by total ÷ minutes before, also those that this figure has not, so that their proportion stays. Written down in whole minutes from ten, halves from two, tenths below.',
            Why::COMMON_PRACTICE,
        );
    }
}
