<?php

declare(strict_types=1);

namespace Document\Standard;

use Core\Standard\Duplicate;
use Core\Standard\Technique;
use Core\Standard\UnknownReference;
use Document\Member\TechniqueMembers;

/**
 * From the documents of techniques, their shape checked before, to techniques.
 *
 * @phpstan-import-type TechniqueDocument from \Document\Member\TechniqueMembers
 */
final readonly class TechniqueReader
{
    public function __construct(private Refusals $refusals)
    {
    }

    /**
     * @param  list<TechniqueDocument>  $documents
     * @return list<Technique>
     *
     * @throws Duplicate if an id stands twice
     * @throws UnknownReference if a technique is named that is not there
     */
    public function read(array $documents, string $at): array
    {
        $known = array_column($documents, 'id');
        (new UniqueIds($this->refusals))->require($known, $at, '/id');
        $members = TechniqueMembers::all();
        $techniques = [];
        foreach ($documents as $i => $document) {
            $this->requireKnownAll($document, $known, "{$at}/{$i}");
            $techniques[] = $members->read($document);
        }

        return $techniques;
    }

    /**
     * @param  TechniqueDocument  $document
     * @param  list<string>  $known
     */
    private function requireKnownAll(array $document, array $known, string $at): void
    {
        foreach (['replaces', 'wet_into'] as $member) {
            (new UniqueIds($this->refusals))->require($document[$member] ?? [], "{$at}/{$member}");
            foreach ($document[$member] ?? [] as $j => $id) {
                $this->requireKnown($id, $known, "{$at}/{$member}/{$j}");
            }
        }
        foreach (['comes_after', 'comes_before'] as $member) {
            foreach ($document[$member] ?? [] as $j => $precedence) {
                $this->requireKnown($precedence['technique'], $known, "{$at}/{$member}/{$j}/technique");
            }
        }
    }

    /** @param  list<string>  $known */
    private function requireKnown(string $id, array $known, string $at): void
    {
        if (! in_array($id, $known, true)) {
            $this->refusals->refuse(UnknownReference::technique($id, $known, $at));
        }
    }
}
