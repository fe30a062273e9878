<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** A row that belongs to a studio: found only within it, and written with it. */
abstract class StudioRow extends Model
{
    protected $guarded = [];

    protected static function booted(): void
    {
        static::addGlobalScope(new StudioScope);
        static::creating(static function (self $row): void {
            $row->setAttribute('studio_id', app(CurrentStudio::class)->id());
        });
    }
}
