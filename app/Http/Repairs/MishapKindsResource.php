<?php

declare(strict_types=1);

namespace App\Http\Repairs;

use App\Http\Shared\Resource;
use Core\Rework\MishapKind;

/**
 * What may go wrong at the bench.
 *
 * @phpstan-type MishapKind_ array{kind: value-of<MishapKind>, name: string, looks: string}
 */
final readonly class MishapKindsResource extends Resource
{
    /** @return list<MishapKind_> */
    public function toArray(): array
    {
        return array_map(static fn (MishapKind $kind): array => ['kind' => $kind->value, 'name' => $kind->inWords(), 'looks' => $kind->looks()], MishapKind::cases());
    }
}
