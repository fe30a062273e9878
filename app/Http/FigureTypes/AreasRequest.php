<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use App\Import\AreaListReader;
use Core\Listing\AreaWeight;
use Core\Listing\ListedArea;
use Core\Listing\ListedFigureType;
use Core\Standard\Side;
use Core\Standard\Surface;
use Illuminate\Validation\Rule;

/**
 * The areas of a figure as somebody took them down.
 *
 * @phpstan-type SentArea array{
 *   name: string,
 *   surface: string,
 *   weight?: string|null,
 *   share?: int|float|string|null,
 *   focal?: bool|int|string,
 *   part?: string|null,
 *   depth?: int|string|null,
 *   sides?: non-empty-list<string>|null,
 *   on?: string|null,
 *   neighbours?: list<string>,
 *   features?: list<array{feature: string, pieces: int|string}>,
 *   places?: list<string>,
 *   unsure?: bool|int|string,
 * }
 */
class AreasRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'areas' => ['required', 'array', 'min:1', 'max:'.AreaListReader::MOST_AREAS],
            'areas.*.name' => ['bail', 'required', 'string', 'max:120', 'distinct:ignore_case', Rule::notIn([ListedFigureType::FIGURE])],
            'areas.*.surface' => ['bail', 'required', 'string', 'max:120', Rule::notIn([Surface::WHOLE])],
            'areas.*.weight' => ['bail', 'nullable', 'required_without:areas.*.share', 'string', OneOf::of(AreaWeight::class)],
            'areas.*.share' => ['bail', 'nullable', 'numeric', 'gt:0', 'max:1'],
            'areas.*.focal' => ['boolean'],
            'areas.*.part' => ['nullable', 'string', 'max:120'],
            'areas.*.depth' => ['bail', 'nullable', 'integer', 'min:0', 'max:99'],
            'areas.*.sides' => ['nullable', 'array', 'min:1'],
            'areas.*.sides.*' => ['bail', 'string', OneOf::of(Side::class)],
            'areas.*.on' => ['nullable', 'string', 'max:120'],
            'areas.*.neighbours' => ['array', 'max:'.AreaListReader::MOST_AREAS],
            'areas.*.neighbours.*' => ['string', 'max:120'],
            'areas.*.features' => ['array', 'max:20'],
            'areas.*.features.*.feature' => ['required', 'string', 'max:60'],
            'areas.*.features.*.pieces' => ['bail', 'required', 'integer', 'min:1', 'max:999'],
            'areas.*.places' => ['array', 'max:20'],
            'areas.*.places.*' => ['required', 'string', 'max:60'],
            'areas.*.unsure' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'areas.*.name.distinct' => 'Another area has this name; give each its own.',
            'areas.*.name.not_in' => 'The figure as one is called "figure"; give the area another name.',
            'areas.*.surface.not_in' => 'The figure as one is added; say what this area is made of.',
            'areas.*.weight.required_without' => 'Say how large it is: tiny, small, medium, large, or so many percent.',
            'areas.*.share.gt' => 'An area has more than 0 % of the body.',
            'areas.*.share.max' => 'An area has at most 100 % of the body.',
        ];
    }

    /** @return non-empty-list<ListedArea> */
    public function areas(): array
    {
        /** @var non-empty-list<SentArea> $areas */
        $areas = $this->validated('areas');

        return array_map(self::area(...), $areas);
    }

    /** @return array<array-key, AreaWeight> by area, of those that are sized by a word */
    public function weights(): array
    {
        $weights = [];
        foreach ($this->areas() as $area) {
            if ($area->size instanceof AreaWeight) {
                $weights[$area->name] = $area->size;
            }
        }

        return $weights;
    }

    /** @param  SentArea  $area */
    private static function area(array $area): ListedArea
    {
        $sides = $area['sides'] ?? null;

        return new ListedArea(
            $area['name'],
            $area['surface'],
            isset($area['weight']) ? AreaWeight::from($area['weight']) : (float) ($area['share'] ?? 0),
            (bool) ($area['focal'] ?? false),
            array_map(intval(...), array_column($area['features'] ?? [], 'pieces', 'feature')),
            $area['part'] ?? '',
            isset($area['depth']) ? (int) $area['depth'] : null,
            $sides === null ? null : array_map(Side::from(...), $sides),
            $area['on'] ?? null,
            array_values(array_unique($area['neighbours'] ?? [])),
            $area['places'] ?? [],
            (bool) ($area['unsure'] ?? false),
        );
    }
}
