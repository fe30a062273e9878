<?php

declare(strict_types=1);

namespace Document\Standard;

use Core\School\Schools;
use Core\Standard\Duplicate;
use Core\Standard\EachWithoutFeature;
use Core\Standard\ReferenceFigure;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Tier;
use Core\Standard\UnknownReference;
use Document\Member\AcceptanceMembers;
use Document\Member\ReferenceMembers;
use Document\Member\RequirementMembers;
use Document\Member\SurfaceMembers;
use Document\Member\TierMembers;

/**
 * From a document of the format `ordotype-standard/1` to a standard.
 *
 * The shape (members, types, ranges) has been checked before; here it is read for sense: names that
 * nothing has, and two of what there may be only one of. `$at` is the JSON pointer to the document.
 *
 * @phpstan-import-type SurfaceDocument from \Document\Member\SurfaceMembers
 * @phpstan-import-type TierDocument from \Document\Member\TierMembers
 * @phpstan-import-type TechniqueDocument from \Document\Member\TechniqueMembers
 * @phpstan-import-type RequirementDocument from \Document\Member\RequirementMembers
 * @phpstan-import-type ReferenceDocument from \Document\Member\ReferenceMembers
 * @phpstan-import-type AcceptanceDocument from \Document\Member\AcceptanceMembers
 *
 * @phpstan-type StandardDocument array{
 *   format: string,
 *   name: string,
 *   version: string,
 *   surfaces: list<SurfaceDocument>,
 *   techniques: list<TechniqueDocument>,
 *   tiers: list<TierDocument>,
 *   requirements: list<RequirementDocument>,
 *   reference?: ReferenceDocument,
 *   schools?: array<string, string>,
 *   accepted?: list<AcceptanceDocument>,
 *   notes?: string,
 * }
 */
final readonly class StandardReader
{
    private function __construct(
        private bool $bearsDefects,
        private Refusals $refusals,
    ) {
    }

    /** Refuses uses of unknown techniques and requirements written twice. */
    public static function ofSound(?Refusals $refusals = null): self
    {
        return new self(false, $refusals ?? Refusals::thrown());
    }

    /** Takes uses of unknown techniques and requirements written twice, so that lint can name them. */
    public static function ofDraft(): self
    {
        return new self(true, Refusals::thrown());
    }

    /**
     * @param  StandardDocument  $document
     *
     * @throws UnknownReference if a tier, surface, technique or use is named that is not there
     * @throws Duplicate if an id, rank, use or requirement stands twice
     * @throws EachWithoutFeature if minutes a piece stand without a piece
     */
    public function read(array $document, string $at = ''): Standard
    {
        $surfaces = $this->surfaces($document['surfaces'], "{$at}/surfaces");
        $techniques = (new TechniqueReader($this->refusals))->read($document['techniques'], "{$at}/techniques");
        $tiers = $this->tiers($document['tiers'], "{$at}/tiers");
        $standard = new Standard($document['name'], $document['version'], $surfaces, $techniques, $tiers, []);

        return new Standard(
            $document['name'],
            $document['version'],
            $surfaces,
            $techniques,
            $tiers,
            $this->requirements($document['requirements'], $standard, "{$at}/requirements"),
            $this->reference($document['reference'] ?? null, $standard, "{$at}/reference"),
            new Schools($document['schools'] ?? []),
            array_map(AcceptanceMembers::all()->read(...), $document['accepted'] ?? []),
            $document['notes'] ?? '',
        );
    }

    /**
     * @param  list<SurfaceDocument>  $documents
     * @return list<Surface>
     */
    private function surfaces(array $documents, string $at): array
    {
        $this->ids()->require(array_column($documents, 'id'), $at, '/id');

        $members = SurfaceMembers::all();

        return array_map(static fn (array $surface): Surface => $members->read($surface), $documents);
    }

    /**
     * @param  list<TierDocument>  $documents
     * @return list<Tier>
     */
    private function tiers(array $documents, string $at): array
    {
        $this->ids()->require(array_column($documents, 'id'), $at, '/id');
        $members = TierMembers::all();
        $ranks = [];
        $tiers = [];
        foreach ($documents as $i => $document) {
            $tier = $members->read($document);
            if (isset($ranks[$tier->rank])) {
                $this->refusals->refuse(Duplicate::rank($tier->rank, "{$at}/{$i}/rank"));
            }
            $ranks[$tier->rank] = true;
            $tiers[] = $tier;
        }

        return $tiers;
    }

    /**
     * @param  list<RequirementDocument>  $documents
     * @return list<Requirement>
     */
    private function requirements(array $documents, Standard $standard, string $at): array
    {
        $reader = new UseReader($standard, $this->bearsDefects, $this->refusals);
        $members = RequirementMembers::readHere();
        $requirements = [];
        $seen = [];
        foreach ($documents as $i => $document) {
            ['tier' => $tier, 'surface' => $surface] = $document;
            $this->requireCell($tier, $surface, $standard, "{$at}/{$i}");
            if (isset($seen[$tier][$surface]) && ! $this->bearsDefects) {
                $this->refusals->refuse(Duplicate::requirement($tier, $surface, "{$at}/{$i}"));
            }
            $seen[$tier][$surface] = true;
            $uses = $reader->uses($document['uses'], "{$at}/{$i}/uses", $surface === Surface::WHOLE);
            $requirements[] = $members->read($document, [
                'uses' => $uses,
                'criteria' => $reader->criteria($document['criteria'] ?? [], $uses, "{$at}/{$i}/criteria"),
                'menus' => $reader->menus($document['menu'] ?? [], $uses, "{$at}/{$i}/menu"),
            ]);
        }

        return $requirements;
    }

    private function requireCell(string $tier, string $surface, Standard $standard, string $at): void
    {
        if (! $standard->hasTier($tier)) {
            $this->refusals->refuse(UnknownReference::tier($tier, $standard->tierIds(), "{$at}/tier"));
        }
        if (! $standard->hasSurface($surface)) {
            $this->refusals->refuse(UnknownReference::surface($surface, $standard->surfaceIds(), "{$at}/surface"));
        }
    }

    /** @param  ReferenceDocument|null  $document */
    private function reference(?array $document, Standard $standard, string $at): ?ReferenceFigure
    {
        if ($document === null) {
            return null;
        }
        $this->ids()->require(array_column($document['areas'], 'id'), "{$at}/areas", '/id');
        foreach ($document['areas'] as $i => $area) {
            if (! $standard->hasSurface($area['surface'])) {
                $this->refusals->refuse(UnknownReference::surface($area['surface'], $standard->surfaceIds(), "{$at}/areas/{$i}/surface"));
            }
        }

        return ReferenceMembers::all()->read($document);
    }

    private function ids(): UniqueIds
    {
        return new UniqueIds($this->refusals);
    }
}
