<?php

declare(strict_types=1);

namespace Core\Standard;

/** A use in words: its technique, its degree. */
final readonly class UseWords
{
    /**
     * Coats, steps, extent, share, places and what it is kept off; empty for one plain coat over everything.
     *
     * @param  list<string>  $own places of a figure that the extent means
     */
    public static function degree(TechniqueUse $use, array $own = []): string
    {
        $words = [
            self::counted($use->coats, $use->leeway->coatsTo, 'coats'),
            self::counted($use->steps, $use->leeway->stepsTo, 'steps'),
            $use->places === null || $use->places === [] ? self::extent($use->extent).($own === [] ? '' : ': '.implode(', ', $own)) : implode(', ', $use->places),
            $use->leeway->notPlaces === null || $use->leeway->notPlaces === [] ? '' : 'not '.implode(', not ', $use->leeway->notPlaces),
            $use->cover === null ? '' : 'over '.round($use->cover * 100).' % of it',
            $use->feature === null ? '' : "each {$use->feature}",
            $use->leeway->inTurnWith === '' ? '' : "in turn with {$use->leeway->inTurnWith}, mix by mix",
            $use->leeway->isConditional() ? "only if {$use->leeway->onlyIf}" : '',
            $use->overAll === null || $use->overAll->except === [] ? '' : 'not over '.implode(', not over ', $use->overAll->except),
        ];

        return implode(', ', array_filter($words, static fn (string $word): bool => $word !== ''));
    }

    /** The technique, or those of which one is taken, by their names. */
    public static function techniques(TechniqueUse $use, Standard $standard): string
    {
        return implode(' or ', array_map(static fn (string $id): string => $standard->technique($id)->name, $use->techniques));
    }

    /** As painters say it: two to three, a third does no harm. */
    private static function counted(int $asked, ?int $most, string $what): string
    {
        if ($most !== null && $most > $asked) {
            return "{$asked} to {$most} {$what}";
        }

        return $asked > 1 ? "{$asked} {$what}" : '';
    }

    /** Empty where it is everywhere. */
    public static function extent(Extent $extent): string
    {
        return $extent === Extent::Every ? '' : $extent->inWords();
    }
}
