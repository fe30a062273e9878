<?php

declare(strict_types=1);

namespace App\Http\Health;

use Illuminate\Http\JsonResponse;

/** Whether this application answers at all, without a look at the database. */
final readonly class ShowAlive
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['alive' => true], 200, ['Cache-Control' => 'no-store']);
    }
}
