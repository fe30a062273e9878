<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\ApiRequest;

/** A column of a spreadsheet, pasted. */
final class ColumnRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:100000']];
    }

    /** As it was pasted: a tab at the end is a cell. */
    public function text(): string
    {
        $body = json_decode((string) $this->getContent(), true);

        return is_array($body) && is_string($body['text'] ?? null) ? $body['text'] : '';
    }
}
