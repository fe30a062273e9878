<?php

declare(strict_types=1);

namespace Core\Budget;

/** Choices that no cheaper one gains as much as. */
final readonly class Undominated
{
    /**
     * @template T of array{float, ...}
     *
     * @param  non-empty-array<int, T>  $choices by cost; what each gains stands first
     * @return non-empty-array<int, T> rising in cost and in gain
     */
    public static function of(array $choices): array
    {
        ksort($choices);
        $cheapest = array_key_first($choices);
        $kept = [$cheapest => $choices[$cheapest]];
        $most = $choices[$cheapest][0];
        foreach ($choices as $cost => $choice) {
            if ($choice[0] > $most) {
                $kept[$cost] = $choice;
                $most = $choice[0];
            }
        }

        return $kept;
    }
}
