<?php

declare(strict_types=1);

namespace Core\Standard;

/** What to take care of with a kind of work. Common practice; the product's safety data sheet and local rules come first. */
final readonly class Caution
{
    public const ALWAYS = "Follow the product's safety data sheet and local rules; ask a qualified person where they require one.";

    /** Null where nothing more is to be said than {@see self::ALWAYS}. */
    public static function of(TechniqueGroup $group): ?string
    {
        return match ($group) {
            TechniqueGroup::Prepare => 'Cut away from the hand, cap off only in use. Sand wet, wear a mask, wipe the dust. Superglue harms eyes and skin and fumes. Old metal figures may hold lead: no food at the bench, wash hands.',
            TechniqueGroup::Ground => 'Spray or airbrush only outdoors or in an extracted booth, with a respirator as the safety data sheet says, and no flame near.',
            TechniqueGroup::LayIn => 'If it is sprayed: outdoors or in an extracted booth, with a respirator as the safety data sheet says. Never point a brush with the lips.',
            TechniqueGroup::Wear => 'Pigment powder: wear a mask, wipe wet. Solvents and enamel thinner: gloves, air, a waste bin with a lid.',
            TechniqueGroup::Base => 'Sand and dry powder raise dust: wear a mask, wipe wet.',
            TechniqueGroup::Finish => 'Varnish is sprayed only outdoors or in an extracted booth, with a respirator as the safety data sheet says, and no flame near.',
            TechniqueGroup::Shade, TechniqueGroup::Light, TechniqueGroup::Detail, TechniqueGroup::Marking => 'Never point a brush with the lips. Long close work: good light, breaks.',
            TechniqueGroup::Tidy => null,
        };
    }

    /**
     * The cautions of several pieces of work as one, each sentence once.
     *
     * @param  list<string|null>  $cautions
     */
    public static function together(array $cautions): ?string
    {
        $sentences = [];
        foreach (array_filter($cautions) as $caution) {
            array_push($sentences, ...(preg_split('/(?<=[.!?])\s+/u', trim($caution)) ?: []));
        }

        return $sentences === [] ? null : implode(' ', array_unique($sentences));
    }

    /**
     * The caution of a technique: what is said of its kind, then what the studio says of it beyond that. A sentence of
     * which every part is said already is not said twice.
     */
    public static function on(TechniqueGroup $group, string $own): ?string
    {
        $kind = self::of($group) ?? '';
        $said = mb_strtolower($kind);
        $more = array_filter(
            preg_split('/(?<=[.!?])\s+/u', trim($own)) ?: [],
            static fn (string $sentence): bool => array_filter(self::parts($sentence), static fn (string $part): bool => ! str_contains($said, $part)) !== [],
        );

        return trim($kind.' '.implode(' ', $more)) ?: null;
    }

    /** @return list<string> */
    private static function parts(string $sentence): array
    {
        return array_values(array_filter(array_map(trim(...), preg_split('/[,;:.!?]/u', mb_strtolower($sentence)) ?: [])));
    }
}
