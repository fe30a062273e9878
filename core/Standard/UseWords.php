<?php

declare(strict_types=1);

namespace Core\Standard;

/** The degree of a use in words. */
final readonly class UseWords
{
    /** Coats, steps, extent, share and places; empty for one plain coat over everything. */
    public static function degree(TechniqueUse $use): string
    {
        $words = [
            $use->coats > 1 ? "{$use->coats} coats" : '',
            $use->steps > 1 ? "{$use->steps} steps" : '',
            $use->places === null || $use->places === [] ? self::extent($use->extent) : implode(', ', $use->places),
            $use->cover === null ? '' : 'over '.round($use->cover * 100).' % of it',
            $use->feature === null ? '' : "each {$use->feature}",
        ];

        return implode(', ', array_filter($words, static fn (string $word): bool => $word !== ''));
    }

    /** Empty where it is everywhere. */
    public static function extent(Extent $extent): string
    {
        return match ($extent) {
            Extent::Spot => 'a few spots',
            Extent::Focal => 'focal places only',
            Extent::Upper => 'upper parts only',
            Extent::Every => '',
        };
    }
}
