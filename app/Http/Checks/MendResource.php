<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\Resource;
use App\Models\Figure;
use Core\Plan\FigureState;

/**
 * A refused figure for its painter: its faults, and which are mended.
 *
 * @phpstan-import-type CheckFault from CheckResource
 *
 * @phpstan-type Mend array{
 *   figure: array{
 *     id: int,
 *     number: int,
 *     state: value-of<FigureState>,
 *     version: int,
 *     unit: string,
 *     job_id: int,
 *     job: string,
 *   },
 *   tier: string,
 *   refused_by: string|null,
 *   refused_at: string|null,
 *   verdict_sentence: string,
 *   faults: list<CheckFault>,
 *   to_mend: int,
 *   may_mend: bool,
 * }
 */
final readonly class MendResource extends Resource
{
    /**
     * @param  list<CheckFault>  $faults
     * @param  int  $toMend how many of them count and are neither mended nor waived
     */
    public function __construct(
        private Figure $figure,
        private string $tier,
        private ?string $refusedBy,
        private ?string $refusedAt,
        private array $faults,
        private int $toMend,
        private bool $mayMend,
    ) {
    }

    /** @return Mend */
    public function toArray(): array
    {
        return [
            'figure' => [
                'id' => $this->figure->id, 'number' => $this->figure->number, 'state' => $this->figure->state->value, 'version' => $this->figure->version,
                'unit' => $this->figure->unit->name, 'job_id' => $this->figure->unit->job_id, 'job' => $this->figure->unit->job->name,
            ],
            'tier' => $this->tier,
            'refused_by' => $this->refusedBy,
            'refused_at' => $this->refusedAt,
            'verdict_sentence' => match ($this->toMend) {
                0 => 'Everything that counts is mended or waived.',
                1 => 'One fault is to be mended.',
                default => "{$this->toMend} faults are to be mended.",
            },
            'faults' => $this->faults,
            'to_mend' => $this->toMend,
            'may_mend' => $this->mayMend,
        ];
    }
}
