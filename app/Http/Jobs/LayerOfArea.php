<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Composing\ComposedFigure;
use Core\Composition\Addition;
use Core\Composition\Choice;
use Core\Composition\ComposedUse;
use Core\Composition\Waiver;
use Core\Standard\Area;
use Core\Standard\Menu;
use Core\Standard\Standard;
use Core\Standard\Technique;
use Core\Standard\TechniqueUse;

/** One use on an area of a figure of a job, laid there or not. */
final readonly class LayerOfArea
{
    /**
     * @param  ComposedUse|null  $laid null: it is not painted here and now
     * @param  Addition|null  $addition null: its tier asks it
     */
    public function __construct(
        public TechniqueUse $use,
        private Area $area,
        public ?ComposedUse $laid,
        public ?Addition $addition,
        public ?Menu $menu,
        private ComposedFigure $composed,
        private Standard $standard,
    ) {
    }

    public function technique(): Technique
    {
        return $this->laid?->techniqueIn($this->standard) ?? $this->standard->technique($this->use->techniques[0]);
    }

    public function minutes(): float
    {
        return $this->laid->minutes ?? 0.0;
    }

    /** By which it was left out; null: it was not. */
    public function waiver(): ?Waiver
    {
        if ($this->laid !== null) {
            return null;
        }
        foreach ($this->composed->figure->waivers as $waiver) {
            if ($waiver->area === $this->area->id && $waiver->use === $this->use->id && $waiver->agreement !== null) {
                return $waiver;
            }
        }

        return null;
    }

    /** Whether somebody chose it, in a menu. */
    public function isChosen(): bool
    {
        return array_filter($this->composed->figure->choices, fn (Choice $choice): bool => $choice->area === $this->area->id && $choice->use === $this->use->id) !== [];
    }

    /** @return string how much of it was on the figure when it came, in words; empty: nothing, or it is laid whole */
    public function there(): string
    {
        if ($this->laid !== null) {
            return $this->laid->growth?->inWords() ?? '';
        }
        foreach ($this->composed->plan->blocked ?? [] as $blocked) {
            if ($blocked->area->id === $this->area->id && $blocked->use->id === $this->use->id) {
                return $blocked->why;
            }
        }

        return $this->composed->wasThere($this->use, $this->area->id) ? 'On the figure already.' : '';
    }

    /** @return 'laid'|'left-out'|'not-chosen'|'there' what becomes of it, here and now */
    public function fate(): string
    {
        return match (true) {
            $this->waiver() !== null => 'left-out',
            $this->there() !== '' && $this->minutes() <= 0.0 => 'there',
            $this->menu !== null && $this->laid === null => 'not-chosen',
            default => 'laid',
        };
    }
}
