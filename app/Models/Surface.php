<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\GivenMembers;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $standard_version_id
 * @property string $key
 * @property string $name
 * @property int $position
 * @property bool|null $needs_lay_in
 * @property array<string, mixed>|null $optional
 * @property int $revision
 */
final class Surface extends StudioRow
{
    protected $table = 'surfaces';

    public $timestamps = false;

    protected $casts = ['optional' => GivenMembers::class, 'needs_lay_in' => 'boolean'];
}
