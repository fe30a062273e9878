<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\BackToPainting;
use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
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
use Core\Composition\AgreedAddition;
use Core\Composition\Choice as CoreChoice;
use Core\Composition\Waiver;
use Core\School\SchoolQuestion;
use Illuminate\Database\Eloquent\Collection;

/**
 * Sets one area apart: another tier, a use left out or added, a method chosen. For the whole unit, or for some
 * figures of it. Raises the version of the unit, which all of this belongs to.
 */
final readonly class VaryArea
{
    public function __construct(
        private JobFigures $figures,
        private WhatFits $fitting,
        private BackToPainting $backToPainting,
    ) {
    }

    /** @param  string|null  $tier null: as the figure */
    public function tier(VariedPlace $place, ?string $tier): Unit
    {
        return $this->change($place, static function (Unit $unit) use ($place, $tier): void {
            $own = $tier === null ? null : self::tierOfJob($unit, $tier)->id;
            foreach ($place->rows() as $row) {
                $own === null ? AreaTier::query()->where($row)->delete() : AreaTier::query()->updateOrCreate($row, ['tier_id' => $own]);
            }
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
        return $this->change($place, function (Unit $unit) use ($place, $question, $choice): void {
            $rows = $place->rows();
            $this->fitting->requireSpokenOf($unit, $place, $question);
            foreach ($rows as $columns) {
                $row = [...$columns, 'question' => $question];
                $choice === null ? AreaSchool::query()->where($row)->delete() : AreaSchool::query()->updateOrCreate($row, ['choice' => $choice]);
            }
        });
    }

    public function waive(VariedPlace $place, string $use, Terms $terms): Unit
    {
        return $this->change($place, function (Unit $unit) use ($place, $use, $terms): void {
            $this->fitting->requireAsked($unit, $place, new Waiver($place->area, $use, $terms->reason));
            self::agree($place, VariationKind::Waiver, $use, $terms);
        });
    }

    /**
     * @param  string  $tier that asks the use of such a surface
     *
     * @throws NotRight if nothing of that name can be added there
     */
    public function add(VariedPlace $place, string $tier, string $use, Terms $terms): Unit
    {
        return $this->change($place, function (Unit $unit) use ($place, $tier, $use, $terms): void {
            $row = self::tierOfJob($unit, $tier);
            $this->fitting->requireAddable($unit, $place, new AgreedAddition($place->area, $tier, $use, $terms->reason));
            self::agree($place, VariationKind::Addition, $use, $terms, ['tier_id' => $row->id]);
        });
    }

    /**
     * What was left out is asked again; what was added is laid no more.
     *
     * @param  non-empty-list<Figure>|null  $figures of which the same was agreed one by one; null: of whom it was agreed
     */
    public function unwaive(Variation $variation, ?array $figures, int $versionRead): Unit
    {
        $unit = $variation->unit()->with('job')->firstOrFail();
        $own = $variation->figure_id === null ? null : $figures ?? [Figure::query()->findOrFail($variation->figure_id)];
        $place = new VariedPlace($unit, $own, '', $versionRead);

        return $this->change($place, static function () use ($variation, $place): void {
            $ids = $place->ids();
            $same = ['unit_id' => $variation->unit_id, 'figure_area_id' => $variation->figure_area_id, 'kind' => $variation->kind, 'use' => $variation->use];
            Variation::query()->where($same)->when($ids === null, static fn ($rows) => $rows->whereNull('figure_id'), static fn ($rows) => $rows->whereIn('figure_id', $ids ?? []))->delete();
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
            $figures = self::lockUnsigned($locked, $place);
            $this->fitting->requireUndecided($locked, $place);
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
     * Says that the figures have no such area. What sits on it is missing with it; the rest keeps its size.
     *
     * @throws NotRight if it is the whole figure, or they lack it already
     */
    public function lack(VariedPlace $place, Terms $terms): Unit
    {
        return $this->change($place, function (Unit $unit) use ($place, $terms): void {
            $this->fitting->requireThere($unit, $place);
            self::agree($place, VariationKind::Lacks, '', $terms);
        });
    }

    /**
     * @param  string|null  $technique null takes the choice back
     *
     * @throws NotRight if the use leaves nothing to choose, or its menu includes no more
     */
    public function choose(VariedPlace $place, string $use, ?string $technique, User $by): Unit
    {
        return $this->change($place, function (Unit $unit) use ($place, $use, $technique, $by): void {
            if ($technique !== null) {
                $this->fitting->requireRoom($unit, $place, $use);
                $this->fitting->requireAsked($unit, $place, new CoreChoice($place->area, $use, $technique));
            }
            foreach ($place->rows() as $columns) {
                $row = [...$columns, 'use' => $use];
                $technique === null ? Choice::query()->where($row)->delete() : Choice::query()->updateOrCreate($row, ['technique' => $technique, 'user_id' => $by->id]);
            }
        });
    }

    /** @param  callable(Unit): void  $change */
    private function change(VariedPlace $place, callable $change): Unit
    {
        return Transaction::run(function () use ($place, $change): Unit {
            $locked = Versioned::lock($place->unit, $place->versionRead, "the unit {$place->unit->name}");
            $locked->loadMissing('job');
            $touched = self::lockUnsigned($locked, $place);
            $before = $this->signatures($locked);
            $change($locked);
            $locked->save();
            $after = $this->signatures($locked);
            $this->backToPainting->handle($touched->filter(static fn (Figure $row): bool => $before[$row->id] !== $after[$row->id]));

            return $locked;
        });
    }

    /** @return Collection<int, Figure> those that the change is said of; none of them is signed */
    private static function lockUnsigned(Unit $unit, VariedPlace $place): Collection
    {
        $ids = $place->ids();
        $figures = Figure::query()->where('unit_id', $unit->id)->when($ids !== null, static fn ($query) => $query->whereKey($ids))->orderBy('id')->lockForUpdate()->get();
        AssignUnit::requireUnsigned($figures->all());

        return $figures;
    }

    /** @param  array<string, int>  $further columns */
    private static function agree(VariedPlace $place, VariationKind $kind, string $use, Terms $terms, array $further = []): void
    {
        foreach ($place->rows() as $columns) {
            Variation::query()->updateOrCreate(
                [...$columns, 'kind' => $kind, 'use' => $use],
                ['reason' => $terms->reason, 'agreed_with' => $terms->agreedWith, 'price' => $terms->price, 'user_id' => $terms->by->id, ...$further],
            );
        }
    }

    private static function tierOfJob(Unit $unit, string $tier): Tier
    {
        $row = Tier::query()->where('standard_version_id', $unit->job->standard_version_id)->where('key', $tier)->first();

        return $row === null || $row->retired
            ? throw NotRight::at('/tier', 'unknown-tier', "The standard of this job has no tier \"{$tier}\" that new work may take.")
            : $row;
    }

    /** @return array<int, string> by figure */
    private function signatures(Unit $unit): array
    {
        return ComposedFigure::signatures($this->figures->ofUnit($unit));
    }
}
