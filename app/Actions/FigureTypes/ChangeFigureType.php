<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\FigureType;
use App\Refusals\NotRight;
use Core\Composition\FigureType as CoreType;
use Core\CoreException;
use Core\Listing\AreaWeight;

/** Changes a figure type of the studio, or retires it. Jobs keep their copies until they take the new one. */
final readonly class ChangeFigureType
{
    public function __construct(
        private TypeRows $rows,
        private TypeMaps $maps,
        private FigurePictures $pictures,
    ) {
    }

    /**
     * @param  array<array-key, AreaWeight>  $weights by area, of those that were sized by a word
     * @param  list<TypeMap>|null  $maps null: they stay as they are
     *
     * @throws CoreException|NotRight if a map does not fit it
     * @throws FigureTypeExists if another type has its new name
     */
    public function handle(FigureType $row, CoreType $type, array $weights, int $versionRead, ?array $maps = null): FigureType
    {
        $this->maps->require($maps ?? [], $type);

        return Transaction::run(function () use ($row, $type, $weights, $versionRead, $maps): FigureType {
            $locked = Versioned::lock($row, $versionRead, "the figure type {$row->name}");
            if (FigureType::query()->whereNull('job_id')->whereKeyNot($locked->id)->where('name', $type->name)->exists()) {
                throw FigureTypeExists::named($type->name);
            }
            $locked->name = $type->name;
            $locked->size_class = $type->sizeClass;
            $locked->difficulty = $type->difficulty;
            $locked->save();
            $this->rows->write($locked, $type, $weights);
            if ($maps !== null) {
                $before = $this->pictures->of($locked);
                $this->maps->write($locked, $maps);
                $this->pictures->sweep($before);
            }

            return $locked;
        });
    }

    /** New rosters no longer find a retired one; jobs that have it keep it. */
    public function retire(FigureType $row, bool $retired, int $versionRead): FigureType
    {
        return Transaction::run(static function () use ($row, $retired, $versionRead): FigureType {
            $locked = Versioned::lock($row, $versionRead, "the figure type {$row->name}");
            $locked->retired = $retired;
            $locked->save();

            return $locked;
        });
    }
}
