<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use Core\Scheme\RungRole;

/** The steps of a ladder so far; their paints may still be missing. */
final class NextStepRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'rungs' => ['present', 'array', 'max:20'],
            'rungs.*.role' => ['required', OneOf::of(RungRole::class)],
            'rungs.*.cover' => ['required', 'numeric', 'gt:0', 'max:1'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'rungs.max' => 'A ladder of more than twenty steps is none.',
            'rungs.*.cover.*' => 'A step covers over 0 and at most all of its area.',
        ];
    }

    /** @return list<array{role: RungRole, cover: float}> */
    public function steps(): array
    {
        /** @var list<array{role: value-of<RungRole>, cover: int|float|numeric-string}> $rungs */
        $rungs = array_values($this->array('rungs'));

        return array_map(static fn (array $rung): array => ['role' => RungRole::from($rung['role']), 'cover' => (float) $rung['cover']], $rungs);
    }
}
