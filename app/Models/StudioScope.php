<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Scope;

/** Every query sees the rows of the current studio only. */
final class StudioScope implements Scope
{
    /** @param  Builder<Model>  $builder */
    public function apply(Builder $builder, Model $model): void
    {
        $builder->where($model->qualifyColumn('studio_id'), app(CurrentStudio::class)->id());
    }
}
