<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $check_action_id
 * @property string $area
 * @property string $criterion
 * @property string $answer
 * @property string|null $side
 * @property string $reason
 */
final class CheckAnswer extends StudioRow
{
    protected $table = 'check_answers';

    public $timestamps = false;
}
