<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\Resource;

/**
 * A pasted column as cells, and what of it could not be read.
 *
 * @phpstan-import-type UseDocument from \Document\Member\UseMembers
 *
 * @phpstan-type Column array{
 *   cells: list<array{surface: string, uses: list<UseDocument>}>,
 *   problems: list<array{line: int, message: string}>,
 * }
 */
final readonly class ColumnResource extends Resource
{
    /** @param  Column  $column */
    public function __construct(private array $column)
    {
    }

    /** @return Column */
    public function toArray(): array
    {
        return $this->column;
    }
}
