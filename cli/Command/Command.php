<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\CoreException;
use Document\Shape\Schema;

/**
 * One headless command: JSON in, JSON out.
 *
 * @phpstan-import-type SchemaArray from Schema
 */
interface Command
{
    public function name(): string;

    /** One line for the list of commands. */
    public function summary(): string;

    /** @return SchemaArray the JSON Schema of the input */
    public function schema(): array;

    /**
     * @param  array<array-key, mixed>  $input of the shape of the schema
     * @return array<string, mixed>
     *
     * @throws CoreException if the input makes no sense
     */
    public function run(array $input): array;
}
