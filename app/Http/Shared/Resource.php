<?php

declare(strict_types=1);

namespace App\Http\Shared;

use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\JsonResponse;

/**
 * What the API answers with. The array shape in the docblock of `toArray` is checked by PHPStan against
 * the code and is what the OpenAPI document is made from.
 */
abstract readonly class Resource implements Responsable
{
    /** @return array<array-key, mixed> */
    abstract public function toArray(): array;

    protected function status(): int
    {
        return 200;
    }

    public function toResponse($request): JsonResponse
    {
        $response = new JsonResponse($this->toArray(), $this->status());
        $response->setEncodingOptions(JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return $response;
    }
}
