<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\LandedLine;
use App\Actions\Schemes\ReadList;
use App\Http\Shared\Resource;
use Core\Scheme\RungRole;

/**
 * Where the lines of a list of paints by use land.
 *
 * @phpstan-type LandedLine_ array{
 *   line: int,
 *   figure_type: string,
 *   area: string,
 *   use: string,
 *   name: string,
 *   step: int,
 *   mix: string,
 *   hex: string|null,
 *   at: int|null,
 *   role: value-of<RungRole>|null,
 *   remark: string,
 * }
 * @phpstan-type ReadList_ array{areas: int, lines: list<LandedLine_>}
 */
final readonly class ReadListResource extends Resource
{
    public function __construct(private ReadList $read)
    {
    }

    /** @return ReadList_ */
    public function toArray(): array
    {
        return ['areas' => count($this->read->ladders), 'lines' => array_map(static fn (LandedLine $line): array => [
            'line' => $line->line,
            'figure_type' => $line->figureType,
            'area' => $line->area,
            'use' => $line->use,
            'name' => $line->name,
            'step' => $line->step,
            'mix' => $line->recipe->text(),
            'hex' => $line->recipe->colour()?->hex(),
            'at' => $line->at,
            'role' => $line->role?->value,
            'remark' => $line->remark,
        ], $this->read->lines)];
    }
}
