<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A change of the standard that somebody at the bench or in a check asks for.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $standard_version_id
 * @property int|null $job_id
 * @property int $user_id
 * @property string $tier
 * @property string $surface
 * @property string|null $use
 * @property string $text
 * @property ProposalState $state
 * @property string $answer
 * @property int|null $answered_by
 * @property int $version
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read User $user
 * @property-read Job|null $job
 * @property-read User|null $answerer
 */
final class Proposal extends VersionedRow
{
    protected $table = 'standard_proposals';

    protected $casts = ['state' => ProposalState::class];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<User, $this> */
    public function answerer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'answered_by');
    }
}
