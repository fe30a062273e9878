<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheet;
use App\Actions\Bench\FigureMixes;
use App\Actions\Bench\PaintNeeds;
use App\Actions\Bench\SheetStep;
use App\Http\Shared\Resource;
use App\Http\Standards\PlateParts;
use Core\Composition\ComposedUse;
use Core\Composition\Neighbours;
use Core\Composition\OverAllOrder;
use Core\Composition\TypeArea;
use Core\Plate\Plate as CorePlate;
use Core\Plate\PlateMaker;
use Core\Sequence\AtHand;
use Core\Sequence\PlannedStep;
use Core\Standard\Surface;
use Core\Standard\TechniqueGroup;

/**
 * What to have at hand for a line of a sheet: how it must look, colours to mend a slip with, what runs short, and what is not asked for there.
 *
 * @phpstan-import-type Plate from PlateParts
 *
 * @phpstan-type ReadyColour array{area: string, below: bool, text: string, hex: string|null}
 * @phpstan-type ShortPaint array{paint: string, ml: float, stock_ml: float}
 * @phpstan-type GoverningScheme array{id: int, picture: string|null, light_from: string}
 * @phpstan-type AtHand_ array{
 *   area: string,
 *   after: Plate|null,
 *   finished: Plate|null,
 *   ready: list<ReadyColour>,
 *   short: list<ShortPaint>,
 *   not_asked: list<string>,
 *   scheme: GoverningScheme|null,
 * }
 */
final readonly class AtHandResource extends Resource
{
    private FigureMixes $mixes;

    public function __construct(
        private BenchSheet $sheet,
        private SheetStep $step,
    ) {
        $this->mixes = $sheet->mixesOf($step);
    }

    /** @return AtHand_ */
    public function toArray(): array
    {
        $area = $this->shown();
        $plate = $area === null ? null : $this->mixes->plate($area->area->id);
        // The middle colour again lies between what was there and what comes: no layer of the whole is what is seen then.
        $after = $plate === null || $this->isAgain() ? null : PlateMaker::upTo($plate, ($this->isOfWhole() ? OverAllOrder::OF_WHOLE : '').$this->step->use);

        return [
            'area' => $area->area->id ?? $this->step->area,
            'after' => $after === null ? null : $this->drawn($area, $after),
            'finished' => $plate === null || ($after === null && ! $this->isAgain()) ? null : $this->drawn($area, $plate),
            'ready' => $this->ready(),
            'short' => $this->short(),
            'not_asked' => $this->notAsked(),
            'scheme' => $this->governing(),
        ];
    }

    /** @return GoverningScheme|null the picture that governs and where the light comes from, of the scheme or else of the common one; null where neither is said, or nothing is painted */
    private function governing(): ?array
    {
        $scheme = $this->mixes->scheme?->scheme;
        $common = $this->mixes->scheme?->common;
        if ($scheme === null || ! $this->step->planned instanceof PlannedStep || ! $this->step->planned->step->technique->group->leavesColour()) {
            return null;
        }
        $of = $scheme->picture === null && $common?->picture !== null ? $common : $scheme;
        $lightFrom = $scheme->light_from === '' ? $common->light_from ?? '' : $scheme->light_from;

        return $of->picture === null && $lightFrom === '' ? null : ['id' => $of->id, 'picture' => $of->picture, 'light_from' => $lightFrom];
    }

    private function isAgain(): bool
    {
        return $this->step->planned instanceof PlannedStep && $this->step->planned->step->technique->isAgain();
    }

    private function isOfWhole(): bool
    {
        return $this->step->planned instanceof PlannedStep && $this->step->planned->step->isOfWhole();
    }

    /** The area that a plate shows: its own; of the figure as one, the largest that it lies on. */
    private function shown(): ?TypeArea
    {
        $type = $this->sheet->first()->wholeType();
        if (! $this->step->planned instanceof PlannedStep || ! $this->isOfWhole()) {
            return $type->area($this->step->area);
        }
        $shown = null;
        foreach ($type->areas as $area) {
            if ($area->area->surface !== Surface::WHOLE && $this->step->planned->step->liesOn($area) && $this->mixes->plate($area->area->id) !== null && $area->area->share > ($shown->area->share ?? 0.0)) {
                $shown = $area;
            }
        }

        return $shown;
    }

    /** @return Plate */
    private function drawn(?TypeArea $area, CorePlate $plate): array
    {
        return (new PlateParts($this->sheet->standard))->drawn($this->sheet->first()->figure->tier, $area->area->surface ?? '', $plate);
    }

    /** @return list<ReadyColour> of the layer below, then of the neighbours */
    private function ready(): array
    {
        $who = array_key_first($this->step->of);
        $items = $this->sheet->itemsOf($who);
        $own = array_values($items);
        $hand = AtHand::at((int) array_search($this->step->line, array_keys($items), true), $own, $this->sheet->typeInParts());
        $ready = $this->isOfWhole() ? [] : $this->thereAlready($hand);
        foreach ([[$this->step->area, $hand->below, true], ...array_map(static fn (string $area, int $laid): array => [$area, $laid, false], array_keys($hand->neighbours), array_values($hand->neighbours))] as [$area, $laid, $below]) {
            $item = $laid === null ? null : $own[$laid];
            $recipe = $item instanceof PlannedStep ? $this->mixes->lastRecipe($item->step->laid) : null;
            if ($recipe !== null) {
                $ready[] = ['area' => $area, 'below' => $below, 'text' => $recipe->text(), 'hex' => $recipe->colour()?->hex()];
            }
        }

        return $ready;
    }

    /** @return list<ReadyColour> what areas of a finished figure were laid in with, where nothing of this sheet lies on them yet */
    private function thereAlready(AtHand $hand): array
    {
        $figure = $this->sheet->alikeOf($this->step)[0]->first();
        $near = (new Neighbours($this->sheet->typeInParts()))->of($this->step->area);
        $ready = [];
        foreach ([...$hand->below === null ? [$this->step->area] : [], ...array_diff($near, array_map(strval(...), array_keys($hand->neighbours)))] as $area) {
            $layIns = array_filter($figure->raises?->done->usesOn($area) ?? [], fn (ComposedUse $use): bool => $this->sheet->standard->technique($use->technique)->group === TechniqueGroup::LayIn);
            $recipe = $layIns === [] ? null : $this->mixes->lastRecipe($layIns[array_key_last($layIns)]);
            if ($recipe !== null) {
                $ready[] = ['area' => $area, 'below' => $area === $this->step->area, 'text' => $recipe->text(), 'hex' => $recipe->colour()?->hex()];
            }
        }

        return $ready;
    }

    /** @return list<ShortPaint> paints of this line of which less is left than all open lines of the sheet take together */
    private function short(): array
    {
        $planned = $this->step->planned;
        if (! $planned instanceof PlannedStep) {
            return [];
        }
        $needs = PaintNeeds::ofOpenLines($this->sheet);
        $short = [];
        foreach ($this->mixes->recipes($planned->step->laid) as $recipe) {
            foreach ($recipe->parts as $part) {
                $ml = $needs[$part->paint->name] ?? 0.0;
                if ($part->paint->stockMl !== null && $part->paint->isTooLittleFor($ml)) {
                    $short[$part->paint->name] = ['paint' => $part->paint->name, 'ml' => round($ml, 1), 'stock_ml' => $part->paint->stockMl];
                }
            }
        }

        return array_values($short);
    }

    /** @return list<string> what the area has and its tier asks nothing of */
    private function notAsked(): array
    {
        $composition = $this->sheet->alikeOf($this->step)[0]->first()->composition;
        $area = $this->sheet->first()->wholeType()->area($this->step->area);
        $asked = array_map(static fn (ComposedUse $use): ?string => $use->use->feature, $composition->usesOn($this->step->area));
        $features = array_keys(array_filter($area->area->features ?? [], static fn (float|int $pieces): bool => $pieces > 0));

        return array_values(array_map(strval(...), array_filter($features, static fn (int|string $feature): bool => ! in_array((string) $feature, $asked, true))));
    }
}
