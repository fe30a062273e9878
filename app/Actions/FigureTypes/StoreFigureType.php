<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Actions\Transaction;
use App\Models\FigureType;
use App\Models\Job;
use App\Refusals\NotRight;
use Core\Composition\FigureType as CoreType;
use Core\CoreException;
use Core\Listing\AreaWeight;
use Illuminate\Support\Str;

/** Stores a new figure type: for the studio, or as a job's own copy. */
final readonly class StoreFigureType
{
    public function __construct(
        private TypeRows $rows,
        private TypeMaps $maps,
    ) {
    }

    /**
     * @param  array<array-key, AreaWeight>  $weights by area, of those that were sized by a word
     * @param  list<TypeMap>  $maps
     *
     * @throws CoreException|NotRight if a map does not fit it
     * @throws FigureTypeExists if the studio has a type of this key or name already
     */
    public function handle(CoreType $type, ?string $key = null, ?Job $job = null, array $weights = [], array $maps = []): FigureType
    {
        $this->maps->require($maps, $type);
        $key ??= Str::slug($type->name) ?: 'type';

        return Transaction::run(function () use ($type, $key, $job, $weights, $maps): FigureType {
            $taken = FigureType::query()->where('job_id', $job?->id)->where(static fn ($query) => $query->where('key', $key)->orWhere('name', $type->name));
            if ($taken->exists()) {
                throw FigureTypeExists::named($type->name);
            }
            $row = FigureType::query()->create(['job_id' => $job?->id, 'key' => $key, 'name' => $type->name, 'size_class' => $type->sizeClass, 'difficulty' => $type->difficulty]);
            $this->rows->write($row, $type, $weights);
            $this->maps->write($row, $maps);

            return $row;
        });
    }

    /**
     * A job's own copy of a type as it is now, with its maps.
     *
     * @throws FigureTypeExists if the job has one of this key or name already
     */
    public function copy(FigureType $type, Job $job, string $key, string $name): FigureType
    {
        return Transaction::run(function () use ($type, $job, $key, $name): FigureType {
            $copy = $this->handle(FigureTypes::core($type)->named($name), $key, $job, FigureTypes::weights($type));
            $this->maps->copy($type, $copy);

            return $copy;
        });
    }
}
