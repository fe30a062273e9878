<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\TypeMaps;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Listing\ListedFigureType;
use Core\Mapping\FigureMap;

/**
 * A figure as it is being taken down, with its sides as they are laid out by now.
 *
 * @phpstan-import-type SentMap from SentMaps
 */
final class MeasureRequest extends AreasRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'maps' => ['required', 'array', 'min:1', 'max:6'], ...SentMaps::rules()];
    }

    public function figureType(): FigureType
    {
        return ListedFigureType::make('', SizeClass::Foot, $this->areas());
    }

    public function map(): FigureMap
    {
        /** @var list<SentMap> $maps */
        $maps = $this->validated('maps');

        return TypeMaps::together(SentMaps::read($maps), '/maps');
    }
}
