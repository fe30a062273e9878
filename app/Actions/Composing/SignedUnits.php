<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Models\Job;
use App\Models\JobMove;
use App\Models\SignOff;
use Illuminate\Database\Eloquent\Collection;

/** Signed figures of one job that were signed under one version of the standard. */
final readonly class SignedUnits
{
    /** What names a record; its text, which is long, is read where it is shown. */
    private const COLUMNS = ['id', 'studio_id', 'figure_id', 'number', 'hash', 'signed_at'];

    /**
     * @param  int  $version id
     * @param  list<int>  $units ids
     * @param  array<int, SignOff>  $records by id of the figure
     */
    private function __construct(
        public Job $job,
        public int $version,
        public array $units,
        public array $records,
    ) {
    }

    /**
     * @param  list<int>  $records ids
     * @return list<self>
     */
    public static function of(array $records): array
    {
        if ($records === []) {
            return [];
        }
        $signed = SignOff::query()->whereKey($records)->select(self::COLUMNS)->with('figure.unit.job')->orderBy('id')->get();
        /** @var Collection<int, JobMove> $moves */
        $moves = JobMove::query()->whereIn('job_id', $signed->map(static fn (SignOff $one): int => $one->figure->unit->job_id)->unique())->orderBy('id')->get();
        $groups = [];
        foreach ($signed as $one) {
            $job = $one->figure->unit->job;
            $version = self::version($one, $job, $moves);
            $before = $groups["{$job->id} {$version}"] ?? new self($job, $version, [], []);
            $groups["{$job->id} {$version}"] = new self($job, $version, array_values(array_unique([...$before->units, $one->figure->unit_id])), [$one->figure_id => $one] + $before->records);
        }

        return array_values($groups);
    }

    /** @return list<int> ids */
    public function figures(): array
    {
        return array_keys($this->records);
    }

    /**
     * The one that the job was on when the figure was signed.
     *
     * @param  Collection<int, JobMove>  $moves the earliest first
     */
    private static function version(SignOff $record, Job $job, Collection $moves): int
    {
        $after = $moves->first(static fn (JobMove $move): bool => $move->job_id === $job->id && $move->created_at !== null && $move->created_at->greaterThan($record->signed_at));

        return $after->from_version_id ?? $job->standard_version_id;
    }
}
