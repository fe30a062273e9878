<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Composing\ComposedFigure;
use Core\Composition\Addition;
use Core\Composition\Asked;
use Core\Composition\ComposedUse;
use Core\Standard\Area;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;

/** An area of a figure of a job: what its tier asks there, what of it is laid, what was added. */
final readonly class AreaOfFigure
{
    /** @param  array<array-key, ComposedUse>  $laid by use */
    private function __construct(
        public Area $area,
        private array $laid,
        private Asked $asked,
        private ComposedFigure $composed,
        private Standard $standard,
    ) {
    }

    /** @return list<self> in the order of the figure */
    public static function all(ComposedFigure $composed, Standard $standard): array
    {
        /** @var array<array-key, array<array-key, ComposedUse>> $laid */
        $laid = [];
        foreach ($composed->composition->uses as $use) {
            $laid[$use->area->id][$use->use->id] = $use;
        }
        $asked = new Asked($standard, $composed->figure);

        return array_map(static fn (Area $area): self => new self($area, $laid[$area->id] ?? [], $asked, $composed, $standard), $composed->figure->areas);
    }

    /** @return 'asked'|'not-asked'|'undecided' */
    public function state(): string
    {
        return match (true) {
            in_array($this->area->id, $this->composed->composition->undecided, true) => 'undecided',
            in_array($this->area->id, $this->composed->composition->notAsked, true) => 'not-asked',
            default => 'asked',
        };
    }

    public function minutes(): float
    {
        return array_sum(array_column($this->laid, 'minutes'));
    }

    /** @return list<LayerOfArea> in the order of laying */
    public function layers(): array
    {
        return array_map(function (TechniqueUse|Addition $layer): LayerOfArea {
            $use = $layer instanceof Addition ? $layer->use : $layer;
            $menu = $layer instanceof Addition ? null : $this->asked->requirement($this->area)?->menuOf($use->id);

            return new LayerOfArea($use, $this->area, $this->laid[$use->id] ?? null, $layer instanceof Addition ? $layer : null, $menu, $this->composed, $this->standard);
        }, $this->asked->layers($this->area));
    }
}
