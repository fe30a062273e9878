<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

final class Mending extends StudioRow
{
    protected $table = 'mendings';

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Fault, $this> */
    public function fault(): BelongsTo
    {
        return $this->belongsTo(Fault::class);
    }
}
