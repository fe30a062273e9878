<?php

declare(strict_types=1);

namespace App\Http\Repairs;

use App\Actions\Repairs\ToldMishap;
use App\Http\Shared\AnybodyRequest;
use App\Http\Shared\OneOf;
use Core\Rework\MishapKind;

/** Something went wrong on a figure at the bench. */
final class MishapRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'area' => ['required', 'string', 'max:120'],
            'kind' => ['required', 'string', OneOf::of(MishapKind::class)],
            // The layer at fault; empty: foreign paint on top; null: as is usual of the kind.
            'layer' => ['present', 'nullable', 'string', 'max:250'],
            'share' => ['required', 'numeric', 'gt:0', 'max:1'],
            'note' => ['nullable', 'string', 'max:500'],
            'lifted' => ['required', 'boolean'],
            'key' => self::REQUEST_KEY,
        ];
    }

    public function told(): ToldMishap
    {
        return new ToldMishap(
            $this->string('area')->toString(),
            MishapKind::from($this->string('kind')->toString()),
            $this->input('layer') === null ? null : $this->string('layer')->toString(),
            $this->float('share'),
            $this->string('note')->toString(),
            $this->boolean('lifted'),
            $this->requestKey(),
        );
    }
}
