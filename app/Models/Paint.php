<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property string $name
 * @property string $kind
 * @property string $hex
 * @property string $opacity
 * @property string $finish
 * @property float $ml
 * @property float|null $stock_ml what is left; null: nobody has counted
 * @property string $note
 * @property int $coats_dark
 * @property int $coats_middle
 * @property int $coats_light
 * @property float|null $hiding
 * @property int $version
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 */
final class Paint extends VersionedRow
{
    protected $table = 'paints';
}
