<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * One change of a job. Changes are only ever added.
 *
 * @phpstan-type Columns array<string, int|string|null>
 * @phpstan-type ChangedRow array{table: string, id: int, before: Columns|null, after: Columns|null}
 *
 * @property int $id
 * @property int $studio_id
 * @property int $job_id
 * @property int $number of its job, by the database
 * @property int $user_id
 * @property non-empty-list<string> $words
 * @property non-empty-list<ChangedRow> $rows
 * @property int|null $takes_back_id the change that this one takes back
 * @property CarbonImmutable $at
 * @property-read User $user
 * @property-read Job $job
 * @property-read JobChange|null $takenBackBy
 */
final class JobChange extends StudioRow
{
    public $timestamps = false;

    protected $table = 'job_changes';

    protected $casts = ['words' => 'array', 'rows' => 'array', 'at' => 'immutable_datetime'];

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

    /** @return HasOne<self, $this> */
    public function takenBackBy(): HasOne
    {
        return $this->hasOne(self::class, 'takes_back_id');
    }
}
