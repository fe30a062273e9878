<?php

declare(strict_types=1);

namespace App\Http\Repairs;

use App\Actions\Repairs\Repair;
use App\Http\Schemes\RecipeParts;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use Core\Rework\Layer;
use Core\Rework\PaintedArea;
use Core\Standard\Caution;
use Core\Standard\Surface;
use Core\Standard\UseWords;
use Core\Why;

/**
 * The layers that are laid again after a fault.
 *
 * @phpstan-import-type Why from WhyShape as WhyData
 * @phpstan-import-type StepMix from RecipeParts
 *
 * @phpstan-type RepairStep array{
 *   layer: string,
 *   title: string,
 *   degree: string,
 *   minutes: float,
 *   mixes: list<StepMix>,
 * }
 * @phpstan-type Repair_ array{
 *   layers: list<array{layer: string, title: string}>,
 *   in: string,
 *   share: float,
 *   steps: list<RepairStep>,
 *   minutes: float,
 *   why: WhyData,
 *   first: string|null,
 *   instead: string|null,
 *   risk: string|null,
 *   caution: string|null,
 * }
 */
final readonly class RepairResource extends Resource
{
    public function __construct(private Repair $repair)
    {
    }

    /** @return Repair_ */
    public function toArray(): array
    {
        return [
            'layers' => array_map(fn (string $id): array => ['layer' => $id, 'title' => $this->title($id)], [
                ...array_map(static fn (Layer $layer): string => $layer->id, $this->repair->painted->layers->layers), PaintedArea::ON_TOP, PaintedArea::DOWN,
            ]),
            'in' => $this->repair->in,
            'share' => $this->repair->share,
            'steps' => array_map($this->step(...), $this->repair->again),
            'minutes' => array_sum(array_map($this->repair->minutes(...), $this->repair->again)),
            'why' => $this->why()->toArray(),
            'first' => $this->repair->fresh === '' ? null : $this->repair->fresh,
            'instead' => $this->repair->instead === '' ? null : $this->repair->instead,
            'risk' => $this->repair->isSecond ? 'It draws the eye and was mended before: paint gets thick and dull, and a second repair often ends worse than the fault. Ask whether it can stay, be agreed, or is stripped.' : null,
            'caution' => $this->caution(),
        ];
    }

    /** Of all that is laid again. */
    private function caution(): ?string
    {
        return Caution::together(array_map(function (Layer $layer): ?string {
            $use = $this->repair->painted->uses[$layer->id] ?? null;
            $technique = $use === null ? null : $this->repair->standard->technique($use->technique);

            return $technique === null ? null : Caution::on($technique->group, $technique->handling->caution);
        }, $this->repair->again));
    }

    /** @return RepairStep */
    private function step(Layer $layer): array
    {
        $use = $this->repair->painted->uses[$layer->id] ?? null;

        return [
            'layer' => $layer->id,
            'title' => $this->title($layer->id),
            'degree' => $use === null ? '' : UseWords::degree($use->use),
            'minutes' => $this->repair->minutes($layer),
            'mixes' => $use === null ? [] : array_map(RecipeParts::step(...), $this->repair->mixes->of($use->area->id, $use->use->id, $use->use->steps, 1)),
        ];
    }

    private function title(string $id): string
    {
        if ($id === PaintedArea::ON_TOP || $id === PaintedArea::DOWN) {
            return $id === PaintedArea::DOWN ? 'all paint, down to the ground' : 'foreign paint on top';
        }
        $use = $this->repair->painted->uses[$id] ?? null;
        $over = $use?->area->surface === Surface::WHOLE ? ', of the whole figure' : '';

        return $use === null ? 'The ground colour' : $this->repair->standard->technique($use->technique)->name.$over;
    }

    private function why(): Why
    {
        return new Why(
            ['at fault' => $this->title($this->repair->in), 'share of the area' => (100 * $this->repair->share).' of a hundred'],
            'Paint that hides is laid again with all above it; what lets through begins at the nearest hiding layer below; foreign paint on top at the topmost that hides it, else at the ground colour. A pale colour may not hide what is foreign: begin a layer lower then.',
            Why::COMMON_PRACTICE,
        );
    }
}
