<?php

declare(strict_types=1);

namespace Document\Figure;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Composition\TypeCheck;
use Core\CoreException;
use Document\Json\BadDocument;
use Document\Json\JsonText;
use Document\Member\AreaMembers;
use Document\Shape\Schema;
use Document\Shape\ShapeCheck;

/**
 * A file of the format `ordotype-figure-types/1`.
 *
 * @phpstan-import-type TypeAreaDocument from \Document\Member\AreaMembers
 *
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
        $members = AreaMembers::ofType();
        $types = [];
        foreach ($document['types'] as $i => $type) {
            $types[$type['id']] = new FigureType($type['name'], SizeClass::from($type['size']), array_map(static fn (array $area): TypeArea => $members->read($area, ['part' => $area['part'] ?? '']), $type['areas']));
            (new TypeCheck)->require($types[$type['id']], "/types/{$i}/areas");
        }

        return $types;
    }

    /** @return array<string, mixed> */
    private static function schema(): array
    {
        return Schema::object([
            'format' => Schema::word(['ordotype-figure-types/1']),
            'types' => Schema::list(Schema::object(
                ['id' => Schema::id(), 'name' => Schema::id(), 'size' => Schema::wordOf(SizeClass::class), 'areas' => Schema::list(AreaMembers::ofType()->schema(), 1)],
                ['parts' => Schema::list(Schema::anything())],
            )),
        ]);
    }
}
