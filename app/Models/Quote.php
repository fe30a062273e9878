<?php

declare(strict_types=1);

namespace App\Models;

use App\Actions\Quotes\QuoteContent;
use App\Casts\OfferedContentJson;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a client was offered for a job. The database refuses to change it, and any change once it was agreed.
 *
 * @phpstan-import-type OfferedContent from QuoteContent
 *
 * @property int $id
 * @property int $studio_id
 * @property int $job_id
 * @property int $number
 * @property OfferedContent $content
 * @property int $total
 * @property CarbonImmutable $valid_until
 * @property string $token_hash
 * @property int $made_by
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable|null $withdrawn_at
 * @property string|null $agreed_by
 * @property CarbonImmutable|null $agreed_at
 * @property-read Job $job
 */
final class Quote extends StudioRow
{
    protected $table = 'quotes';

    public $timestamps = false;

    protected $casts = ['content' => OfferedContentJson::class, 'valid_until' => 'immutable_date', 'made_at' => 'immutable_datetime', 'withdrawn_at' => 'immutable_datetime', 'agreed_at' => 'immutable_datetime'];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    public function state(): QuoteState
    {
        return match (true) {
            $this->agreed_at !== null => QuoteState::Agreed,
            $this->withdrawn_at !== null => QuoteState::Withdrawn,
            CarbonImmutable::now()->startOfDay()->greaterThan($this->valid_until) => QuoteState::Expired,
            default => QuoteState::Open,
        };
    }
}
