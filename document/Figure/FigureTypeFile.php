<?php

declare(strict_types=1);

namespace Document\Figure;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Composition\TypeCheck;
use Core\CoreException;
use Core\Standard\Area;
use Core\Standard\Side;
use Document\Json\BadDocument;
use Document\Json\JsonText;
use Document\Shape\Schema;
use Document\Shape\ShapeCheck;
use Document\Standard\StandardSchema;

/**
 * A file of the format `ordotype-figure-types/1`.
 *
 * @phpstan-type TypeAreaDocument array{
 *   id: string,
 *   part?: string,
 *   surface: string,
 *   share: int|float,
 *   depth: int|float,
 *   focal: bool,
 *   sides: list<string>,
 *   features?: array<array-key, int|float>,
 *   neighbours?: list<string>,
 *   on?: string,
 * }
 * @phpstan-type TypeDocument array{
 *   id: string,
 *   name: string,
 *   size: string,
 *   parts?: list<string>,
 *   areas: list<TypeAreaDocument>,
 * }
 */
final readonly class FigureTypeFile
{
    /**
     * @return array<string, FigureType> by key
     *
     * @throws BadDocument with every place whose shape is wrong
     * @throws CoreException if an area borders or sits on what is not there, or on itself
     */
    public static function read(string $text): array
    {
        $json = JsonText::of($text);
        $faults = (new ShapeCheck(self::schema()))->faults($json->withObjects());
        if ($faults !== []) {
            throw BadDocument::withFaults($faults);
        }
        /** @var array{types: list<TypeDocument>} $document */
        $document = $json->withArrays();
        $types = [];
        foreach ($document['types'] as $i => $type) {
            $types[$type['id']] = new FigureType($type['name'], SizeClass::from($type['size']), array_map(self::area(...), $type['areas']));
            (new TypeCheck)->require($types[$type['id']], "/types/{$i}/areas");
        }

        return $types;
    }

    /** @param  TypeAreaDocument  $area */
    private static function area(array $area): TypeArea
    {
        return new TypeArea(
            new Area($area['id'], $area['surface'], (float) $area['share'], array_map(intval(...), $area['features'] ?? [])),
            $area['part'] ?? '',
            (int) $area['depth'],
            $area['focal'],
            array_map(Side::from(...), $area['sides']),
            $area['neighbours'] ?? [],
            $area['on'] ?? null,
        );
    }

    /** @return array<string, mixed> */
    private static function schema(): array
    {
        $area = Schema::object([
            'id' => Schema::id(), 'surface' => Schema::id(), 'share' => Schema::over(0, 1), 'depth' => Schema::whole(),
            'focal' => Schema::boolean(), 'sides' => Schema::list(Schema::wordOf(Side::class), 1),
        ], [
            'part' => Schema::id(), 'features' => StandardSchema::features(), 'neighbours' => Schema::list(Schema::id()), 'on' => Schema::id(),
        ]);

        return Schema::object([
            'format' => Schema::word(['ordotype-figure-types/1']),
            'types' => Schema::list(Schema::object(
                ['id' => Schema::id(), 'name' => Schema::id(), 'size' => Schema::wordOf(SizeClass::class), 'areas' => Schema::list($area, 1)],
                ['parts' => Schema::list(Schema::anything())],
            )),
        ]);
    }
}
