<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\FigurePictures;
use App\Actions\FigureTypes\TypeMap;
use App\Actions\FigureTypes\TypeMaps;
use App\Http\Shared\OneOf;
use App\Refusals\NotRight;
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
            ...parent::rules(),
            'maps' => ['nullable', 'array', 'max:6'],
            ...SentMaps::rules(),
        ];
    }

    /** @throws CoreException at the place of what cannot be */
    public function figureType(): FigureType
    {
        return ListedFigureType::make($this->string('name')->toString(), SizeClass::from($this->string('size_class')->toString()), $this->areas());
    }

    /**
     * @return list<TypeMap>|null that fit the type; null: nothing is said of them
     *
     * @throws CoreException|NotRight at the place of what cannot be
     */
    public function maps(FigurePictures $pictures): ?array
    {
        /** @var list<SentMap>|null $sent */
        $sent = $this->validated('maps');
        if ($sent === null) {
            return null;
        }
        $maps = SentMaps::read($sent);
        TypeMaps::together($maps, '/maps')->requireFits($this->figureType(), '/maps');
        foreach ($maps as $i => $map) {
            if ($map->picture !== null && ! $pictures->isThere($map->picture)) {
                throw NotRight::at("/maps/{$i}/picture", 'unknown-picture', 'The picture that this was outlined on is not there; choose it again. What is outlined stays.');
            }
        }

        return $maps;
    }
}
