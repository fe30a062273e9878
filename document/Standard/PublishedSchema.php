<?php

declare(strict_types=1);

namespace Document\Standard;

use Document\Shape\Schema;

/** The JSON Schema of the open format as it is published in schemas/. */
final readonly class PublishedSchema
{
    public const FILE = 'schemas/ordotype-standard-1.schema.json';

    public static function text(): string
    {
        return json_encode([
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'ordotype-standard/1',
            'description' => 'A studio\'s standard: tiers, what each asks of each surface, and how it is judged. docs/standard-format.md says what the members mean.',
            ...StandardSchema::document(),
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }
}
