<?php

declare(strict_types=1);

namespace App\Import;

use Cli\Document\BadDocument;
use Cli\Document\JsonText;
use Cli\Document\ShapeCheck;
use Cli\Document\ShapeFault;
use Cli\Document\StandardSchema;
use Core\CoreException;
use Core\Standard\Refusals;
use Core\Standard\StandardReader;

/**
 * A file of the format `ordotype-standard/1`, read and found sound.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 */
final readonly class StandardFile
{
    /** What the database keeps of a name and of an id. */
    private const LONGEST_NAME = 190;

    private const LONGEST_ID = 120;

    /**
     * @return StandardDocument
     *
     * @throws BadDocument with every place that is wrong
     */
    public static function read(string $text): array
    {
        $json = JsonText::of($text);
        $faults = (new ShapeCheck(StandardSchema::document()))->faults($json->withObjects());
        if ($faults !== []) {
            throw BadDocument::withFaults($faults);
        }
        /** @var StandardDocument $document */
        $document = $json->withArrays();
        $refusals = Refusals::kept();
        StandardReader::ofSound($refusals)->read($document);
        $faults = [...array_map(self::fault(...), $refusals->all()), ...self::tooLong($document, '', self::LONGEST_NAME)];
        if ($faults !== []) {
            throw BadDocument::withFaults($faults);
        }

        return $document;
    }

    private static function fault(CoreException $refusal): ShapeFault
    {
        return new ShapeFault($refusal->code(), $refusal->pointer(), $refusal->getMessage());
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @return list<ShapeFault>
     */
    private static function tooLong(array $value, string $at, int $longest): array
    {
        $faults = [];
        foreach ($value as $member => $inner) {
            $here = "{$at}/{$member}";
            if (is_array($inner)) {
                array_push($faults, ...self::tooLong($inner, $here, self::LONGEST_ID));
            } elseif (is_string($inner) && mb_strlen($inner) > self::longest((string) $member, $longest)) {
                $faults[] = new ShapeFault('out-of-range', $here, sprintf('This text has %d characters; it may have at most %d.', mb_strlen($inner), self::longest((string) $member, $longest)));
            }
        }

        return $faults;
    }

    private static function longest(string $member, int $otherwise): int
    {
        return match ($member) {
            'text' => 2000,
            'name' => self::LONGEST_NAME,
            'version' => 60,
            default => $otherwise,
        };
    }
}
