<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Composing\JobStandards;
use App\Actions\Transaction;
use App\Models\AreaTier;
use App\Models\Figure;
use App\Models\Job;
use App\Models\Unit;
use App\Refusals\NotRight;
use Core\Standard\TierLadder;
use Illuminate\Support\Collection;

/** Gives many rows of the grid a painter, or a tier, or so many tiers more or less, or each its own: all of them, or none. */
final readonly class AssignRows
{
    public function __construct(
        private AssignUnit $assign,
        private VaryArea $vary,
        private JobStandards $standards,
    ) {
    }

    /** @param  non-empty-list<ChosenRow>  $rows each with what it gets */
    public function own(Job $job, array $rows): Job
    {
        return $this->each($job, $rows, fn (Unit $unit, ChosenRow $row): Unit => $this->give($unit, $row, $row->own));
    }

    /**
     * @param  non-empty-list<ChosenRow>  $rows
     * @param  string|int  $to a tier; or so many tiers up, below 0 down, where what is at the end of the ladder stays
     *
     * @throws NotRight if all of them are at that end
     */
    public function tier(Job $job, array $rows, string|int $to): Job
    {
        $ladder = new TierLadder($this->standards->of($job));
        $changed = false;
        $done = $this->each($job, $rows, function (Unit $unit, ChosenRow $row) use ($ladder, $to, &$changed): Unit {
            $target = static fn (string $from): string => is_int($to) ? $ladder->from($from, $to) : $to;
            if ($row->figures === null) {
                $tier = $target($unit->tier->key);
                $changed = $changed || $tier !== $unit->tier->key;

                return $this->give($unit, $row, ['tier' => $tier]);
            }
            $byTier = [];
            foreach ($this->ofRow($unit, $row) as $figure) {
                $from = $figure->tier->key ?? $unit->tier->key;
                $changed = $changed || $target($from) !== $from;
                $byTier[$target($from)][$figure->id] = $row->figures[$figure->id];
            }
            foreach ($byTier as $tier => $figures) {
                $this->assign->figures($figures, ['tier' => (string) $tier]);
            }

            return $unit;
        });

        return $changed || ! is_int($to) ? $done : throw self::atTheEnd($to);
    }

    /**
     * The tier of one area.
     *
     * @param  non-empty-list<ChosenRow>  $rows
     * @param  string|int|null  $to as above; null: as the figure
     *
     * @throws NotRight if none of the rows has such an area, or all are at the end of the ladder
     */
    public function areaTier(Job $job, array $rows, string $area, string|int|null $to): Job
    {
        $ladder = new TierLadder($this->standards->of($job));
        $changed = $known = false;
        $done = $this->each($job, $rows, function (Unit $unit, ChosenRow $row) use ($ladder, $area, $to, &$changed, &$known): Unit {
            $areas = VariedPlace::areas($unit, $area);
            if ($areas === []) {
                return $unit;
            }
            $known = true;
            $own = AreaTier::query()->with('tier')->where('unit_id', $unit->id)->whereIn('figure_area_id', $areas)->get()->mapWithKeys(static fn (AreaTier $one): array => [$one->figure_id ?? 0 => $one->tier->key]);
            $wide = $own->get(0);
            $version = $row->versionRead;
            foreach ($this->areaTargets($unit, $row, $own) as [$figures, $figureTier]) {
                $from = $own->get($figures[0]->id ?? 0) ?? $wide ?? $figureTier;
                $tier = is_int($to) ? $ladder->from($from, $to) : $to;
                $changed = $changed || $tier !== $from;
                // What comes to the tier of its figure has none of its own any more, unless the unit has.
                $isOwn = $tier !== $figureTier || ($figures !== null && $wide !== null);
                $unit = $this->vary->tier(new VariedPlace($unit, $figures, $area, $version), $isOwn ? $tier : null);
                $version = $unit->version;
            }

            return $unit;
        });
        if (! $known) {
            throw NotRight::at('/area', 'unknown-area', "None of these figures has an area \"{$area}\".");
        }

        return $changed || ! is_int($to) ? $done : throw self::atTheEnd($to);
    }

    /**
     * Figures of a row that stand alike in tier and in the tier of an area, so that they are changed together.
     *
     * @param  Collection<int, string>  $own tier of the area, by figure
     * @return list<array{non-empty-list<Figure>|null, string}> figures and their tier
     */
    private function areaTargets(Unit $unit, ChosenRow $row, Collection $own): array
    {
        if ($row->figures === null) {
            return [[null, $unit->tier->key]];
        }
        $alike = [];
        foreach ($this->ofRow($unit, $row) as $figure) {
            $tier = $figure->tier->key ?? $unit->tier->key;
            $key = "{$tier} {$own->get($figure->id)}";
            $alike[$key] = [[...$alike[$key][0] ?? [], $figure], $tier];
        }

        return array_values($alike);
    }

    /** @param  array{tier?: string, painter_id?: int|null}  $change */
    private function give(Unit $unit, ChosenRow $row, array $change): Unit
    {
        if ($row->figures === null) {
            return $this->assign->unit($unit, $row->versionRead, $change);
        }
        Figure::query()->where('unit_id', $unit->id)->findOrFail(array_keys($row->figures));
        $this->assign->figures($row->figures, $change);

        return $unit;
    }

    /** @return list<Figure> */
    private function ofRow(Unit $unit, ChosenRow $row): array
    {
        return array_values(Figure::query()->with('tier.piece')->where('unit_id', $unit->id)->orderBy('id')->findOrFail(array_keys($row->figures ?? []))->all());
    }

    /**
     * @param  non-empty-list<ChosenRow>  $rows
     * @param  callable(Unit, ChosenRow): Unit  $change
     */
    private function each(Job $job, array $rows, callable $change): Job
    {
        return Transaction::run(static function () use ($job, $rows, $change): Job {
            // Units in one order, each before figures of it.
            usort($rows, static fn (ChosenRow $one, ChosenRow $other): int => [$one->unit, $one->figures !== null] <=> [$other->unit, $other->figures !== null]);
            $versions = [];
            foreach ($rows as $row) {
                $unit = Unit::query()->with(['job', 'tier.piece'])->where('job_id', $job->id)->findOrFail($row->unit);
                $read = $versions[$unit->id] ?? $row->versionRead;
                $versions[$unit->id] = $change($unit, new ChosenRow($unit->id, $read, $row->figures, $row->own))->version;
            }

            return $job->refresh();
        });
    }

    private static function atTheEnd(int $to): NotRight
    {
        return NotRight::at('/by', 'at-the-end', $to > 0 ? 'All of these are at the highest tier of the ladder already.' : 'All of these are at the lowest tier of the ladder already.');
    }
}
