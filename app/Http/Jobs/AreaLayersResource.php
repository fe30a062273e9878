<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Composing\ComposedFigure;
use App\Http\Shared\Resource;
use Core\School\SchoolBook;
use Core\School\SchoolChoice;
use Core\School\SchoolQuestion;
use Core\Standard\Standard;
use Core\Standard\UseWords;

/**
 * One area of a figure, as it stands beside the grid: layer by layer, with what was agreed of each.
 *
 * @phpstan-import-type AgreedHere from AgreedShape
 *
 * @phpstan-type GridUse array{
 *   id: string,
 *   name: string,
 *   technique: string,
 *   degree: string,
 *   minutes: float,
 *   fate: 'laid'|'left-out'|'not-chosen'|'there',
 *   choices: list<array{id: string, name: string}>,
 *   menu: array{name: string, choose: int|null, laid: bool, chosen: bool}|null,
 *   waiver: AgreedHere|null,
 *   addition: AgreedHere|null,
 *   there: string,
 *   from: string,
 * }
 * @phpstan-type AreaSchool_ array{
 *   question: value-of<SchoolQuestion>,
 *   name: string,
 *   own: string|null,
 *   wider: string|null,
 *   choices: list<array{id: string, name: string, for: string}>,
 * }
 * @phpstan-type AreaLayers array{
 *   area: string,
 *   surface: string,
 *   tier: string,
 *   own_tier: bool,
 *   focal: bool,
 *   state: 'asked'|'not-asked'|'undecided',
 *   agreed: AgreedHere|null,
 *   schools: list<AreaSchool_>,
 *   minutes: float,
 *   uses: list<GridUse>,
 * }
 */
final readonly class AreaLayersResource extends Resource
{
    public function __construct(
        private AreaOfFigure $here,
        private ComposedFigure $composed,
        private Standard $standard,
    ) {
    }

    /** @return AreaLayers */
    public function toArray(): array
    {
        $area = $this->here->area;

        return [
            'area' => $area->id,
            'surface' => $area->surface,
            'tier' => $this->composed->figure->tierOf($area),
            'own_tier' => $area->tier !== null,
            'focal' => $this->composed->type->area($area->id)->focal ?? false,
            'state' => $this->here->state(),
            'agreed' => $this->notAsked(),
            'schools' => array_map($this->school(...), $this->standard->surface($area->surface)->questions()),
            'minutes' => $this->here->minutes(),
            'uses' => array_map($this->use(...), $this->here->layers()),
        ];
    }

    /** @return GridUse */
    private function use(LayerOfArea $layer): array
    {
        $use = $layer->use;
        $technique = $layer->technique();
        $waiver = $layer->waiver();
        $added = $layer->addition?->agreed;

        return [
            'id' => $use->id, 'name' => $technique->name, 'technique' => $technique->id, 'degree' => UseWords::degree($use),
            'minutes' => $layer->minutes(),
            'fate' => $layer->fate(),
            'choices' => $use->leavesMethodOpen() ? array_map(fn (string $id): array => ['id' => $id, 'name' => $this->standard->technique($id)->name], $use->techniques) : [],
            'menu' => $layer->menu === null ? null : ['name' => $layer->menu->name, 'choose' => $layer->menu->choose, 'laid' => $layer->laid !== null, 'chosen' => $layer->isChosen()],
            'waiver' => $waiver?->agreement === null ? null : AgreedShape::of($waiver->reason, $waiver->agreement),
            'addition' => $added?->agreement === null ? null : AgreedShape::of($added->reason, $added->agreement),
            'there' => $layer->there(),
            'from' => $layer->addition === null ? $this->composed->figure->tierOf($this->here->area) : $added->tier ?? '',
        ];
    }

    /** @return AreaSchool_ */
    private function school(SchoolQuestion $question): array
    {
        $area = $this->here->area;

        return [
            'question' => $question->value,
            'name' => $question->inWords(),
            'own' => $area->schools->choice($question),
            'wider' => $this->standard->schoolsOn($area->surface)->taken($question)?->name,
            'choices' => array_map(static fn (SchoolChoice $choice): array => ['id' => $choice->id, 'name' => $choice->name, 'for' => $choice->for], SchoolBook::choices($question)),
        ];
    }

    /** @return AgreedHere|null what was agreed about an area of which the tier says nothing */
    private function notAsked(): ?array
    {
        foreach (array_reverse($this->composed->figure->notAskedFor) as $agreed) {
            if ($agreed->area === $this->here->area->id && $agreed->agreement !== null) {
                return AgreedShape::of($agreed->reason, $agreed->agreement);
            }
        }

        return null;
    }
}
