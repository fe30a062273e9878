<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\BackToPainting;
use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\AreaSchool;
use App\Models\AreaTier;
use App\Models\Check;
use App\Models\Choice;
use App\Models\Figure;
use App\Models\RoundState;
use App\Models\Tier;
use App\Models\Unit;
use App\Models\User;
use App\Models\Variation;
use App\Models\VariationKind;
use App\Refusals\NotRight;
use Core\Composition\Asked;
use Core\Composition\Choice as CoreChoice;
use Core\Composition\FittingVariations;
use Core\Composition\Waiver;
use Core\School\SchoolQuestion;
use Illuminate\Database\Eloquent\Collection;

/**
 * Sets one area apart: another tier, a use left out, a method chosen. For the whole unit, or for one
 * figure of it. Raises the version of the unit, which all of this belongs to.
 */
final readonly class VaryArea
{
    public function __construct(
        private JobFigures $figures,
        private JobStandards $standards,
        private BackToPainting $backToPainting,
    ) {
    }

    /** @param  string|null  $tier null: as the figure */
    public function tier(VariedPlace $place, ?string $tier): Unit
    {
        return $this->change($place->unit, $place->figure, $place->versionRead, static function (Unit $unit) use ($place, $tier): void {
            if ($tier === null) {
                AreaTier::query()->where($place->columns())->delete();

                return;
            }
            $row = Tier::query()->where('standard_version_id', $unit->job->standard_version_id)->where('key', $tier)->first();
            if ($row === null || $row->retired) {
                throw NotRight::at('/tier', 'unknown-tier', "The standard of this job has no tier \"{$tier}\" that new work may take.");
            }
            AreaTier::query()->updateOrCreate($place->columns(), ['tier_id' => $row->id]);
        });
    }

    /**
     * What is marked stands, whatever the order.
     *
     * @param  string|null  $choice of the question's; null: as its surface
     *
     * @throws NotRight if the question says nothing of such an area
     */
    public function school(VariedPlace $place, SchoolQuestion $question, ?string $choice): Unit
    {
        return $this->change($place->unit, $place->figure, $place->versionRead, function (Unit $unit) use ($place, $question, $choice): void {
            $row = [...$place->columns(), 'question' => $question];
            $this->requireSpokenOf($unit, $place, $question);
            if ($choice === null) {
                AreaSchool::query()->where($row)->delete();

                return;
            }
            AreaSchool::query()->updateOrCreate($row, ['choice' => $choice]);
        });
    }

    public function waive(VariedPlace $place, string $use, Terms $terms): Unit
    {
        return $this->change($place->unit, $place->figure, $place->versionRead, function (Unit $unit) use ($place, $use, $terms): void {
            $this->requireAsked($unit, $place, new Waiver($place->area, $use, $terms->reason));
            self::agree($place, VariationKind::Waiver, $use, $terms);
        });
    }

    public function unwaive(Variation $variation, int $versionRead): Unit
    {
        $unit = $variation->unit()->with('job')->firstOrFail();
        $figure = $variation->figure_id === null ? null : Figure::query()->findOrFail($variation->figure_id);

        return $this->change($unit, $figure, $versionRead, static function () use ($variation): void {
            $variation->delete();
        });
    }

    /**
     * Agrees that nothing is asked of an area about which the tier is silent.
     *
     * @throws NotRight if the standard says something of it
     */
    public function notAsked(VariedPlace $place, Terms $terms): Unit
    {
        return Transaction::run(function () use ($place, $terms): Unit {
            $locked = Versioned::lock($place->unit, $place->versionRead, "the unit {$place->unit->name}");
            $figures = self::lockUnsigned($locked, $place->figure);
            $this->requireUndecided($locked, $place);
            self::agree($place, VariationKind::NotAsked, '', $terms);
            $locked->save();
            // Nothing that is painted or judged has changed, so a check goes on where it was.
            foreach ($this->signatures($locked) as $id => $signature) {
                Check::query()->where('figure_id', $id)->whereIn('figure_id', $figures->modelKeys())->where('state', '<>', RoundState::Signed)->update(['signature' => $signature]);
            }

            return $locked;
        });
    }

    /**
     * @param  string|null  $technique null takes the choice back
     *
     * @throws NotRight if the use leaves nothing to choose, or its menu includes no more
     */
    public function choose(VariedPlace $place, string $use, ?string $technique, User $by): Unit
    {
        return $this->change($place->unit, $place->figure, $place->versionRead, function (Unit $unit) use ($place, $use, $technique, $by): void {
            if ($technique === null) {
                Choice::query()->where([...$place->columns(), 'use' => $use])->delete();

                return;
            }
            $this->requireRoom($unit, $place, $use);
            $this->requireAsked($unit, $place, new CoreChoice($place->area, $use, $technique));
            Choice::query()->updateOrCreate([...$place->columns(), 'use' => $use], ['technique' => $technique, 'user_id' => $by->id]);
        });
    }

    /** @param  callable(Unit): void  $change */
    private function change(Unit $unit, ?Figure $figure, int $versionRead, callable $change): Unit
    {
        return Transaction::run(function () use ($unit, $figure, $versionRead, $change): Unit {
            $locked = Versioned::lock($unit, $versionRead, "the unit {$unit->name}");
            $locked->loadMissing('job');
            $touched = self::lockUnsigned($locked, $figure);
            $before = $this->signatures($locked);
            $change($locked);
            $locked->save();
            $after = $this->signatures($locked);
            $this->backToPainting->handle($touched->filter(static fn (Figure $row): bool => $before[$row->id] !== $after[$row->id]));

            return $locked;
        });
    }

    /** @return Collection<int, Figure> those that the change is said of; none of them is signed */
    private static function lockUnsigned(Unit $unit, ?Figure $figure): Collection
    {
        $figures = Figure::query()->where('unit_id', $unit->id)->when($figure !== null, static fn ($query) => $query->whereKey($figure?->id))->orderBy('id')->lockForUpdate()->get();
        AssignUnit::requireUnsigned($figures->all());

        return $figures;
    }

    private static function agree(VariedPlace $place, VariationKind $kind, string $use, Terms $terms): void
    {
        Variation::query()->updateOrCreate(
            [...$place->columns(), 'kind' => $kind, 'use' => $use],
            ['reason' => $terms->reason, 'agreed_with' => $terms->agreedWith, 'user_id' => $terms->by->id],
        );
    }

    /** @return array<int, string> by figure */
    private function signatures(Unit $unit): array
    {
        return ComposedFigure::signatures($this->figures->ofUnit($unit));
    }

    /** @return iterable<ComposedFigure> the figures that the place covers, as they are composed now */
    private function covered(Unit $unit, VariedPlace $place): iterable
    {
        foreach ($this->figures->ofUnit($unit) as $composed) {
            if ($place->covers($composed->row)) {
                yield $composed;
            }
        }
    }

    private function requireUndecided(Unit $unit, VariedPlace $place): void
    {
        foreach ($this->covered($unit, $place) as $composed) {
            if (in_array($place->area, $composed->composition->undecided, true)) {
                return;
            }
        }

        throw NotRight::at('/area', 'not-undecided', "The standard says what is asked of \"{$place->area}\" here, or it was agreed already; what it asks is left out use by use.");
    }

    /** A question speaks of metals, or of what covers the ground. */
    private function requireSpokenOf(Unit $unit, VariedPlace $place, SchoolQuestion $question): void
    {
        $standard = $this->standards->of($unit->job);
        foreach ($this->covered($unit, $place) as $composed) {
            $area = $composed->figure->area($place->area);
            if ($area !== null && in_array($question, $standard->surface($area->surface)->questions(), true)) {
                return;
            }
        }

        throw NotRight::at('/question', 'not-of-this-area', "{$question->inWords()} is no question of \"{$place->area}\"; metals have a school of their own, and what covers the ground.");
    }

    /** A menu includes so many; what is beyond them is an addition, which is agreed and priced otherwise. */
    private function requireRoom(Unit $unit, VariedPlace $place, string $use): void
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

    /** At least one of the figures it is said of has it asked. */
    private function requireAsked(Unit $unit, VariedPlace $place, Waiver|CoreChoice $variation): void
    {
        $fitting = new FittingVariations($this->standards->of($unit->job));
        foreach ($this->covered($unit, $place) as $composed) {
            if ($variation instanceof Waiver ? $fitting->fitsWaiver($composed->figure, $variation) : $fitting->fitsChoice($composed->figure, $variation)) {
                return;
            }
        }

        throw $variation instanceof Waiver
            ? NotRight::at('/use', 'unknown-use', "Nothing called \"{$variation->use}\" is asked on \"{$variation->area}\" here, so it cannot be left out.")
            : NotRight::at('/technique', 'not-a-choice', "\"{$variation->technique}\" is not among the methods that \"{$variation->use}\" on \"{$variation->area}\" leaves open.");
    }
}
