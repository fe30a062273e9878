<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\TypeMap;
use App\Http\Shared\OneOf;
use App\Import\AreaListReader;
use Core\CoreException;
use Core\Mapping\LabelGrid;
use Core\Mapping\PlacedPiece;
use Core\Mapping\SideMap;
use Core\Standard\Side;

/**
 * Sides of a figure as they were laid out. Runs go as one text: a list of a hundred thousand numbers would be looked at
 * number by number before it is read.
 *
 * @phpstan-type SentPiece array{area: string, feature: string, x: int|float|string, y: int|float|string, name?: string|null}
 * @phpstan-type SentMap array{
 *   side: string,
 *   width: int|string,
 *   height: int|string,
 *   picture?: string|null,
 *   areas?: list<string>,
 *   runs: string,
 *   pieces?: list<SentPiece>,
 * }
 */
final readonly class SentMaps
{
    private const MOST_PIECES = 400;

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'maps.*.side' => ['bail', 'required', 'string', OneOf::of(Side::class)],
            'maps.*.width' => ['bail', 'required', 'integer'],
            'maps.*.height' => ['bail', 'required', 'integer'],
            'maps.*.picture' => ['nullable', 'string', 'max:44'],
            'maps.*.areas' => ['array', 'max:'.AreaListReader::MOST_AREAS],
            'maps.*.areas.*' => ['string', 'max:120'],
            'maps.*.runs' => ['bail', 'required', 'string', 'max:3000000', 'regex:/^[0-9 ]+$/'],
            'maps.*.pieces' => ['array', 'max:'.self::MOST_PIECES],
            'maps.*.pieces.*.area' => ['required', 'string', 'max:120'],
            'maps.*.pieces.*.feature' => ['required', 'string', 'max:60'],
            'maps.*.pieces.*.x' => ['bail', 'required', 'numeric'],
            'maps.*.pieces.*.y' => ['bail', 'required', 'numeric'],
            'maps.*.pieces.*.name' => ['nullable', 'string', 'max:120'],
        ];
    }

    /**
     * @param  list<SentMap>  $maps as they passed the rules
     * @return list<TypeMap>
     *
     * @throws CoreException at the place of what is no map
     */
    public static function read(array $maps): array
    {
        return array_map(self::map(...), $maps, array_keys($maps));
    }

    /** @param  SentMap  $map */
    private static function map(array $map, int $i): TypeMap
    {
        $at = "/maps/{$i}";
        $runs = array_map(intval(...), preg_split('/ +/', trim($map['runs'])) ?: []);

        return new TypeMap(new SideMap(
            Side::from($map['side']),
            LabelGrid::fromRuns((int) $map['width'], (int) $map['height'], $runs, $at),
            $map['areas'] ?? [],
            array_map(
                static fn (array $piece, int $j): PlacedPiece => new PlacedPiece($piece['area'], $piece['feature'], (float) $piece['x'], (float) $piece['y'], $piece['name'] ?? '', "{$at}/pieces/{$j}"),
                $map['pieces'] ?? [],
                array_keys($map['pieces'] ?? []),
            ),
            $at,
        ), $map['picture'] ?? null);
    }
}
