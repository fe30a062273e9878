<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\BackToPainting;
use App\Actions\Composing\JobStandards;
use App\Actions\FigureTypes\FigureTypes;
use App\Actions\Schemes\SchemeBook;
use App\Actions\Transaction;
use App\Actions\Unsigned;
use App\Actions\Versioned;
use App\Models\CurrentStudio;
use App\Models\Figure;
use App\Models\Job;
use App\Models\Scheme;
use App\Models\Tier;
use App\Models\Unit;
use App\Models\User;
use App\Refusals\NotRight;
use Core\Composition\FigureType;
use Illuminate\Database\Eloquent\Collection;

/** Gives a unit, or single figures of it, a tier and a painter. */
final readonly class AssignUnit
{
    public function __construct(
        private CurrentStudio $studio,
        private BackToPainting $backToPainting,
        private SchemeBook $schemes,
        private JobStandards $standards,
    ) {
    }

    /** @param  array{tier?: string, painter_id?: int|null, scheme_id?: int|null}  $change what is not named stays */
    public function unit(Unit $unit, int $versionRead, array $change): Unit
    {
        return Transaction::run(function () use ($unit, $versionRead, $change): Unit {
            $locked = Versioned::lock($unit, $versionRead, "the unit {$unit->name}");
            if (isset($change['tier'])) {
                $tier = $this->tier($locked, $change['tier']);
                $following = Figure::query()->where('unit_id', $locked->id)->whereNull('tier_id')->get();
                self::requireUnsigned($following->all());
                if ($tier->id !== $locked->tier_id) {
                    $locked->tier_id = $tier->id;
                    $this->backToPainting->handle($following);
                }
            }
            if (array_key_exists('painter_id', $change)) {
                $locked->painter_id = $this->painter($change['painter_id']);
            }
            if (array_key_exists('scheme_id', $change)) {
                $scheme = self::scheme($locked, $change['scheme_id']);
                $this->goBackIfOtherwise($locked, $locked->scheme_id, $scheme, Figure::query()->where('unit_id', $locked->id)->whereNull('scheme_id')->get());
                $locked->scheme_id = $scheme;
            }
            $locked->save();

            return $locked;
        });
    }

    /** Null: the common scheme of the force. */
    private static function scheme(Unit $unit, ?int $scheme): ?int
    {
        if ($scheme === null) {
            return null;
        }
        $force = Job::query()->findOrFail($unit->job_id)->force_id;

        return Scheme::query()->where('force_id', $force)->find($scheme)->id
            ?? throw NotRight::at('/scheme_id', 'unknown-scheme', 'The force of this job has no such scheme.');
    }

    /**
     * Some figures of one job, all of them or none.
     *
     * @param  array<int, int>  $versionsRead  by figure
     * @param  array{tier?: string|null, painter_id?: int|null, schemes?: non-empty-list<int>}  $change  null: as its unit; of several schemes each figure takes one in turn
     */
    public function figures(array $versionsRead, array $change): Job
    {
        return Transaction::run(function () use ($versionsRead, $change): Job {
            $figures = Figure::query()->with('unit.job')->orderBy('id')->findOrFail(array_keys($versionsRead));
            $jobs = $figures->map(static fn (Figure $figure): int => $figure->unit->job_id)->unique();
            if ($jobs->count() !== 1) {
                throw NotRight::at('/figures', 'several-jobs', 'These figures are of several jobs; change them job by job.');
            }
            foreach ($figures->values() as $at => $figure) {
                $schemes = $change['schemes'] ?? [];
                $this->figure($figure, $versionsRead[$figure->id], $change, $schemes === [] ? null : $schemes[$at % count($schemes)]);
            }

            return Job::query()->whereKey($jobs->first())->firstOrFail();
        });
    }

    /**
     * @param  array{tier?: string|null, painter_id?: int|null}  $change
     * @param  int|null  $scheme null: as it is
     */
    private function figure(Figure $figure, int $versionRead, array $change, ?int $scheme): void
    {
        $locked = Versioned::lock($figure, $versionRead, "figure {$figure->number} of {$figure->unit->name}");
        self::requireUnsigned([$locked]);
        if (array_key_exists('tier', $change)) {
            $tier = $change['tier'] === null ? null : $this->tier($figure->unit, $change['tier'])->id;
            $tier = $tier === $figure->unit->tier_id ? null : $tier;
            if ($tier !== $locked->tier_id) {
                $this->backToPainting->handle($figure->newCollection([$locked]));
                $locked->tier_id = $tier;
                $locked->state = Figure::query()->whereKey($locked->id)->firstOrFail()->state;
            }
        }
        if (array_key_exists('painter_id', $change)) {
            $locked->painter_id = $this->painter($change['painter_id']);
        }
        if ($scheme !== null) {
            $own = self::scheme($figure->unit, $scheme);
            $own = $own === self::schemeOf($figure->unit) ? null : $own;
            $this->goBackIfOtherwise($figure->unit, $locked->schemeIn($figure->unit), $own ?? $figure->unit->scheme_id, $figure->newCollection([$locked]));
            $locked->scheme_id = $own;
            $locked->state = Figure::query()->whereKey($locked->id)->firstOrFail()->state;
        }
        $locked->save();
    }

    /**
     * Another scheme may say that an area is something else; then other work is asked.
     *
     * @param  Collection<int, Figure>  $figures
     */
    private function goBackIfOtherwise(Unit $unit, ?int $from, ?int $to, Collection $figures): void
    {
        $unit->loadMissing(['job', ...FigureTypes::within('figureType')]);
        $figures->loadMissing(FigureTypes::within('figureType'));
        $surfaces = $from === $to ? [] : $this->schemes->surfaces([$unit->job->force_id])[$unit->job->force_id] ?? [];
        if ($surfaces === []) {
            return;
        }
        $standard = $this->standards->of($unit->job);
        foreach ($figures->groupBy(static fn (Figure $figure): int => $figure->typeIdIn($unit)) as $alike) {
            $row = $alike->firstOrFail()->typeIn($unit);
            $type = FigureTypes::core($row);
            $painted = static fn (?int $scheme): FigureType => isset($surfaces[$scheme ?? 0]) ? $surfaces[$scheme ?? 0]->on($type, $row->key, $standard) : $type;
            if ($painted($from) != $painted($to)) {
                $this->backToPainting->handle($alike);
            }
        }
    }

    /** @return int|null the common scheme of the force, where the unit names none */
    private static function schemeOf(Unit $unit): ?int
    {
        return $unit->scheme_id ?? Scheme::query()->where('force_id', Job::query()->findOrFail($unit->job_id)->force_id)->whereNull('common_id')->first()?->id;
    }

    /** @param  array<array-key, Figure>  $figures */
    public static function requireUnsigned(array $figures): void
    {
        Unsigned::require($figures, static fn (Figure $figure): string => "Figure {$figure->number} is signed off and cannot change; change the others one by one.");
    }

    private function tier(Unit $unit, string $key): Tier
    {
        $unit->loadMissing('job');
        $tier = Tier::query()->where('standard_version_id', $unit->job->standard_version_id)->where('key', $key)->first();
        if ($tier === null) {
            throw NotRight::at('/tier', 'unknown-tier', "The standard of this job has no tier \"{$key}\".");
        }
        if ($tier->retired) {
            throw NotRight::at('/tier', 'retired-tier', "The tier \"{$tier->name}\" is retired; old jobs keep it, new work does not take it.");
        }

        return $tier;
    }

    private function painter(?int $id): ?int
    {
        if ($id !== null && ! User::query()->where('studio_id', $this->studio->id())->whereKey($id)->exists()) {
            throw NotRight::at('/painter_id', 'unknown-painter', 'Nobody of this studio has this number; choose one of its people.');
        }

        return $id;
    }
}
