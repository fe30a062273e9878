<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Lint\Finding;
use Core\Lint\FindingText;
use Core\Lint\Lint as Reading;
use Core\Standard\Standard;
use Core\Standard\UnknownReference;
use Document\Shape\Schema;
use Document\Standard\StandardReader;
use Document\Standard\StandardSchema;

/**
 * `lint`: contradictions in a standard, and advice. `in_use` names the surfaces that running jobs have.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 */
final readonly class Lint implements Command
{
    public function name(): string
    {
        return 'lint';
    }

    public function summary(): string
    {
        return 'contradictions and gaps in a standard';
    }

    public function schema(): array
    {
        return Schema::object(
            ['standard' => StandardSchema::document()],
            ['seconds_per_item' => Schema::atLeast(0, (int) Reading::SECONDS_PER_ITEM), 'in_use' => Schema::list(Schema::id())],
        );
    }

    public function run(array $input): array
    {
        /** @var array{standard: StandardDocument, seconds_per_item?: int|float, in_use?: list<string>} $input */
        $standard = StandardReader::ofDraft()->read($input['standard'], '/standard');
        $inUse = $input['in_use'] ?? [];
        foreach ($inUse as $i => $surface) {
            if (! $standard->hasSurface($surface)) {
                throw UnknownReference::surface($surface, $standard->surfaceIds(), "/in_use/{$i}");
            }
        }
        $lint = new Reading((float) ($input['seconds_per_item'] ?? Reading::SECONDS_PER_ITEM), $inUse);

        return [
            'findings' => self::inWords($lint->read($standard), $standard),
            'advice' => self::inWords($lint->advise($standard), $standard),
        ];
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<array<string, mixed>>
     */
    private static function inWords(array $findings, Standard $standard): array
    {
        $text = new FindingText($standard);

        return array_map(static fn (Finding $finding): array => [
            'code' => $finding->code,
            'tier' => $finding->tier,
            'surface' => $finding->surface,
            'use' => $finding->use,
            'message' => $text->sentence($finding),
        ], $findings);
    }
}
