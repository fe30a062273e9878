<?php

declare(strict_types=1);

namespace Document\Standard;

use Core\Standard\Standard;
use Core\Standard\Surface;
use Document\Json\BadDocument;
use Document\Member\RequirementMembers;
use Document\Shape\ShapeCheck;

/**
 * What is asked of one surface, read and found sound.
 *
 * @phpstan-import-type RequirementDocument from \Document\Member\RequirementMembers
 */
final readonly class RequirementText
{
    /**
     * @param  array<array-key, mixed>  $value uses, criteria and note as in a document
     * @return array<string, mixed> the same, without tier and surface
     *
     * @throws BadDocument with every place that is wrong
     */
    public static function read(array $value, string $tier, string $surface, Standard $standard): array
    {
        $document = ['tier' => $tier, 'surface' => $surface, ...$value];
        $faults = (new ShapeCheck(RequirementMembers::schema()))->faults(json_decode(StandardText::of($document)));
        if ($faults !== []) {
            throw BadDocument::withFaults($faults);
        }
        /** @var RequirementDocument $document */
        $standard->surface($surface);
        $reader = new UseReader($standard);
        $reader->criteria($document['criteria'] ?? [], $reader->uses($document['uses'], '/uses', $surface === Surface::WHOLE), '/criteria');

        return array_diff_key($document, ['tier' => 0, 'surface' => 0]);
    }
}
