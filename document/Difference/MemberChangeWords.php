<?php

declare(strict_types=1);

namespace Document\Difference;

use Document\Member\TierMembers;

/** A changed member of a tier in words. */
final readonly class MemberChangeWords
{
    public static function of(MemberChange $change): string
    {
        if ($change->member === 'id') {
            return $change->before === null ? 'a new tier' : 'taken away';
        }
        $called = TierMembers::all()->of($change->member)->called ?? null;
        if ($called?->switched !== null) {
            return $called->switched[$change->after === true ? 0 : 1];
        }

        return ($called->changed ?? $change->member).' from '.self::value($change->before).' to '.self::value($change->after);
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
