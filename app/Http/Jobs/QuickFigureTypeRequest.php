<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use Core\Composition\FigureType;
use Core\Composition\QuickArea;
use Core\Composition\QuickFigureType;
use Core\Composition\QuickWeight;
use Core\Composition\SizeClass;
use Illuminate\Validation\Rule;

/** A figure type by the quick form. */
final class QuickFigureTypeRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'size_class' => ['required', 'string', OneOf::of(SizeClass::class)],
            'areas' => ['required', 'array', 'min:1', 'max:40'],
            'areas.*.name' => ['bail', 'required', 'string', 'max:120', 'distinct:ignore_case', Rule::notIn(['figure'])],
            'areas.*.surface' => ['required', 'string', 'max:120'],
            'areas.*.weight' => ['required', 'string', OneOf::of(QuickWeight::class)],
            'areas.*.focal' => ['boolean'],
            'areas.*.feature' => ['nullable', 'string', 'max:60', 'required_with:areas.*.pieces'],
            'areas.*.pieces' => ['nullable', 'integer', 'min:1', 'max:999', 'required_with:areas.*.feature'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'areas.*.name.distinct' => 'Another area has this name; give each its own.',
            'areas.*.name.not_in' => 'The figure as one is called "figure"; give the area another name.',
        ];
    }

    public function figureType(): FigureType
    {
        /** @var list<array{name: string, surface: string, weight: string, focal?: bool, feature?: string|null, pieces?: int|null}> $areas */
        $areas = $this->validated('areas');

        return QuickFigureType::make(
            $this->string('name')->toString(),
            SizeClass::from($this->string('size_class')->toString()),
            array_map(static fn (array $area): QuickArea => new QuickArea(
                $area['name'],
                $area['surface'],
                QuickWeight::from($area['weight']),
                (bool) ($area['focal'] ?? false),
                isset($area['feature'], $area['pieces']) ? [$area['feature'] => (int) $area['pieces']] : [],
            ), $areas),
        );
    }
}
