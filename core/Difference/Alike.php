<?php

declare(strict_types=1);

namespace Core\Difference;

use UnitEnum;

/** Whether two values are the same in every part, each to the letter: "1" is not "01". */
final readonly class Alike
{
    public static function are(mixed $one, mixed $other): bool
    {
        if (is_object($one) && is_object($other) && ! $one instanceof UnitEnum) {
            return $one::class === $other::class && self::parts(get_object_vars($one), get_object_vars($other));
        }

        return is_array($one) && is_array($other) ? self::parts($one, $other) : $one === $other;
    }

    /**
     * @param  array<array-key, mixed>  $one
     * @param  array<array-key, mixed>  $other
     */
    private static function parts(array $one, array $other): bool
    {
        if (array_keys($one) !== array_keys($other)) {
            return false;
        }
        foreach ($one as $name => $part) {
            if (! self::are($part, $other[$name])) {
                return false;
            }
        }

        return true;
    }
}
