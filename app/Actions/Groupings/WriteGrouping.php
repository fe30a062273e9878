<?php

declare(strict_types=1);

namespace App\Actions\Groupings;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\Figure;
use App\Models\GroupedFigure;
use App\Models\Grouping;
use App\Models\Job;
use App\Refusals\NotRight;
use App\Refusals\Stale;
use Illuminate\Database\Eloquent\Collection;

/** Figures of a job are grouped otherwise. Nothing that is painted or asked follows from it. */
final readonly class WriteGrouping
{
    /**
     * @param  list<Group>  $groups
     *
     * @throws NotRight if the job has a grouping of this name, or a figure is in two groups or of another job
     */
    public function make(Job $job, string $name, array $groups): Grouping
    {
        return Transaction::run(static function () use ($job, $name, $groups): Grouping {
            Job::query()->lockForUpdate()->findOrFail($job->id);
            self::requireOwnName($job->id, $name, null);
            $grouping = Grouping::query()->create(['job_id' => $job->id, 'name' => $name]);
            self::write($grouping, $groups);

            return $grouping;
        });
    }

    /**
     * @param  list<Group>  $groups
     *
     * @throws NotRight if another grouping has this name, or a figure is in two groups or of another job
     * @throws Stale if somebody else changed it
     */
    public function change(Grouping $grouping, string $name, array $groups, int $versionRead): void
    {
        Transaction::run(static function () use ($grouping, $name, $groups, $versionRead): void {
            Job::query()->lockForUpdate()->findOrFail($grouping->job_id);
            $now = Versioned::lock($grouping, $versionRead, "the grouping {$grouping->name}");
            self::requireOwnName($now->job_id, $name, $now->id);
            $now->name = $name;
            $now->save();
            self::write($now, $groups);
        });
    }

    /** @throws Stale if somebody else changed it */
    public function remove(Grouping $grouping, int $versionRead): void
    {
        Transaction::run(static function () use ($grouping, $versionRead): void {
            Job::query()->lockForUpdate()->findOrFail($grouping->job_id);
            $now = Versioned::lock($grouping, $versionRead, "the grouping {$grouping->name}");
            GroupedFigure::query()->where('grouping_id', $now->id)->delete();
            $now->delete();
        });
    }

    private static function requireOwnName(int $job, string $name, ?int $itself): void
    {
        if (Grouping::query()->where('job_id', $job)->whereKeyNot($itself ?? 0)->whereRaw('LOWER(name) = ?', [mb_strtolower($name)])->exists()) {
            throw NotRight::at('/name', 'duplicate-grouping', "This job has a grouping \"{$name}\" already; give each its own name.");
        }
    }

    /** @param  list<Group>  $groups */
    private static function write(Grouping $grouping, array $groups): void
    {
        $wanted = self::groupOfEach($grouping, $groups);
        /** @var Collection<int, GroupedFigure> $rows */
        $rows = GroupedFigure::query()->where('grouping_id', $grouping->id)->get()->keyBy('figure_id');
        GroupedFigure::query()->whereKey($rows->reject(static fn (GroupedFigure $row): bool => ($wanted[$row->figure_id] ?? null) === $row->group_name)->modelKeys())->delete();
        $now = now();
        $new = [];
        foreach ($wanted as $figure => $group) {
            if ($rows->get($figure)?->group_name !== $group) {
                $new[] = ['studio_id' => $grouping->studio_id, 'grouping_id' => $grouping->id, 'figure_id' => $figure, 'group_name' => $group, 'created_at' => $now, 'updated_at' => $now];
            }
        }
        GroupedFigure::query()->insert($new);
    }

    /**
     * @param  list<Group>  $groups
     * @return array<int, string> name of the group by figure
     */
    private static function groupOfEach(Grouping $grouping, array $groups): array
    {
        $known = Figure::query()->whereIn('unit_id', $grouping->job->units()->select('id'))->pluck('id')->flip();
        $wanted = [];
        foreach ($groups as $i => $group) {
            foreach ($group->figures as $j => $figure) {
                if (! $known->has($figure)) {
                    throw NotRight::at("/groups/{$i}/figures/{$j}", 'unknown-figure', 'This figure is none of the job any more. Open the page again.');
                }
                if (isset($wanted[$figure])) {
                    throw NotRight::at("/groups/{$i}/figures/{$j}", 'two-groups', "A figure of \"{$group->name}\" is in \"{$wanted[$figure]}\" already; in one grouping a figure is in one group.");
                }
                $wanted[$figure] = $group->name;
            }
        }

        return $wanted;
    }
}
