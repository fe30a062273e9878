<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Models\FigureType;
use App\Models\Job;

/** A step of a job for which one says what it is painted with, on figures of one type or of any that are painted in one scheme. */
final readonly class MixedStep
{
    /** @param  int|null  $scheme null: the common one of the job's force */
    public function __construct(
        public Job $job,
        public ?FigureType $type,
        public ?int $scheme,
        public string $area,
        public string $use,
        public int $step,
    ) {
    }

    /** @return array{job_id: int, figure_type_id: int|null, scheme_id: int|null, area: string, use: string, step: int} */
    public function columns(): array
    {
        return ['job_id' => $this->job->id, 'figure_type_id' => $this->type?->id, 'scheme_id' => $this->scheme, 'area' => $this->area, 'use' => $this->use, 'step' => $this->step];
    }

    public function isPaintedOn(ComposedFigure $figure): bool
    {
        if (($this->type !== null && $figure->typeId() !== $this->type->id) || $figure->schemeId() !== $this->scheme) {
            return false;
        }
        foreach ($figure->layers()->usesOn($this->area) as $composed) {
            if ($composed->use->id === $this->use) {
                return $this->step <= $composed->use->steps;
            }
        }

        return false;
    }
}
