<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\OverAll;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;

/** Where a use of the figure as one lies among what a tier asks of each surface. */
final readonly class LiesAmong
{
    /**
     * @param  list<array{surface: string, under: list<Technique>, over: list<Technique>}>  $surfaces by name, with what lies under it and what is laid over it, in order
     * @param  list<string>  $spared names of surfaces of which something is asked that it is kept off
     */
    private function __construct(
        public array $surfaces,
        public array $spared,
    ) {
    }

    /** @param  Technique  $technique of the use; at its group it comes where no stage is said */
    public static function of(Standard $standard, string $tier, Technique $technique, OverAll $overAll): self
    {
        $surfaces = $spared = [];
        foreach ($standard->surfaces as $surface) {
            $uses = $surface->id === Surface::WHOLE ? [] : $standard->requirement($tier, $surface->id)->uses ?? [];
            if ($uses === []) {
                continue;
            }
            if ($overAll->spares($surface->id)) {
                $spared[] = $surface->name;

                continue;
            }
            $techniques = array_map(static fn (TechniqueUse $use): Technique => $standard->technique($use->techniques[0]), $uses);
            $split = OverAllOrder::split($overAll->stage ?? $technique->group, $techniques);
            $surfaces[] = ['surface' => $surface->name, 'under' => array_slice($techniques, 0, $split), 'over' => array_slice($techniques, $split)];
        }

        return new self($surfaces, $spared);
    }

    /** "Over lay-in and shade, under light and detail; not over Glass." */
    public function inWords(): string
    {
        $laid = self::groups(array_merge(...array_column($this->surfaces, 'under')));
        // A lay-in again after a shade is one more, not the one below.
        $under = self::joined($laid);
        $over = self::joined(array_map(static fn (string $group): string => in_array($group, $laid, true) ? "later {$group}" : $group, self::groups(array_merge(...array_column($this->surfaces, 'over')))));
        $except = $this->spared === [] ? '' : '; not over '.implode(', ', $this->spared);

        return match (true) {
            $this->surfaces === [] => 'This tier asks nothing that it could lie on yet.',
            $under === '' => "Under everything{$except}.",
            $over === '' => "Over {$under}, nothing on top{$except}.",
            default => "Over {$under}, under {$over}{$except}.",
        };
    }

    /**
     * @param  list<Technique>  $techniques
     * @return list<string> in the order of laying
     */
    private static function groups(array $techniques): array
    {
        $has = array_map(static fn (Technique $technique): TechniqueGroup => $technique->group, $techniques);

        return array_map(static fn (TechniqueGroup $group): string => $group->value, array_values(array_filter(TechniqueGroup::cases(), static fn (TechniqueGroup $group): bool => in_array($group, $has, true))));
    }

    /** @param  list<string>  $words */
    private static function joined(array $words): string
    {
        $last = array_pop($words);

        return $words === [] ? $last ?? '' : implode(', ', $words)." and {$last}";
    }
}
