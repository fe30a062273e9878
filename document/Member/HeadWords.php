<?php

declare(strict_types=1);

namespace Document\Member;

/** What of an object is said in the head of its column, in the order of its members. */
final readonly class HeadWords
{
    /**
     * @template T of object
     *
     * @param  Members<T>  $members
     * @param  T  $value
     * @return list<string>
     */
    public static function of(Members $members, object $value): array
    {
        $words = [];
        foreach ($members->spell($value) as $name => $written) {
            $shown = $members->of($name)?->called->inHead;
            if ($shown !== null && is_scalar($written) && $written !== false) {
                $words[] = is_array($shown) ? $shown[(string) $written] ?? '' : sprintf($shown, $written);
            }
        }

        return array_values(array_filter($words, static fn (string $word): bool => $word !== ''));
    }
}
