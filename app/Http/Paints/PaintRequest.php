<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use App\Import\PaintEntry;
use Core\Scheme\PaintKind;
use Core\Standard\Opacity;

/** A paint of the studio. */
final class PaintRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120', 'not_regex:/[+]/'],
            'kind' => ['required', OneOf::of(PaintKind::class)],
            'colour' => ['required', 'string', 'max:60'],
            'opacity' => ['required', OneOf::of(Opacity::class)],
            'coats_dark' => ['required', 'integer', 'min:1', 'max:9'],
            'coats_middle' => ['required', 'integer', 'min:1', 'max:9'],
            'coats_light' => ['required', 'integer', 'min:1', 'max:9'],
            'hiding' => ['nullable', 'numeric', 'gt:0', 'max:1'],
            'finish' => ['required', 'string', 'max:20'],
            'ml' => ['required', 'numeric', 'gt:0', 'max:10000'],
            'stock_ml' => ['present', 'nullable', 'numeric', 'min:0', 'max:100000'],
            'note' => ['sometimes', 'nullable', 'string', 'max:200'],
            'version' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give the paint its name.',
            'name.not_regex' => 'A name has no plus sign: that is how mixes are written.',
            'colour.required' => 'Say its colour: a hex like #3e4c57, or L*a*b* like 31, -3, -8.',
            'coats_dark.*' => 'It takes 1 to 9 coats to cover.', 'coats_middle.*' => 'It takes 1 to 9 coats to cover.', 'coats_light.*' => 'It takes 1 to 9 coats to cover.',
            'hiding.*' => 'One coat hides over 0 and at most all of what is under it.',
            'ml.*' => 'A pot holds over 0 ml.', 'stock_ml.*' => 'What is left is a number of millilitres, at least 0; empty where nobody has counted.',
        ];
    }

    public function entry(): PaintEntry
    {
        return new PaintEntry(
            $this->string('name')->trim()->toString(),
            $this->string('kind')->toString(),
            $this->string('colour')->toString(),
            $this->string('opacity')->toString(),
            $this->integer('coats_dark'),
            $this->integer('coats_middle'),
            $this->integer('coats_light'),
            $this->numberOrNull('hiding'),
            $this->string('finish')->toString(),
            $this->float('ml'),
            $this->numberOrNull('stock_ml'),
            $this->string('note')->trim()->toString(),
        );
    }
}
