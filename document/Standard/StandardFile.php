<?php

declare(strict_types=1);

namespace Document\Standard;

use Core\CoreException;
use Document\Json\BadDocument;
use Document\Json\JsonText;
use Document\Json\ShapeFault;
use Document\Shape\ShapeCheck;

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
        $faults = self::faultsOf($json);

        /** @var StandardDocument */
        return $faults === [] ? $json->withArrays() : throw BadDocument::withFaults($faults);
    }

    /**
     * Every place where a document, its shape checked before, makes no sense.
     *
     * @param  StandardDocument  $document
     * @return list<ShapeFault>
     */
    public static function senseFaults(array $document): array
    {
        $refusals = Refusals::kept();
        StandardReader::ofSound($refusals)->read($document);

        return [...array_map(self::fault(...), $refusals->all()), ...self::tooLong($document, '', self::LONGEST_NAME), ...self::nameless($document)];
    }

    /** @return list<ShapeFault> */
    private static function faultsOf(JsonText $json): array
    {
        $faults = (new ShapeCheck(StandardSchema::document()))->faults($json->withObjects());
        /** @var StandardDocument $document */
        $document = $json->withArrays();

        return $faults === [] ? self::senseFaults($document) : $faults;
    }

    /**
     * @param  StandardDocument  $document
     * @return list<ShapeFault>
     */
    private static function nameless(array $document): array
    {
        $names = ['/name' => $document['name'], '/version' => $document['version']];
        foreach (['surfaces', 'techniques', 'tiers'] as $list) {
            foreach ($document[$list] as $i => $entry) {
                $names["/{$list}/{$i}/name"] = $entry['name'];
            }
        }
        $empty = array_keys(array_filter($names, static fn (string $name): bool => trim($name) === ''));

        return array_map(static fn (string $at): ShapeFault => new ShapeFault('out-of-range', $at, 'This name is empty; give it one.'), $empty);
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
            'text', 'note', 'notes', 'caution', 'reason' => 2000,
            'thinning', 'tool' => 300,
            'name' => self::LONGEST_NAME,
            'version' => 60,
            default => $otherwise,
        };
    }
}
