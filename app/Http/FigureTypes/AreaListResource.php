<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Http\Shared\Resource;
use App\Import\AreaLine;

/**
 * What a list of areas says, and what is wrong with it.
 *
 * @phpstan-import-type ReadArea from AreaLine
 * @phpstan-import-type ReadProblem from AreaLine
 * @phpstan-type AreaList_ array{areas: list<ReadArea>, problems: list<ReadProblem>}
 */
final readonly class AreaListResource extends Resource
{
    /** @param  AreaList_  $read */
    public function __construct(private array $read)
    {
    }

    /** @return AreaList_ */
    public function toArray(): array
    {
        return $this->read;
    }
}
