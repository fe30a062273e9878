<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\TierChange;

/** A changed member of a tier in words. */
final readonly class TierChangeWords
{
    private const NAMES = [
        'name' => 'name', 'rank' => 'rank', 'distance_mm' => 'distance in mm', 'sides' => 'sides that count', 'look_minutes' => 'minutes of the last look',
        'limits' => 'limits', 'colour_tolerance' => 'colour tolerance', 'notice_arcmin' => 'noticing angle in minutes of arc', 'budget_minutes' => 'budget in minutes',
        'purpose' => 'purpose', 'value_span' => 'value span', 'price' => 'price', 'checked_by' => 'checked by', 'note' => 'note',
    ];

    private const SWITCHES = [
        'by_agreement' => ['by agreement', 'no longer by agreement'], 'retired' => ['retired', 'offered again'],
        'sampling' => ['sampling allowed', 'no sampling'], 'photograph' => ['photograph required', 'no photograph required'],
    ];

    public static function of(TierChange $change): string
    {
        if ($change->member === 'id') {
            return $change->before === null ? 'a new tier' : 'taken away';
        }
        if (isset(self::SWITCHES[$change->member])) {
            return self::SWITCHES[$change->member][$change->after === true ? 0 : 1];
        }

        return (self::NAMES[$change->member] ?? $change->member).' from '.self::value($change->before).' to '.self::value($change->after);
    }

    private static function value(mixed $value): string
    {
        if (is_array($value)) {
            $named = array_is_list($value) ? array_map(self::value(...), $value) : array_map(static fn (int|string $name, mixed $one): string => "{$name} ".self::value($one), array_keys($value), $value);

            return implode(', ', $named);
        }

        return is_scalar($value) ? (string) $value : 'nothing';
    }
}
