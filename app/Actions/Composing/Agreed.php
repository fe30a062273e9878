<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use Core\Composition\AgreedAddition;
use Core\Composition\Choice;
use Core\Composition\Lacking;
use Core\Composition\NotAskedFor;
use Core\Composition\Waiver;
use Core\School\Schools;

/** What was agreed for a figure beyond its tier: for its unit first, then for it alone. */
final readonly class Agreed
{
    /** Equal for figures that nothing sets apart. */
    public string $fingerprint;

    /** Equal for figures whose areas are painted by the same schools; empty where none has any of its own. */
    public string $schools;

    /**
     * @param  array<array-key, string>  $areaTiers tier by area
     * @param  list<Waiver>  $waivers
     * @param  list<Choice>  $choices
     * @param  list<NotAskedFor>  $notAskedFor
     * @param  array<array-key, Schools>  $areaSchools choices by area
     * @param  list<AgreedAddition>  $additions
     * @param  list<Lacking>  $lacking
     */
    public function __construct(
        public array $areaTiers = [],
        public array $waivers = [],
        public array $choices = [],
        public array $notAskedFor = [],
        public array $areaSchools = [],
        public array $additions = [],
        public array $lacking = [],
    ) {
        $said = [$areaTiers, $waivers, $choices, $notAskedFor, $areaSchools, $additions, $lacking];
        $this->fingerprint = array_filter($said) === [] ? '' : serialize($said);
        $this->schools = $areaSchools === [] ? '' : serialize($areaSchools);
    }

    /** As it goes on when the figure comes back: what was added is on it. */
    public function withoutAdditions(): self
    {
        return new self($this->areaTiers, $this->waivers, $this->choices, $this->notAskedFor, $this->areaSchools, [], $this->lacking);
    }

    /** With no area at a tier of its own. */
    public function withoutAreaTiers(): self
    {
        return new self([], $this->waivers, $this->choices, $this->notAskedFor, $this->areaSchools, $this->additions, $this->lacking);
    }
}
