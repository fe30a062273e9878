<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\Standards\StandardLibrary;
use App\Actions\Studios\Log;
use App\Models\Clearance;
use App\Models\LogKind;
use App\Models\StandardVersion;
use App\Models\User;
use App\Refusals\NotRight;
use Core\Standard\Clearances;
use Core\Standard\Standard;

/** Says what somebody may do unsupervised. */
final readonly class Clear
{
    public function __construct(
        private ChangePerson $changing,
        private StandardLibrary $library,
    ) {
    }

    /** Who checks needs nobody beside them, so of them nothing is said. */
    public static function of(User $person): Clearances
    {
        if ($person->role->checks()) {
            return new Clearances([]);
        }
        /** @var array<string, int> $upTo */
        $upTo = Clearance::query()->where('user_id', $person->id)->pluck('up_to_rank', 'technique')->all();

        return new Clearances($upTo);
    }

    /**
     * @param  list<User>  $people
     * @return array<int, Clearances> by person
     */
    public static function ofAll(array $people): array
    {
        $upTo = array_fill_keys(array_map(static fn (User $person): int => $person->id, $people), []);
        $painters = array_filter($people, static fn (User $person): bool => ! $person->role->checks());
        foreach (Clearance::query()->whereIn('user_id', array_map(static fn (User $person): int => $person->id, $painters))->get() as $row) {
            $upTo[$row->user_id][$row->technique] = $row->up_to_rank;
        }

        return array_map(static fn (array $one): Clearances => new Clearances($one), $upTo);
    }

    /** The standard in force, whose techniques are cleared; null: none is in force yet. */
    public function standard(): ?Standard
    {
        $version = StandardVersion::inForce();

        return $version === null ? null : $this->library->of($version->id);
    }

    /**
     * Replaces all of them; what stays as it was keeps who gave it and when.
     *
     * @param  array<string, int>  $upTo  rank of the highest tier, by id of technique
     *
     * @throws NotRight if a technique is named that the standard in force has not
     */
    public function handle(User $person, array $upTo, int $versionRead, User $by): void
    {
        $known = $this->standard()?->techniqueIds() ?? [];
        foreach (array_keys($upTo) as $i => $technique) {
            if (! in_array((string) $technique, $known, true)) {
                throw NotRight::at("/clearances/{$i}/technique", 'unknown-technique', "The standard in force has no technique \"{$technique}\".");
            }
        }
        $this->changing->with($person, $versionRead, static function (User $locked) use ($upTo, $by): void {
            $locked->save();
            $rows = Clearance::query()->where('user_id', $locked->id)->get()->keyBy('technique');
            foreach ($rows as $technique => $row) {
                isset($upTo[$technique]) || $row->delete();
            }
            foreach ($upTo as $technique => $rank) {
                if (($rows->get($technique)->up_to_rank ?? null) !== $rank) {
                    Clearance::query()->updateOrCreate(['user_id' => $locked->id, 'technique' => $technique], ['up_to_rank' => $rank, 'given_by' => $by->id]);
                }
            }
            Log::of($by, LogKind::ClearanceChanged, $locked->name.', '.count($upTo).(count($upTo) === 1 ? ' technique' : ' techniques'));
        });
    }
}
