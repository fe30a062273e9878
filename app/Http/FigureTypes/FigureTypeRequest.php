<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\TypeMap;
use App\Http\Shared\OneOf;
use Core\Composition\Difficulty;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\CoreException;
use Core\Listing\ListedFigureType;

/**
 * A figure type as somebody took it down.
 *
 * @phpstan-import-type SentMap from SentMaps
 */
class FigureTypeRequest extends AreasRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'size_class' => ['required', 'string', OneOf::of(SizeClass::class)],
            'difficulty' => ['nullable', 'string', OneOf::of(Difficulty::class)],
            ...parent::rules(),
            'maps' => ['nullable', 'array', 'max:6'],
            ...SentMaps::rules(),
        ];
    }

    /** @throws CoreException at the place of what cannot be */
    public function figureType(): FigureType
    {
        return ListedFigureType::make($this->string('name')->toString(), SizeClass::from($this->string('size_class')->toString()), $this->areas())
            ->ofDifficulty($this->filled('difficulty') ? Difficulty::from($this->string('difficulty')->toString()) : Difficulty::Usual);
    }

    /**
     * @return list<TypeMap>|null null: nothing is said of them
     *
     * @throws CoreException at the place of what is no map
     */
    public function maps(): ?array
    {
        /** @var list<SentMap>|null $sent */
        $sent = $this->validated('maps');

        return $sent === null ? null : SentMaps::read($sent);
    }
}
