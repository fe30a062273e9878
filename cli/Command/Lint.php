<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Document\Schema;
use Cli\Document\StandardSchema;
use Core\Lint\Finding;
use Core\Lint\FindingText;
use Core\Lint\Lint as Reading;
use Core\Standard\StandardReader;

/**
 * `lint`: contradictions in a standard.
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
            ['seconds_per_item' => Schema::atLeast(0, (int) Reading::SECONDS_PER_ITEM)],
        );
    }

    public function run(array $input): array
    {
        /** @var array{standard: StandardDocument, seconds_per_item?: int|float} $input */
        $standard = StandardReader::ofDraft()->read($input['standard'], '/standard');
        $findings = (new Reading((float) ($input['seconds_per_item'] ?? Reading::SECONDS_PER_ITEM)))->read($standard);
        $text = new FindingText($standard);

        return ['findings' => array_map(static fn (Finding $finding): array => [
            'code' => $finding->code->value,
            'tier' => $finding->tier,
            'surface' => $finding->surface,
            'use' => $finding->use,
            'message' => $text->sentence($finding),
        ], $findings)];
    }
}
