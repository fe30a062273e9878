<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A row that several people change: a write names the version it read.
 *
 * @property int $id
 * @property int $version
 */
abstract class VersionedRow extends StudioRow
{
}
