<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\Standard;

/** What may be written as a use in a list of paints: what tiers ask for on a surface, and every technique, by id or by name. */
final readonly class KnownUses
{
    /** @var array<string, string> id by what it may be called, in small letters */
    private array $names;

    /** @var list<string> what tiers ask for here, in the order of the tiers */
    public array $asked;

    /** @param  list<string>  $surfaces of the area; none: any */
    public function __construct(Standard $standard, array $surfaces)
    {
        $names = $asked = [];
        foreach ($standard->techniques as $technique) {
            $names[mb_strtolower($technique->name)] ??= $technique->id;
        }
        foreach ($standard->techniques as $technique) {
            $names[mb_strtolower($technique->id)] = $technique->id;
        }
        foreach ($standard->requirements as $requirement) {
            foreach ($surfaces === [] || in_array($requirement->surface, $surfaces, true) ? $requirement->uses : [] as $use) {
                $names[mb_strtolower($use->id)] = $use->id;
                $asked[$use->id] = $use->id;
            }
        }
        $this->names = $names;
        $this->asked = array_values($asked);
    }

    /** @return string|null id of the use; null where it is not known */
    public function id(string $written): ?string
    {
        return $this->names[mb_strtolower(trim($written))] ?? null;
    }

    public function isAsked(string $use): bool
    {
        return in_array($use, $this->asked, true);
    }
}
