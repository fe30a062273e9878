<?php

declare(strict_types=1);

namespace App\Actions\History;

use App\Models\JobChange;

/**
 * One row of a job that came, went or is otherwise than it was. Of a row that is otherwise only the columns that differ.
 *
 * @phpstan-import-type Columns from JobChange
 * @phpstan-import-type ChangedRow from JobChange
 */
final readonly class RowChange
{
    /**
     * @param  Columns|null  $before null: it was not there
     * @param  Columns|null  $after null: it is there no more
     */
    public function __construct(
        public string $table,
        public int $id,
        public ?array $before,
        public ?array $after,
    ) {
    }

    /** @param  ChangedRow  $row */
    public static function read(array $row): self
    {
        return new self($row['table'], $row['id'], $row['before'], $row['after']);
    }

    /** @return ChangedRow */
    public function toArray(): array
    {
        return ['table' => $this->table, 'id' => $this->id, 'before' => $this->before, 'after' => $this->after];
    }

    public function isOtherwise(): bool
    {
        return $this->before !== null && $this->after !== null;
    }

    public function differs(string $column): bool
    {
        return $this->isOtherwise() && array_key_exists($column, $this->after ?? []);
    }
}
