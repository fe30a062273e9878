<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Models\FigureType;
use App\Models\Job;

/** A step of a job for which one says what it is painted with, on figures of one type or of any. */
final readonly class MixedStep
{
    public function __construct(
        public Job $job,
        public ?FigureType $type,
        public string $area,
        public string $use,
        public int $step,
    ) {
    }

    /** @return array{job_id: int, figure_type_id: int|null, area: string, use: string, step: int} */
    public function columns(): array
    {
        return ['job_id' => $this->job->id, 'figure_type_id' => $this->type?->id, 'area' => $this->area, 'use' => $this->use, 'step' => $this->step];
    }

    public function isPaintedOn(ComposedFigure $figure): bool
    {
        if ($this->type !== null && $figure->unit->figure_type_id !== $this->type->id) {
            return false;
        }
        foreach ($figure->composition->usesOn($this->area) as $composed) {
            if ($composed->use->id === $this->use) {
                return $this->step <= $composed->use->steps;
            }
        }

        return false;
    }
}
