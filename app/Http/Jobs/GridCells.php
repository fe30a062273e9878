<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Composing\ComposedFigure;
use Core\Standard\Standard;
use Core\Standard\UseWords;

/**
 * Cells of the grid, each once: of five hundred figures few are painted otherwise than all others, and a cell is looked at
 * layer by layer only when it opens.
 *
 * @phpstan-type GridLayer array{name: string, group: string, degree: string, passes: int, fate: 'laid'|'left-out'|'not-chosen'|'there', added: bool}
 * @phpstan-type GridCell array{
 *   name: string,
 *   area: string,
 *   surface: string,
 *   own_tier: string|null,
 *   state: 'asked'|'not-asked'|'undecided',
 *   layers: list<GridLayer>,
 * }
 */
final class GridCells
{
    /** @var array<string, GridCell> */
    private array $cells = [];

    /** @var array<int, list<string>> */
    private array $known = [];

    /** @return list<string> names of the cells of a figure, in its order */
    public function of(ComposedFigure $composed, Standard $standard): array
    {
        // Figures that are alike have been composed once.
        return $this->known[spl_object_id($composed->composition)] ??= array_map($this->name(...), AreaOfFigure::all($composed, $standard));
    }

    /** @return list<GridCell> */
    public function all(): array
    {
        return array_values($this->cells);
    }

    /** @return string its name among all, the same as long as the cell is the same */
    private function name(AreaOfFigure $here): string
    {
        $cell = [
            'area' => $here->area->id,
            'surface' => $here->area->surface,
            'own_tier' => $here->area->tier,
            'state' => $here->state(),
            'layers' => array_map(self::layer(...), $here->layers()),
        ];
        $name = 'c'.substr(hash('sha256', json_encode($cell, JSON_THROW_ON_ERROR)), 0, 10);
        $this->cells[$name] = ['name' => $name, ...$cell];

        return $name;
    }

    /** @return GridLayer */
    private static function layer(LayerOfArea $layer): array
    {
        $technique = $layer->technique();

        return [
            'name' => $technique->name, 'group' => $technique->group->value, 'degree' => UseWords::degree($layer->use),
            'passes' => max($layer->use->coats, $layer->use->steps),
            'fate' => $layer->fate(), 'added' => $layer->addition !== null,
        ];
    }
}
