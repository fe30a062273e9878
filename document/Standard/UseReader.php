<?php

declare(strict_types=1);

namespace Document\Standard;

use Core\Standard\Criterion;
use Core\Standard\Duplicate;
use Core\Standard\EachWithoutFeature;
use Core\Standard\Menu;
use Core\Standard\OutOfRange;
use Core\Standard\OverAll;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use Core\Standard\UnknownReference;
use Document\Member\CriterionMembers;
use Document\Member\Members;
use Document\Member\MenuMembers;
use Document\Member\UseMembers;

/**
 * From the documents of uses and criteria, their shape checked before, to objects.
 *
 * @phpstan-import-type UseDocument from \Document\Member\UseMembers
 * @phpstan-import-type CriterionDocument from \Document\Member\CriterionMembers
 * @phpstan-import-type MenuDocument from \Document\Member\MenuMembers
 */
final readonly class UseReader
{
    private Refusals $refusals;

    /** @var Members<TechniqueUse> */
    private Members $degree;

    /** @var Members<Criterion> */
    private Members $criterion;

    public function __construct(
        private Standard $standard,
        private bool $bearsUnknownTechniques = false,
        ?Refusals $refusals = null,
    ) {
        $this->refusals = $refusals ?? Refusals::thrown();
        $this->degree = UseMembers::degree();
        $this->criterion = CriterionMembers::all();
    }

    /**
     * @param  list<UseDocument>  $documents
     * @param  bool  $ofWhole whether they are asked of the figure as one
     * @return list<TechniqueUse>
     */
    public function uses(array $documents, string $at, bool $ofWhole = false): array
    {
        $seen = [];
        $uses = [];
        foreach ($documents as $i => $document) {
            $use = $this->use($document, "{$at}/{$i}", $ofWhole);
            if (isset($seen[$use->id])) {
                $this->refusals->refuse(Duplicate::use($use->id, "{$at}/{$i}".self::idMember($document)));
            }
            $seen[$use->id] = true;
            $uses[] = $use;
        }
        $this->requireTurns($uses, $at);

        return $uses;
    }

    /** @param  list<TechniqueUse>  $uses */
    private function requireTurns(array $uses, string $at): void
    {
        foreach ($uses as $i => $use) {
            $others = array_values(array_diff(array_column($uses, 'id'), [$use->id]));
            if ($use->leeway->inTurnWith !== '' && ! in_array($use->leeway->inTurnWith, $others, true)) {
                $this->refusals->refuse(UnknownReference::use($use->leeway->inTurnWith, $others, "{$at}/{$i}/in_turn_with"));
            }
        }
    }

    /** @param  UseDocument  $document */
    public function use(array $document, string $at, bool $ofWhole = false): TechniqueUse
    {
        $techniques = $document['any_of'] ?? [$document['technique'] ?? ''];
        $this->requireTechniques($techniques, isset($document['any_of']), $at);
        $id = self::nameOf($document);
        if (isset($document['each']) && ! isset($document['feature'])) {
            $this->refusals->refuse(EachWithoutFeature::ofUse($id, "{$at}/each"));
            unset($document['each']);
        }

        foreach (['coats_to' => $document['coats'] ?? 1, 'steps_to' => $document['steps'] ?? 1] as $member => $least) {
            if (isset($document[$member]) && $document[$member] < $least) {
                $this->refusals->refuse(OutOfRange::below($member, $least, $document[$member], "{$at}/{$member}"));
                unset($document[$member]);
            }
        }
        $overAll = $ofWhole ? $this->overAll($document, $techniques[0], $at) : null;

        return $this->degree->read(array_diff_key($document, array_flip(UseMembers::OF_WHOLE)), ['id' => $id, 'techniques' => $techniques, 'overAll' => $overAll]);
    }

    /** @param  UseDocument  $document */
    private function overAll(array $document, string $technique, string $at): OverAll
    {
        $except = $document['except'] ?? [];
        (new UniqueIds($this->refusals))->require($except, "{$at}/except");
        foreach ($except as $i => $surface) {
            if (! $this->standard->hasSurface($surface)) {
                $this->refusals->refuse(UnknownReference::surface($surface, $this->standard->surfaceIds(), "{$at}/except/{$i}"));
            }
        }
        $stage = isset($document['stage']) ? TechniqueGroup::from($document['stage']) : null;

        return new OverAll($stage ?? ($this->standard->hasTechnique($technique) ? $this->standard->technique($technique)->group : null), $except);
    }

    /**
     * What a use is called: its id, else the technique that it is named after.
     *
     * @param  array{id?: string, technique?: string, any_of?: list<string>, ...}  $document
     */
    public static function nameOf(array $document): string
    {
        return $document['id'] ?? $document['technique'] ?? $document['any_of'][0] ?? '';
    }

    /**
     * Where the name of a use stands: at its id, else at the technique it is named after.
     *
     * @param  UseDocument  $document
     */
    public static function idMember(array $document): string
    {
        return isset($document['id']) ? '/id' : '/technique';
    }

    /**
     * @param  list<CriterionDocument>  $documents
     * @param  list<TechniqueUse>  $uses those they may name
     * @return list<Criterion>
     */
    public function criteria(array $documents, array $uses, string $at): array
    {
        (new UniqueIds($this->refusals))->require(array_column($documents, 'id'), $at, '/id');
        $known = array_column($uses, 'id');
        $criteria = [];
        foreach ($documents as $i => $document) {
            $this->requireUses($document['uses'] ?? [], $known, "{$at}/{$i}/uses");
            $criteria[] = $this->criterion->read($document);
        }

        return $criteria;
    }

    /**
     * @param  list<MenuDocument>  $documents
     * @param  list<TechniqueUse>  $uses those they may name
     * @return list<Menu>
     */
    public function menus(array $documents, array $uses, string $at): array
    {
        (new UniqueIds($this->refusals))->require(array_column($documents, 'id'), $at, '/id');
        $known = array_column($uses, 'id');
        $menus = [];
        foreach ($documents as $i => $document) {
            $this->requireUses($document['uses'], $known, "{$at}/{$i}/uses");
            $menus[] = MenuMembers::read($document);
        }

        return $menus;
    }

    /**
     * @param  list<string>  $ids
     * @param  list<string>  $known
     */
    private function requireUses(array $ids, array $known, string $at): void
    {
        (new UniqueIds($this->refusals))->require($ids, $at);
        foreach ($ids as $i => $id) {
            if (! in_array($id, $known, true)) {
                $this->refusals->refuse(UnknownReference::use($id, $known, "{$at}/{$i}"));
            }
        }
    }

    /** @param  non-empty-list<string>  $techniques */
    private function requireTechniques(array $techniques, bool $isChoice, string $at): void
    {
        if ($isChoice) {
            (new UniqueIds($this->refusals))->require($techniques, "{$at}/any_of");
        }
        if ($this->bearsUnknownTechniques) {
            return;
        }
        foreach ($techniques as $i => $id) {
            if (! $this->standard->hasTechnique($id)) {
                $this->refusals->refuse(UnknownReference::technique($id, $this->standard->techniqueIds(), $isChoice ? "{$at}/any_of/{$i}" : "{$at}/technique"));
            }
        }
    }
}
