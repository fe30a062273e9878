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

    /** False where nothing came of what was asked, and the address has a status of its own for that. */
    protected function cameAbout(): bool
    {
        return true;
    }

    public function toResponse($request): JsonResponse
    {
        $answers = Answers::to($request);
        $response = new JsonResponse($this->toArray(), $this->cameAbout() ? $answers->status : $answers->otherwise ?? $answers->status);
        $response->setEncodingOptions(JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return $response;
    }
}
