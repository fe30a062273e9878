<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Models\Unit;
use App\Refusals\NotRight;
use Core\Composition\AgreedAddition;
use Core\Composition\Asked;
use Core\Composition\Choice as CoreChoice;
use Core\Composition\FittingAdditions;
use Core\Composition\FittingVariations;
use Core\Composition\Waiver;
use Core\School\SchoolQuestion;
use Core\Standard\Surface;

/** Whether what shall be set apart names something on the figures that it is said of; one of them is enough. */
final readonly class WhatFits
{
    public function __construct(
        private JobFigures $figures,
        private JobStandards $standards,
    ) {
    }

    public function requireUndecided(Unit $unit, VariedPlace $place): void
    {
        $this->requireAny($unit, $place, static fn (ComposedFigure $figure): bool => in_array($place->area, $figure->composition->undecided, true), static fn (): NotRight => NotRight::at('/area', 'not-undecided', "The standard says what is asked of \"{$place->area}\" here, or it was agreed already; what it asks is left out use by use."));
    }

    /** A part of a figure can be missing, the figure cannot. */
    public function requireThere(Unit $unit, VariedPlace $place): void
    {
        $this->requireAny($unit, $place, static fn (ComposedFigure $figure): bool => $figure->figure->area($place->area) !== null && $figure->figure->area($place->area)->surface !== Surface::WHOLE, static fn (): NotRight => NotRight::at('/area', 'not-there', "\"{$place->area}\" is the whole figure, or is missing here already."));
    }

    /** A question speaks of metals, or of what covers the ground. */
    public function requireSpokenOf(Unit $unit, VariedPlace $place, SchoolQuestion $question): void
    {
        $standard = $this->standards->of($unit->job);
        $fits = static function (ComposedFigure $figure) use ($place, $question, $standard): bool {
            $area = $figure->figure->area($place->area);

            return $area !== null && in_array($question, $standard->surface($area->surface)->questions(), true);
        };
        $this->requireAny($unit, $place, $fits, static fn (): NotRight => NotRight::at('/question', 'not-of-this-area', "{$question->inWords()} is no question of \"{$place->area}\"; metals have a school of their own, and what covers the ground."));
    }

    /** A menu includes so many; what is beyond them is an addition, which is agreed and priced otherwise. */
    public function requireRoom(Unit $unit, VariedPlace $place, string $use): void
    {
        $standard = $this->standards->of($unit->job);
        foreach ($this->covered($unit, $place) as $composed) {
            $area = $composed->figure->area($place->area);
            $menu = $area === null ? null : (new Asked($standard, $composed->figure))->requirement($area)?->menuOf($use);
            if ($menu === null || $menu->choose === null) {
                continue;
            }
            $chosen = array_filter($composed->figure->choices, static fn (CoreChoice $one): bool => $one->area === $place->area && $one->use !== $use && in_array($one->use, $menu->uses, true));
            if (count($chosen) >= $menu->choose) {
                throw NotRight::at('/use', 'menu-full', "The tier includes {$menu->choose} of \"{$menu->name}\"; take one back before you choose another.");
            }
        }
    }

    /** At least one of the figures it is said of can have it beside what its own tier asks. */
    public function requireAddable(Unit $unit, VariedPlace $place, AgreedAddition $addition): void
    {
        $fitting = new FittingAdditions($this->standards->of($unit->job));
        $this->requireAny($unit, $place, static fn (ComposedFigure $figure): bool => $fitting->fits($figure->figure, $addition), static fn (): NotRight => NotRight::at('/use', 'cannot-be-added', "\"{$addition->use}\" of the tier \"{$addition->tier}\" cannot be added on \"{$addition->area}\": it is asked here already, or that tier does not ask it of such an area."));
    }

    /** At least one of the figures it is said of has it asked. */
    public function requireAsked(Unit $unit, VariedPlace $place, Waiver|CoreChoice $variation): void
    {
        $fitting = new FittingVariations($this->standards->of($unit->job));
        $fits = static fn (ComposedFigure $figure): bool => $variation instanceof Waiver ? $fitting->fitsWaiver($figure->figure, $variation) : $fitting->fitsChoice($figure->figure, $variation);
        $this->requireAny($unit, $place, $fits, static fn (): NotRight => $variation instanceof Waiver
            ? NotRight::at('/use', 'unknown-use', "Nothing called \"{$variation->use}\" is asked on \"{$variation->area}\" here, so it cannot be left out.")
            : NotRight::at('/technique', 'not-a-choice', "\"{$variation->technique}\" is not among the methods that \"{$variation->use}\" on \"{$variation->area}\" leaves open."));
    }

    /**
     * @param  callable(ComposedFigure): bool  $fits
     * @param  callable(): NotRight  $otherwise
     */
    private function requireAny(Unit $unit, VariedPlace $place, callable $fits, callable $otherwise): void
    {
        foreach ($this->covered($unit, $place) as $composed) {
            if ($fits($composed)) {
                return;
            }
        }

        throw $otherwise();
    }

    /** @return iterable<ComposedFigure> the figures that the place covers, as they are composed now */
    private function covered(Unit $unit, VariedPlace $place): iterable
    {
        foreach ($this->figures->ofUnit($unit) as $composed) {
            if ($place->covers($composed->id)) {
                yield $composed;
            }
        }
    }
}
