<?php

declare(strict_types=1);

namespace App\Cluster;

use Illuminate\Database\Query\Builder;
use LogicException;

/**
 * Takes its turn with each row that it locks: a number of the row is raised, so that two changes that both wait
 * for it on different nodes are found to cross. It locks first, so rows are taken in the order that they have.
 */
final class TurnQuery extends Builder
{
    /** Rows that are changed one after the other, and as long as what they can be changed at all. */
    private const TABLES = [
        'studios' => null, 'users' => null, 'invitations' => null,
        'standard_versions' => null, 'forces' => null, 'schemes' => null, 'scheme_areas' => null, 'paints' => null, 'standard_proposals' => null,
        'jobs' => null, 'units' => null, 'figures' => "state <> 'signed'", 'figure_types' => null, 'groupings' => null, 'job_mixes' => null, 'quotes' => 'agreed_at IS NULL',
        'checks' => "state <> 'signed'", 'faults' => null, 'mishaps' => null, 'chain_verifications' => null,
        'worked_times' => null, 'bench_clocks' => null, 'bench_hours' => null,
    ];

    /** Never written again, so nothing that is written can tell who came first; what refers to one is unique ({@see \App\Actions\Raises\BookRaise}). */
    private const SEALED = ['sign_offs'];

    /** Whether rows of a table can be locked on several nodes. */
    public static function knows(string $table): bool
    {
        return array_key_exists($table, self::TABLES) || in_array($table, self::SEALED, true);
    }

    /** @return array<int, object> */
    protected function runSelect(): array
    {
        /** @var array<int, object> $rows */
        $rows = parent::runSelect();
        if ($this->lock === true && $rows !== []) {
            $this->takeTurn(is_string($this->from) ? $this->from : '', $rows);
        }

        return $rows;
    }

    /** @param  non-empty-array<int, object>  $rows */
    private function takeTurn(string $table, array $rows): void
    {
        if (in_array($table, self::SEALED, true)) {
            return;
        }
        $ids = array_column($rows, 'id');
        if (! self::knows($table) || count($ids) !== count($rows)) {
            throw new LogicException("Rows of \"{$table}\" are locked but have no turn to take, or were read without their ids; add the table to TurnQuery::TABLES and its column in a migration.");
        }
        $open = self::TABLES[$table];
        $this->connection->table($table)->whereIn('id', $ids)->when($open !== null, static fn (Builder $rows): Builder => $rows->whereRaw((string) $open))->increment('turns_taken');
    }
}
