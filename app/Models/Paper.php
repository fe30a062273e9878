<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A paper that somebody asked for, and how far it is.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $user_id who asked first
 * @property PaperKind $kind
 * @property array<string, string|int|null> $subject what it is of
 * @property string $same equal for papers of the same
 * @property PaperState $state
 * @property int $drawn pictures
 * @property int $of
 * @property string|null $file path among what was made; null: not made yet
 * @property string|null $said why it could not be made
 * @property CarbonImmutable $asked_at
 * @property CarbonImmutable|null $made_at
 */
final class Paper extends StudioRow
{
    public $timestamps = false;

    protected $casts = [
        'kind' => PaperKind::class, 'state' => PaperState::class, 'subject' => 'array',
        'asked_at' => 'immutable_datetime', 'made_at' => 'immutable_datetime',
    ];
}
