<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** Which figures. */
final class RemoveFiguresRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'figures' => ['required', 'array', 'min:1', 'max:500'],
            'figures.*' => ['bail', 'required', 'integer', 'distinct'],
        ];
    }

    /** @return non-empty-list<int> */
    public function figures(): array
    {
        /** @var non-empty-list<int|string> $ids */
        $ids = $this->validated('figures');

        return array_map(intval(...), $ids);
    }
}
