<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\TextList;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

final class Tier extends StudioRow
{
    protected $table = 'tiers';

    public $timestamps = false;

    protected $casts = ['sides' => TextList::class, 'by_agreement' => 'boolean', 'retired' => 'boolean'];

    /** @return BelongsTo<StandardVersion, $this> */
    public function standardVersion(): BelongsTo
    {
        return $this->belongsTo(StandardVersion::class);
    }
}
