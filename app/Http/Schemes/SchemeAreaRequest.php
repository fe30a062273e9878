<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\AreaDraft;
use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use Core\Scheme\RungRole;
use Core\Scheme\Turn;

/** The colours of an area, whole. */
final class SchemeAreaRequest extends ApiRequest
{
    use NamesView;

    public function rules(): array
    {
        return [
            'area' => ['required', 'string', 'max:120'],
            'figure_type' => ['nullable', 'string', 'max:120'],
            'rungs' => ['present', 'array', 'max:20'],
            'rungs.*.role' => ['required', OneOf::of(RungRole::class)],
            'rungs.*.mix' => ['required', 'string', 'max:500'],
            'rungs.*.cover' => ['required', 'numeric', 'gt:0', 'max:1'],
            'rungs.*.coats' => ['required', 'integer', 'min:1', 'max:9'],
            'uses' => ['present', 'array', 'max:60'],
            'uses.*.use' => ['required', 'string', 'max:120'],
            'uses.*.step' => ['required', 'integer', 'min:1', 'max:99'],
            'uses.*.mix' => ['required', 'string', 'max:500'],
            'takes_shared_light' => ['required', 'boolean'],
            'turn' => ['required', OneOf::of(Turn::class)],
            'quiet' => ['required', 'boolean'],
            'note' => ['present', 'nullable', 'string', 'max:500'],
            'same_as' => ['nullable', 'string', 'max:120'],
            'surface' => ['nullable', 'string', 'max:120'],
            'version' => ['nullable', 'integer'],
            'type' => ['nullable', 'string', 'max:120'],
            'tier' => ['nullable', 'string', 'max:120'],
            'figures' => ['nullable', 'integer', 'min:1', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'area.required' => 'Say which area it is.',
            'rungs.max' => 'A ladder of more than twenty steps is none.',
            'rungs.*.mix.required' => 'Say what this step is painted with: one paint, or a mix like "Gull White 1 + Weir Blue 3".',
            'rungs.*.cover.*' => 'A step covers over 0 and at most all of its area.',
            'rungs.*.coats.*' => 'A step has 1 to 9 coats.',
            'uses.*.mix.required' => 'Say what this use is painted with, or take it away.',
        ];
    }

    public function draft(): AreaDraft
    {
        return new AreaDraft(
            $this->string('area')->toString(),
            $this->string('figure_type')->toString(),
            array_map(static fn (array $rung): array => [
                'role' => self::text($rung, 'role'), 'mix' => self::text($rung, 'mix'), 'cover' => self::number($rung, 'cover'), 'coats' => (int) self::number($rung, 'coats'),
            ], $this->entries('rungs')),
            array_map(static fn (array $use): array => ['use' => self::text($use, 'use'), 'step' => (int) self::number($use, 'step'), 'mix' => self::text($use, 'mix')], $this->entries('uses')),
            $this->boolean('takes_shared_light'),
            $this->string('turn')->toString(),
            $this->boolean('quiet'),
            $this->string('note')->toString(),
            $this->string('same_as')->toString(),
            $this->string('surface')->toString(),
        );
    }

    /** That mixes are reckoned for. */
    public function figures(): int
    {
        return $this->input('figures') === null ? 1 : $this->integer('figures');
    }

    /** @return list<array<array-key, mixed>> */
    private function entries(string $name): array
    {
        $entries = $this->input($name);

        return array_values(array_filter(is_array($entries) ? $entries : [], is_array(...)));
    }

    /** @param  array<array-key, mixed>  $entry */
    private static function text(array $entry, string $member): string
    {
        return is_string($entry[$member] ?? null) ? $entry[$member] : '';
    }

    /** @param  array<array-key, mixed>  $entry */
    private static function number(array $entry, string $member): float
    {
        return is_numeric($entry[$member] ?? null) ? (float) $entry[$member] : 0.0;
    }
}
