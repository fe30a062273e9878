<?php

declare(strict_types=1);

namespace Document\Shape;

use Document\Json\JsonText;
use Document\Json\ShapeFault;

/**
 * Looks at a document with a long list: only entries that are not certainly sound are held against the
 * schema, and only so many that the answer does not take longer than the work.
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class LongList
{
    private const MOST_ASKED = 500;

    /** @param  SchemaArray  $schema */
    public function __construct(
        private array $schema,
        private string $member,
    ) {
    }

    /**
     * @param  callable(mixed): bool  $isSound
     * @return list<ShapeFault>
     */
    public function faults(JsonText $document, callable $isSound): array
    {
        $list = $document->withArrays()[$this->member] ?? null;
        if (! is_array($list) || ! array_is_list($list) || ! $document->tellsListsFromObjects()) {
            return (new ShapeCheck($this->schema))->faults($document->withObjects());
        }
        $asked = [];
        foreach ($list as $at => $entry) {
            if (! $isSound($entry) && count($asked) < self::MOST_ASKED) {
                $asked[] = $at;
            }
        }
        $faults = $asked === [] && count($document->withArrays()) === 1 ? [] : $this->asked($document->withObjects(), $asked);
        $most = $this->most();

        return $faults === [] && $most !== null && count($list) > $most
            ? [new ShapeFault('out-of-range', "/{$this->member}", "There are too many entries; there may be at most {$most}.")]
            : $faults;
    }

    /**
     * @param  list<int>  $asked
     * @return list<ShapeFault>
     */
    private function asked(mixed $document, array $asked): array
    {
        $whole = is_object($document) ? $document->{$this->member} ?? null : null;
        if (is_object($document) && is_array($whole)) {
            $document->{$this->member} = array_map(static fn (int $at): mixed => $whole[$at], $asked);
        }

        return array_map(
            fn (ShapeFault $fault): ShapeFault => new ShapeFault($fault->code, $this->inWhole($fault->pointer, $asked), $fault->message),
            (new ShapeCheck($this->schema))->faults($document),
        );
    }

    /** @param  list<int>  $asked where the entries that were asked stand in the whole list */
    private function inWhole(string $pointer, array $asked): string
    {
        return preg_match("#^/{$this->member}/(\d+)(.*)$#s", $pointer, $match) === 1
            ? "/{$this->member}/{$asked[(int) $match[1]]}{$match[2]}"
            : $pointer;
    }

    private function most(): ?int
    {
        $members = $this->schema['properties'] ?? [];
        $list = is_array($members) ? $members[$this->member] ?? [] : [];
        $most = is_array($list) ? $list['maxItems'] ?? null : null;

        return is_int($most) ? $most : null;
    }
}
