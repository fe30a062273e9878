<?php

declare(strict_types=1);

namespace Document\Standard;

/** A document of the format `ordotype-standard/1` as a text of JSON. */
final readonly class StandardText
{
    /** Members that are objects and may be empty, which PHP would write as empty lists. */
    private const OBJECTS = ['features', 'schools', 'presumes', 'list', 'price'];

    /** @param  array<array-key, mixed>  $document or a piece of one */
    public static function of(array $document, int $flags = 0): string
    {
        return json_encode(self::withObjects($document), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | $flags);
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @return array<array-key, mixed>
     */
    public static function withObjects(array $value): array
    {
        foreach ($value as $member => $inner) {
            if (is_array($inner)) {
                $inner = self::withObjects($inner);
                $value[$member] = in_array($member, self::OBJECTS, true) ? (object) $inner : $inner;
            }
        }

        return $value;
    }
}
