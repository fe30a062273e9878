<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\FigureTypes\TypeMap;
use Core\Mapping\LabelGrid;
use Core\Mapping\PlacedPiece;
use Core\Mapping\SideMap;
use Core\Standard\Side;
use GdImage;

/**
 * Maps of the demo's figures, drawn shape by shape: a later one lies on those before it.
 *
 * @phpstan-type Shape array{line?: non-empty-list<array{int, int}>, oval?: array{int, int, int, int}}
 * @phpstan-type Drawing array{
 *   layers: list<array{area: string, shapes: list<Shape>}>,
 *   pieces: list<array{area: string, feature: string, x: int, y: int, name: string}>,
 * }
 * @phpstan-type Drawings array{width: int, height: int, types: array<string, array<string, Drawing>>}
 */
final readonly class DemoMaps
{
    /** @param  Drawings  $drawings */
    private function __construct(private array $drawings)
    {
    }

    public static function read(): self
    {
        /** @var Drawings $drawings a file of our own */
        $drawings = json_decode(DemoSeeder::file('port-ember-maps.json'), true, 32, JSON_THROW_ON_ERROR);

        return new self($drawings);
    }

    /** @return list<TypeMap> */
    public function of(string $type): array
    {
        $maps = [];
        foreach ($this->drawings['types'][$type] ?? [] as $side => $drawing) {
            $maps[] = new TypeMap($this->side(Side::from($side), $drawing), null);
        }

        return $maps;
    }

    /** @param  Drawing  $drawing */
    private function side(Side $side, array $drawing): SideMap
    {
        $areas = array_values(array_unique(array_column($drawing['layers'], 'area')));
        $image = imagecreate(max(1, $this->drawings['width']), max(1, $this->drawings['height']));
        assert($image !== false);
        // The first colour of a picture with a palette is its ground.
        imagecolorallocate($image, 0, 0, 0);
        foreach (array_keys($areas) as $i) {
            imagecolorallocate($image, min(255, $i + 1), 0, 0);
        }
        foreach ($drawing['layers'] as $layer) {
            foreach ($layer['shapes'] as $shape) {
                self::draw($image, $shape, 1 + (int) array_search($layer['area'], $areas, true));
            }
        }

        return new SideMap($side, $this->grid($image), $areas, array_map(fn (array $piece): PlacedPiece => new PlacedPiece(
            $piece['area'], $piece['feature'], $piece['x'] / $this->drawings['width'], $piece['y'] / $this->drawings['height'], $piece['name'],
        ), $drawing['pieces']));
    }

    /** @param  Shape  $shape */
    private static function draw(GdImage $image, array $shape, int $label): void
    {
        if (isset($shape['line'])) {
            imagefilledpolygon($image, array_merge(...$shape['line']), $label);
        }
        if (isset($shape['oval'])) {
            [$x, $y, $half, $high] = $shape['oval'];
            imagefilledellipse($image, $x, $y, 2 * $half, 2 * $high, $label);
        }
    }

    private function grid(GdImage $image): LabelGrid
    {
        $rows = [];
        for ($y = 0; $y < $this->drawings['height']; $y++) {
            $row = '';
            for ($x = 0; $x < $this->drawings['width']; $x++) {
                $row .= chr(imagecolorat($image, $x, $y) % 256);
            }
            $rows[] = $row;
        }

        return LabelGrid::ofRows($rows);
    }
}
