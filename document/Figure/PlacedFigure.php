<?php

declare(strict_types=1);

namespace Document\Figure;

use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Composition\TypeCheck;
use Core\CoreException;
use Core\Standard\Standard;
use Document\Shape\Schema;

/**
 * A figure whose areas also say where they lie: the figure itself, and the map of it.
 *
 * @phpstan-import-type FigureDocument from FigureReader
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class PlacedFigure
{
    private function __construct(
        public Figure $figure,
        public FigureType $type,
    ) {
    }

    /** @return array<string, SchemaArray> further members of an area */
    public static function members(): array
    {
        return ['depth' => Schema::whole(), 'neighbours' => Schema::list(Schema::id()), 'on' => Schema::id(), 'part' => Schema::text()];
    }

    /**
     * @param  FigureDocument  $document its shape checked before
     *
     * @throws CoreException if it names something that is not there, or twice
     */
    public static function read(array $document, Standard $standard, string $at): self
    {
        $figure = (new FigureReader($standard))->read($document, $at);
        $areas = [];
        foreach ($document['areas'] as $i => $area) {
            $areas[] = new TypeArea($figure->areas[$i], $area['part'] ?? '', (int) ($area['depth'] ?? 0), false, [], $area['neighbours'] ?? [], $area['on'] ?? null);
        }
        $type = new FigureType('', SizeClass::Foot, $areas);
        (new TypeCheck)->require($type, "{$at}/areas");

        return new self($figure, $type);
    }
}
