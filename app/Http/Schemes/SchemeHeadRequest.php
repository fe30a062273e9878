<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\SchemeHead;
use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;

/** What holds for all areas of a scheme. */
final class SchemeHeadRequest extends ApiRequest
{
    use NamesView;

    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'ground' => ['present', 'nullable', 'string', 'max:120'],
            'sketch' => ['present', 'nullable', 'string', 'max:120'],
            'sketch_cover' => ['required', 'numeric', 'gt:0', 'max:1'],
            'light' => ['present', 'nullable', 'string', 'max:120'],
            'light_own' => ['required', 'numeric', 'gt:0', 'max:99'],
            'light_parts' => ['required', 'numeric', 'gt:0', 'max:99'],
            'light_reach' => ['required', 'integer', 'min:1', 'max:9'],
            'last_light' => ['required', OneOf::words('shared', 'series', 'base')],
            'light_from' => ['present', 'nullable', 'string', 'max:120'],
            'focal' => ['present', 'array', 'max:3'],
            'focal.*' => ['string', 'max:120', 'distinct'],
            'one_colour' => ['required', 'boolean'],
            'accents' => ['present', 'nullable', 'string', 'max:500'],
            'note' => ['present', 'nullable', 'string', 'max:2000'],
            'version' => ['required', 'integer'],
            'type' => ['nullable', 'string', 'max:120'],
            'tier' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give the scheme a name.', 'sketch_cover.*' => 'The second primer lies on over 0 and at most all of the figure, of 1.',
            'focal.max' => 'At most three areas draw the eye; name the strongest.', 'focal.*.distinct' => 'This area is named twice.',
        ];
    }

    public function head(): SchemeHead
    {
        $focal = $this->input('focal');

        return new SchemeHead(
            $this->string('name')->toString(),
            $this->string('ground')->toString(),
            $this->string('sketch')->toString(),
            $this->float('sketch_cover'),
            $this->string('light')->toString(),
            $this->float('light_own'),
            $this->float('light_parts'),
            $this->integer('light_reach'),
            $this->string('last_light')->toString(),
            $this->string('light_from')->toString(),
            array_values(array_filter(is_array($focal) ? $focal : [], is_string(...))),
            $this->boolean('one_colour'),
            $this->string('accents')->toString(),
            $this->string('note')->toString(),
        );
    }
}
