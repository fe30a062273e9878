<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\Resource;
use Core\Scheme\NextStep;
use Core\Scheme\RungRole;

/**
 * The step that a ladder gets next; its paint is for the painter to say.
 *
 * @phpstan-type NextStep_ array{role: value-of<RungRole>, cover: float, coats: int}
 */
final readonly class NextStepResource extends Resource
{
    public function __construct(private NextStep $next)
    {
    }

    /** @return NextStep_ */
    public function toArray(): array
    {
        return ['role' => $this->next->role->value, 'cover' => $this->next->cover, 'coats' => 1];
    }
}
