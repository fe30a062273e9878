<?php

declare(strict_types=1);

namespace Document\Json;

/** The place of a value in a document, RFC 6901. */
final readonly class JsonPointer
{
    /** @param  list<string|int>  $path */
    public static function of(array $path): string
    {
        return implode('', array_map(
            static fn (string|int $name): string => '/'.strtr((string) $name, ['~' => '~0', '/' => '~1']),
            $path,
        ));
    }
}
