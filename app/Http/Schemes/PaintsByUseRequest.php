<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\ApiRequest;

/** A list of paints by use, pasted. */
final class PaintsByUseRequest extends ApiRequest
{
    use NamesView;

    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:400000'], 'type' => ['nullable', 'string', 'max:120'], 'tier' => ['nullable', 'string', 'max:120']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.required' => 'Paste a list; its first line names the columns: figure_type, area, use, step, mix.', 'text.max' => 'This is longer than any list of paints; paste one force at a time.'];
    }
}
