<?php

declare(strict_types=1);

namespace Core\Standard;

use Core\School\Schools;
use Document\Standard\StandardReader;

/**
 * One version of a studio's standard.
 *
 * A document with defects can be held too, so that lint can speak of them; what computes from a
 * standard takes a sound one (see {@see StandardReader}).
 */
final readonly class Standard
{
    /** @var array<array-key, Surface> */
    private array $surfacesById;

    /** @var array<array-key, Technique> */
    private array $techniquesById;

    /** @var array<array-key, Tier> */
    private array $tiersById;

    /** @var array<string, Requirement> */
    private array $requirementsByCell;

    /**
     * @param  list<Surface>  $surfaces
     * @param  list<Technique>  $techniques
     * @param  list<Tier>  $tiers
     * @param  list<Requirement>  $requirements
     * @param  Schools  $schools the studio's choices
     * @param  list<Acceptance>  $accepted findings that are known and left
     */
    public function __construct(
        public string $name,
        public string $version,
        public array $surfaces,
        public array $techniques,
        public array $tiers,
        public array $requirements,
        public ?ReferenceFigure $reference = null,
        public Schools $schools = new Schools,
        public array $accepted = [],
        public string $notes = '',
    ) {
        $this->surfacesById = array_column($surfaces, null, 'id');
        $this->techniquesById = array_column($techniques, null, 'id');
        $this->tiersById = array_column($tiers, null, 'id');
        $byCell = [];
        foreach ($requirements as $requirement) {
            $byCell[self::cell($requirement->tier, $requirement->surface)] ??= $requirement;
        }
        $this->requirementsByCell = $byCell;
    }

    /**
     * The same standard with some cells written otherwise.
     *
     * @param  list<Requirement>  $own in place of what stands in their cells
     */
    public function withRequirements(array $own): self
    {
        $written = [];
        foreach ($own as $requirement) {
            $written[self::cell($requirement->tier, $requirement->surface)] = true;
        }
        $rest = array_filter($this->requirements, static fn (Requirement $one): bool => ! isset($written[self::cell($one->tier, $one->surface)]));

        return new self($this->name, $this->version, $this->surfaces, $this->techniques, $this->tiers, [...$own, ...array_values($rest)], $this->reference, $this->schools, $this->accepted, $this->notes);
    }

    /** The same standard where some of the studio's choices are other ones; those of a surface stay. */
    public function withSchools(Schools $schools): self
    {
        return new self($this->name, $this->version, $this->surfaces, $this->techniques, $this->tiers, $this->requirements, $this->reference, $schools->within($this->schools), $this->accepted, $this->notes);
    }

    /**
     * The same standard with more techniques.
     *
     * @param  list<Technique>  $more
     */
    public function withTechniques(array $more): self
    {
        return new self($this->name, $this->version, $this->surfaces, [...$this->techniques, ...$more], $this->tiers, $this->requirements, $this->reference, $this->schools, $this->accepted, $this->notes);
    }

    public function hasTier(string $id): bool
    {
        return isset($this->tiersById[$id]);
    }

    /** @throws UnknownReference if no tier has this id */
    public function tier(string $id): Tier
    {
        return $this->tiersById[$id] ?? throw UnknownReference::tier($id, $this->tierIds());
    }

    public function hasSurface(string $id): bool
    {
        return isset($this->surfacesById[$id]);
    }

    /** @throws UnknownReference if no surface has this id */
    public function surface(string $id): Surface
    {
        return $this->surfacesById[$id] ?? throw UnknownReference::surface($id, $this->surfaceIds());
    }

    /** @return list<string> names of places that its tiers say of a surface */
    public function placesOn(string $surface): array
    {
        $places = [];
        foreach ($this->requirements as $requirement) {
            foreach ($requirement->surface === $surface ? $requirement->uses : [] as $use) {
                array_push($places, ...$use->places ?? []);
            }
        }

        return array_values(array_unique($places));
    }

    public function hasTechnique(string $id): bool
    {
        return isset($this->techniquesById[$id]);
    }

    /** @throws UnknownReference if no technique has this id */
    public function technique(string $id): Technique
    {
        return $this->techniquesById[$id] ?? throw UnknownReference::technique($id, $this->techniqueIds());
    }

    /** Null: undecided. A requirement without uses: not asked for. */
    public function requirement(string $tier, string $surface): ?Requirement
    {
        return $this->requirementsByCell[self::cell($tier, $surface)] ?? null;
    }

    /** On an area: its own choices, then those of its surface, then those of the studio. */
    public function schoolsOf(Area $area): Schools
    {
        return $area->schools->within($this->schoolsOn($area->surface));
    }

    /** The choices that govern on a surface: its own, else the studio's. */
    public function schoolsOn(string $surface): Schools
    {
        return $this->surface($surface)->schools->within($this->schools);
    }

    /** @return list<Tier> the ladder, the lowest first: without tiers by agreement and retired ones */
    public function comparedTiers(): array
    {
        return array_values(array_filter($this->tiersByRank(), static fn (Tier $tier): bool => $tier->isCompared()));
    }

    /** @return list<Tier> from the lowest rank up */
    public function tiersByRank(): array
    {
        $tiers = $this->tiers;
        usort($tiers, static fn (Tier $a, Tier $b): int => $a->rank <=> $b->rank);

        return $tiers;
    }

    /** @return list<Tier> that new work may take, from the lowest rank up */
    public function offeredTiers(): array
    {
        return array_values(array_filter($this->tiersByRank(), static fn (Tier $tier): bool => ! $tier->retired));
    }

    /** The next lower tier by rank among those that are compared; null for the lowest. */
    public function nextLower(Tier $tier): ?Tier
    {
        $lower = null;
        foreach ($this->tiers as $other) {
            if ($other->isCompared() && $other->rank < $tier->rank && $other->rank > ($lower->rank ?? -1)) {
                $lower = $other;
            }
        }

        return $lower;
    }

    /** @return list<string> */
    public function tierIds(): array
    {
        return array_column($this->tiers, 'id');
    }

    /** @return list<string> */
    public function surfaceIds(): array
    {
        return array_column($this->surfaces, 'id');
    }

    /** @return list<string> */
    public function techniqueIds(): array
    {
        return array_column($this->techniques, 'id');
    }

    private static function cell(string $tier, string $surface): string
    {
        return json_encode([$tier, $surface], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
