<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use Core\Composition\Agreement;

/**
 * What was agreed of a figure or a unit, by whom and why.
 *
 * @phpstan-type AgreedHere array{id: int, reason: string, agreed_with: string, by: string, whole_unit: bool, price: int|null}
 */
final readonly class AgreedShape
{
    /** @return AgreedHere */
    public static function of(string $reason, Agreement $agreement): array
    {
        return ['id' => $agreement->id, 'reason' => $reason, 'agreed_with' => $agreement->agreedWith, 'by' => $agreement->by, 'whole_unit' => $agreement->figure === null, 'price' => $agreement->price];
    }
}
