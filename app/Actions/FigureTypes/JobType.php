<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Models\FigureType;
use Core\Listing\TypeChange;

/** A job's copy of a figure type beside that of the studio. */
final readonly class JobType
{
    /**
     * @param  FigureType|null  $studio null: the studio has no such type
     * @param  list<TypeChange>  $changes what the studio's is otherwise
     * @param  int  $figures of the job that are of this type
     * @param  int  $signed of those
     */
    public function __construct(
        public FigureType $copy,
        public ?FigureType $studio,
        public array $changes,
        public int $figures,
        public int $signed,
    ) {
    }
}
