<?php

declare(strict_types=1);

namespace Core\Colour;

/** What a hue is called, and to which one it leans as a colour is lit. Bounds of CIELAB hue angle, from memory. */
final readonly class HueWords
{
    /** From where on each hue is called so, in degrees; round the circle. */
    private const FROM = [345 => 'red', 290 => 'purple', 190 => 'blue', 105 => 'green', 65 => 'yellow', 40 => 'orange', 0 => 'red'];

    /** The next hue as its angle grows, of a colour that is lit: between purple and red it is pink. */
    private const GROWING = ['red' => 'orange', 'orange' => 'yellow', 'yellow' => 'green', 'green' => 'blue', 'blue' => 'purple', 'purple' => 'pink'];

    private const FALLING = ['red' => 'pink', 'orange' => 'red', 'yellow' => 'orange', 'green' => 'yellow', 'blue' => 'green', 'purple' => 'blue'];

    /** Hues that go one way or the other as they are lit, so that one must be chosen: red to orange or pink, blue to green or purple. Common practice, no source. */
    private const DIVIDED = ['red', 'blue', 'purple'];

    public static function isDivided(Lab $colour): bool
    {
        return in_array(self::of($colour), self::DIVIDED, true);
    }

    public static function of(Lab $colour): string
    {
        $hue = $colour->hue();
        foreach (self::FROM as $from => $name) {
            if ($hue >= $from) {
                return $name;
            }
        }

        return 'red';
    }

    /** @param  bool  $grows whether the angle grows from the base to its light */
    public static function toward(Lab $base, bool $grows): string
    {
        return ($grows ? self::GROWING : self::FALLING)[self::of($base)];
    }
}
