<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\Resource;
use App\Models\Figure;
use App\Models\FigureState;
use Core\Check\FaultKind;

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
    /** @param  list<CheckFault>  $faults */
    public function __construct(
        private Figure $figure,
        private string $tier,
        private ?string $refusedBy,
        private ?string $refusedAt,
        private array $faults,
        private bool $mayMend,
    ) {
    }

    /** @return Mend */
    public function toArray(): array
    {
        $toMend = count(array_filter($this->faults, static fn (array $fault): bool => ($fault['severity'] !== 'none' || $fault['kind'] === FaultKind::SentBack->value) && $fault['mended'] === null));

        return [
            'figure' => [
                'id' => $this->figure->id, 'number' => $this->figure->number, 'state' => $this->figure->state->value, 'version' => $this->figure->version,
                'unit' => $this->figure->unit->name, 'job_id' => $this->figure->unit->job_id, 'job' => $this->figure->unit->job->name,
            ],
            'tier' => $this->tier,
            'refused_by' => $this->refusedBy,
            'refused_at' => $this->refusedAt,
            'verdict_sentence' => $toMend === 0 ? 'Everything that counts is mended or waived.' : ($toMend === 1 ? 'One fault is to be mended.' : "{$toMend} faults are to be mended."),
            'faults' => $this->faults,
            'to_mend' => $toMend,
            'may_mend' => $this->mayMend,
        ];
    }
}
