<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What a column of rosters is, as the studio said.
 *
 * @property int $id
 * @property int $studio_id
 * @property string $heading plain, as it is compared
 * @property string $column empty: left out
 */
final class RosterColumn extends StudioRow
{
    protected $table = 'roster_columns';
}
