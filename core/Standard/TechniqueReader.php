<?php

declare(strict_types=1);

namespace Core\Standard;

/**
 * From the documents of techniques, their shape checked before, to techniques.
 *
 * @phpstan-type PrecedenceDocument array{technique: string, why: string, needed?: bool}
 * @phpstan-type TechniqueDocument array{id: string, name: string, group: string, opacity: string, lies_on?: string, dry?: int|float, messy?: bool, replaces?: list<string>, texture?: string, sheen?: string, thinning?: string, tool?: string, caution?: string, note?: string, prone_to?: list<string>, comes_after?: list<PrecedenceDocument>, comes_before?: list<PrecedenceDocument>}
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
     * @throws OrderCycle if techniques must come before each other
     */
    public function read(array $documents, string $at): array
    {
        $known = array_column($documents, 'id');
        (new UniqueIds($this->refusals))->require($known, $at, '/id');
        $techniques = [];
        foreach ($documents as $i => $document) {
            $replaces = $document['replaces'] ?? [];
            (new UniqueIds($this->refusals))->require($replaces, "{$at}/{$i}/replaces");
            foreach ($replaces as $j => $id) {
                $this->requireKnown($id, $known, "{$at}/{$i}/replaces/{$j}");
            }
            $techniques[] = $this->technique($document, $known, "{$at}/{$i}");
        }
        $this->requireNoCycle($techniques, $at);

        return $techniques;
    }

    /**
     * @param  TechniqueDocument  $document
     * @param  list<string>  $known
     */
    private function technique(array $document, array $known, string $at): Technique
    {
        return new Technique(
            $document['id'],
            $document['name'],
            TechniqueGroup::from($document['group']),
            Opacity::from($document['opacity']),
            LiesOn::from($document['lies_on'] ?? LiesOn::All->value),
            (float) ($document['dry'] ?? 0),
            $document['messy'] ?? false,
            $document['replaces'] ?? [],
            isset($document['texture']) ? Texture::from($document['texture']) : null,
            isset($document['sheen']) ? Sheen::from($document['sheen']) : null,
            $this->precedences($document['comes_after'] ?? [], $known, "{$at}/comes_after"),
            $this->precedences($document['comes_before'] ?? [], $known, "{$at}/comes_before"),
            new Handling($document['thinning'] ?? '', $document['tool'] ?? '', $document['caution'] ?? '', $document['note'] ?? '', $document['prone_to'] ?? []),
        );
    }

    /**
     * @param  list<PrecedenceDocument>  $documents
     * @param  list<string>  $known
     * @return list<Precedence>
     */
    private function precedences(array $documents, array $known, string $at): array
    {
        $precedences = [];
        foreach ($documents as $i => $document) {
            $this->requireKnown($document['technique'], $known, "{$at}/{$i}/technique");
            $precedences[] = new Precedence($document['technique'], OrderReason::from($document['why']), $document['needed'] ?? false);
        }

        return $precedences;
    }

    /** @param  list<string>  $known */
    private function requireKnown(string $id, array $known, string $at): void
    {
        if (! in_array($id, $known, true)) {
            $this->refusals->refuse(UnknownReference::technique($id, $known, $at));
        }
    }

    /** @param  list<Technique>  $techniques */
    private function requireNoCycle(array $techniques, string $at): void
    {
        $ring = TechniqueOrder::of($techniques)->ring();
        if ($ring !== null) {
            $index = array_search($ring[0], array_column($techniques, 'id'), true);
            $member = $techniques[(int) $index]->after !== [] ? 'comes_after' : 'comes_before';
            $this->refusals->refuse(OrderCycle::among($ring, "{$at}/{$index}/{$member}"));
        }
    }
}
