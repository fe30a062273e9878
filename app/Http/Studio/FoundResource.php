<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Actions\Studios\FoundKind;
use App\Actions\Studios\FoundThing;
use App\Http\Shared\Resource;

/**
 * What was found by its name, a few of each kind.
 *
 * @phpstan-type Found array{kind: value-of<FoundKind>, id: int, job: int|null, unit: int|null, name: string, detail: string}
 */
final readonly class FoundResource extends Resource
{
    /** @param  list<FoundThing>  $found */
    public function __construct(private array $found)
    {
    }

    /** @return list<Found> */
    public function toArray(): array
    {
        return array_map(static fn (FoundThing $thing): array => [
            'kind' => $thing->kind->value, 'id' => $thing->id, 'job' => $thing->job, 'unit' => $thing->unit, 'name' => $thing->name, 'detail' => $thing->detail,
        ], $this->found);
    }
}
