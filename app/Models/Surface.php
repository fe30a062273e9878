<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $standard_version_id
 * @property string $key
 * @property string $name
 * @property int $position
 * @property bool|null $needs_lay_in
 */
final class Surface extends StudioRow
{
    protected $table = 'surfaces';

    public $timestamps = false;

    protected $casts = ['needs_lay_in' => 'boolean'];
}
