<?php

declare(strict_types=1);

namespace Core\Record;

use stdClass;

/**
 * JSON in one form only, so that equal values have equal bytes: the JSON Canonicalization Scheme,
 * RFC 8785. Members are sorted by the UTF-16 units of their names, numbers are written as ECMAScript
 * writes them, and nothing is escaped that need not be.
 *
 * An empty object is a stdClass; a PHP list is an array, any other PHP array an object.
 */
final readonly class CanonicalJson
{
    /** Whole numbers up to 2^53 - 1 are exact as IEEE 754 doubles (RFC 7493). */
    private const LARGEST_EXACT = 9007199254740991;

    /** @throws NotCanonical if the value has no form in JSON */
    public static function encode(mixed $value): string
    {
        return match (true) {
            $value === null => 'null',
            is_bool($value) => $value ? 'true' : 'false',
            is_int($value) => self::whole($value),
            is_float($value) => self::number($value),
            is_string($value) => self::text($value),
            $value instanceof stdClass => self::members(get_object_vars($value)),
            is_array($value) => array_is_list($value) ? self::entries($value) : self::members($value),
            default => throw NotCanonical::type(get_debug_type($value)),
        };
    }

    /** @param  list<mixed>  $entries */
    private static function entries(array $entries): string
    {
        return '['.implode(',', array_map(self::encode(...), $entries)).']';
    }

    /** @param  array<array-key, mixed>  $members */
    private static function members(array $members): string
    {
        $byUnits = [];
        foreach ($members as $name => $value) {
            $name = (string) $name;
            $byUnits[mb_convert_encoding($name, 'UTF-16BE', 'UTF-8')] = self::text($name).':'.self::encode($value);
        }
        ksort($byUnits, SORT_STRING);

        return '{'.implode(',', $byUnits).'}';
    }

    private static function whole(int $value): string
    {
        if (abs($value) > self::LARGEST_EXACT) {
            throw NotCanonical::tooLarge($value);
        }

        return (string) $value;
    }

    /** ECMAScript's Number::toString, radix 10: the fewest digits that give the same double. */
    private static function number(float $value): string
    {
        if (! is_finite($value)) {
            throw NotCanonical::notFinite($value);
        }
        if ($value == 0.0) {
            return '0';
        }
        $shortest = strtolower(json_encode(abs($value), JSON_THROW_ON_ERROR));
        [$mantissa, $exponent] = [...explode('e', $shortest), '0'];
        [$whole, $fraction] = [...explode('.', $mantissa), ''];
        $digits = ltrim($whole.$fraction, '0');
        $point = (int) $exponent + strlen($whole) - (strlen($whole.$fraction) - strlen($digits));
        $digits = rtrim($digits, '0');

        return ($value < 0 ? '-' : '').self::placePoint($digits, $point);
    }

    /** @param  int  $point where the decimal point stands, counted from before the first digit */
    private static function placePoint(string $digits, int $point): string
    {
        $length = strlen($digits);
        if ($point > 21 || $point < -5) {
            return $digits[0].($length > 1 ? '.'.substr($digits, 1) : '').sprintf('e%+d', $point - 1);
        }
        if ($point < 1) {
            return '0.'.str_repeat('0', -$point).$digits;
        }

        return $length > $point ? substr($digits, 0, $point).'.'.substr($digits, $point) : str_pad($digits, $point, '0');
    }

    private static function text(string $value): string
    {
        if (! mb_check_encoding($value, 'UTF-8')) {
            throw NotCanonical::notUtf8();
        }

        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_LINE_TERMINATORS);
    }
}
