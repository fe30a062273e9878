<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\BackToPainting;
use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Import\RosterReader;
use App\Models\Figure;
use App\Models\Job;
use App\Models\Unit;
use App\Refusals\NotRight;
use Illuminate\Database\Eloquent\Collection;

/**
 * Figures leave their unit: for one of their own, which is painted as theirs was, or for another, with which they are painted
 * from then on. What was said of a figure alone goes with it; so does what was painted.
 */
final readonly class MoveFigures
{
    public function __construct(private JobFigures $figures, private BackToPainting $backToPainting)
    {
    }

    /**
     * @param  non-empty-list<int>  $ids
     *
     * @throws NotRight if all of them would leave, or another unit of the job has this name
     */
    public function apart(Unit $unit, array $ids, string $name, int $versionRead): Unit
    {
        return Transaction::run(function () use ($unit, $ids, $name, $versionRead): Unit {
            Job::query()->lockForUpdate()->findOrFail($unit->job_id);
            $from = Versioned::lock($unit, $versionRead, "the unit {$unit->name}");
            if (Unit::query()->where('job_id', $from->job_id)->where('name', $name)->exists()) {
                throw NotRight::at('/name', 'duplicate-unit', "This job has a unit \"{$name}\" already; give each unit its own name, or move them there.");
            }
            $figures = self::leaving($from, $ids);
            AssignUnit::requireUnsigned($figures->all());
            if ($figures->count() === Figure::query()->where('unit_id', $from->id)->count()) {
                throw NotRight::at('/figures', 'all-of-them', "These are all figures of {$from->name}; give the unit another name instead.");
            }
            $types = $figures->map(static fn (Figure $figure): int => $figure->typeIdIn($from))->unique();
            $into = Unit::query()->create([
                'figure_type_id' => $types->count() === 1 ? $types->first() : $from->figure_type_id,
                ...$from->only(['job_id', 'tier_id', 'painter_id', 'scheme_id', 'note']),
                'name' => $name, 'position' => $from->position + 1,
            ]);
            Unit::query()->where('job_id', $from->job_id)->whereKeyNot($into->id)->where('position', '>', $from->position)->increment('position');
            foreach (EmptiedUnit::AGREED as $agreed) {
                foreach ($agreed::query()->where('unit_id', $from->id)->whereNull('figure_id')->orderBy('id')->get() as $row) {
                    $row->replicate(['figure_or_all'])->fill(['unit_id' => $into->id])->save();
                }
            }
            self::move($figures, $from, $into);
            $from->save();

            return $into;
        });
    }

    /**
     * @param  non-empty-list<int>  $ids
     *
     * @throws NotRight if the other unit would be too large
     */
    public function over(Unit $unit, array $ids, int $to, int $versionRead): Unit
    {
        return Transaction::run(function () use ($unit, $ids, $to, $versionRead): Unit {
            $job = Job::query()->lockForUpdate()->findOrFail($unit->job_id);
            $into = Unit::query()->where('job_id', $job->id)->whereKeyNot($unit->id)->findOrFail($to);
            // Both in the order of their ids, whichever way the figures go.
            Unit::query()->whereKey([$unit->id, $into->id])->orderBy('id')->lockForUpdate()->pluck('id');
            $from = Versioned::lock($unit, $versionRead, "the unit {$unit->name}");
            $figures = self::leaving($from, $ids);
            AssignUnit::requireUnsigned($figures->all());
            if (Figure::query()->where('unit_id', $into->id)->count() + $figures->count() > RosterReader::MOST_IN_A_LINE) {
                throw NotRight::at('/figures', 'too-many-figures', sprintf('A unit takes at most %d figures.', RosterReader::MOST_IN_A_LINE));
            }
            $before = ComposedFigure::signatures($this->figures->ofUnit($from));
            self::move($figures, $from, $into);
            $into->increment('version');
            Figure::query()->where('unit_id', $from->id)->exists() ? $from->save() : EmptiedUnit::take($from);
            $after = ComposedFigure::signatures($this->figures->ofUnit($into));
            $this->backToPainting->handle(Figure::query()->whereKey($figures->modelKeys())->get()->filter(static fn (Figure $figure): bool => $before[$figure->id] !== $after[$figure->id]));

            return $into->refresh();
        });
    }

    /**
     * @param  non-empty-list<int>  $ids
     * @return Collection<int, Figure>
     */
    private static function leaving(Unit $unit, array $ids): Collection
    {
        return Figure::query()->where('unit_id', $unit->id)->orderBy('id')->lockForUpdate()->findOrFail($ids);
    }

    /** @param  Collection<int, Figure>  $figures */
    private static function move(Collection $figures, Unit $from, Unit $into): void
    {
        $number = Figure::query()->where('unit_id', $into->id)->orderByDesc('number')->first()->number ?? 0;
        foreach ($figures as $figure) {
            $figure->update([
                'unit_id' => $into->id, 'number' => ++$number, 'version' => $figure->version + 1,
                // What was its own and is that of its new unit is no longer its own; a figure stays of the type that it is.
                'figure_type_id' => $figure->typeIdIn($from) === $into->figure_type_id ? null : $figure->typeIdIn($from),
                'tier_id' => $figure->tier_id === $into->tier_id ? null : $figure->tier_id,
            ]);
        }
        foreach (EmptiedUnit::AGREED as $agreed) {
            $agreed::query()->whereIn('figure_id', $figures->modelKeys())->update(['unit_id' => $into->id]);
        }
    }
}
