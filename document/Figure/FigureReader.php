<?php

declare(strict_types=1);

namespace Document\Figure;

use Core\Composition\Addition;
use Core\Composition\Asked;
use Core\Composition\Choice;
use Core\Composition\Figure;
use Core\Composition\FigureCheck;
use Core\Composition\NoReason;
use Core\Composition\Waiver;
use Core\CoreException;
use Core\Standard\Area;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\TechniqueUse;
use Document\Json\BadDocument;
use Document\Json\ShapeFault;
use Document\Member\AreaMembers;
use Document\Member\UseMembers;
use Document\Standard\UseReader;

/**
 * From the document of a figure, its shape checked before, to the figure, its names checked too.
 *
 * @phpstan-import-type UseDocument from \Document\Member\UseMembers
 * @phpstan-import-type CriterionDocument from \Document\Member\CriterionMembers
 *
 * @phpstan-type AreaDocument array{
 *   id: string,
 *   surface: string,
 *   share: int|float,
 *   tier?: string,
 *   features?: array<array-key, int|float>,
 *   after_shade?: string,
 *   depth?: int|float,
 *   neighbours?: list<string>,
 *   on?: string,
 *   part?: string,
 * }
 * @phpstan-type AdditionDocument array{area: string, use: UseDocument, criteria?: list<CriterionDocument>}
 * @phpstan-type FigureDocument array{
 *   tier: string,
 *   size?: int|float,
 *   areas: list<AreaDocument>,
 *   add?: list<AdditionDocument>,
 *   waive?: list<array{area: string, use: string, reason: string}>,
 *   choose?: list<array{area: string, use: string, technique: string}>,
 * }
 */
final readonly class FigureReader
{
    /** @param  string|null  $raisedTo a tier that the figure is raised to, see {@see FigureCheck} */
    public function __construct(
        private Standard $standard,
        private ?string $raisedTo = null,
    ) {
    }

    /**
     * @param  FigureDocument  $document
     *
     * @throws CoreException if it names something that is not there, or twice
     */
    public function read(array $document, string $at = ''): Figure
    {
        $areas = self::areas($document['areas']);
        $bare = new Figure($document['tier'], (float) ($document['size'] ?? 1), $areas);
        $check = new FigureCheck($this->standard, $this->raisedTo);
        $check->require($bare, $at);
        $figure = new Figure(
            $bare->tier,
            $bare->size,
            $areas,
            $this->additions($document['add'] ?? [], $bare, "{$at}/add"),
            self::waivers($document['waive'] ?? [], "{$at}/waive"),
            array_map(static fn (array $choice): Choice => new Choice($choice['area'], $choice['use'], $choice['technique']), $document['choose'] ?? []),
        );
        $check->require($figure, $at);

        return $figure;
    }

    /**
     * @param  list<AreaDocument>  $documents
     * @return list<Area>
     */
    private static function areas(array $documents): array
    {
        $members = AreaMembers::ofFigureInASchool();

        return array_map(static fn (array $area): Area => $members->read($area), $documents);
    }

    /**
     * @param  list<AdditionDocument>  $documents
     * @return list<Addition>
     */
    private function additions(array $documents, Figure $figure, string $at): array
    {
        $reader = new UseReader($this->standard);
        $additions = [];
        $added = [];
        foreach ($documents as $i => $document) {
            $ofWhole = self::isOfWhole($document, $figure, "{$at}/{$i}/use");
            $use = $reader->use($document['use'], "{$at}/{$i}/use", $ofWhole);
            $added[$document['area']][] = $use;
            $judgeable = [...$this->asked($figure, $document['area']), ...$added[$document['area']]];
            $criteria = $reader->criteria($document['criteria'] ?? [], $judgeable, "{$at}/{$i}/criteria");
            $additions[] = new Addition($document['area'], $use, $criteria);
        }

        return $additions;
    }

    /**
     * @param  AdditionDocument  $document
     *
     * @throws BadDocument if it is not, and speaks of the figure as one
     */
    private static function isOfWhole(array $document, Figure $figure, string $at): bool
    {
        $surface = $figure->area($document['area'])?->surface;
        $speaks = array_values(array_intersect(UseMembers::OF_WHOLE, array_keys($document['use'])));
        if ($speaks !== [] && $surface !== null && $surface !== Surface::WHOLE) {
            throw BadDocument::withFaults([new ShapeFault('unknown-member', "{$at}/{$speaks[0]}", 'Only a use of the figure as one has this; leave it out on other surfaces.')]);
        }

        return $surface === Surface::WHOLE;
    }

    /** @return list<TechniqueUse> */
    private function asked(Figure $figure, string $area): array
    {
        $known = $figure->area($area);

        return $known === null ? [] : (new Asked($this->standard, $figure))->requirement($known)->uses ?? [];
    }

    /**
     * @param  list<array{area: string, use: string, reason: string}>  $documents
     * @return list<Waiver>
     */
    private static function waivers(array $documents, string $at): array
    {
        $waivers = [];
        foreach ($documents as $i => $document) {
            if (trim($document['reason']) === '') {
                throw NoReason::forWaiver($document['use'], $document['area'], "{$at}/{$i}/reason");
            }
            $waivers[] = new Waiver($document['area'], $document['use'], $document['reason']);
        }

        return $waivers;
    }
}
