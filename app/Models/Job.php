<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\ChosenSchools;
use App\Casts\TextList;
use Carbon\CarbonImmutable;
use Core\School\SchoolQuestion;
use Core\School\Schools;
use Core\Standard\Purpose;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $force_id
 * @property int $standard_version_id
 * @property string $name
 * @property string $client
 * @property string $notes of the studio, for whoever works on it
 * @property Purpose|null $purpose what the client does with its figures; null: nobody has said
 * @property CarbonImmutable|null $due
 * @property JobState $state
 * @property int $version
 * @property Schools $schools where it holds to others than its standard
 * @property list<string> $left_to_studio questions of schools that the client was asked and leaves to the studio
 * @property CarbonImmutable|null $promised_on
 * @property int|null $promised_by
 * @property CarbonImmutable|null $promised_at
 * @property string|null $aside_because null: it is under way
 * @property int|null $aside_by
 * @property CarbonImmutable|null $aside_at
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Force $force
 * @property-read StandardVersion $standardVersion
 * @property-read User|null $promisedBy
 * @property-read User|null $asideBy
 * @property-read Collection<int, Unit> $units
 * @property-read Collection<int, FigureType> $figureTypes
 * @property-read Collection<int, JobMix> $mixes
 * @property-read Studio $studio
 * @property-read Collection<int, Figure> $figures
 */
final class Job extends VersionedRow
{
    protected $table = 'jobs';

    protected $casts = ['state' => JobState::class, 'due' => 'immutable_date', 'schools' => ChosenSchools::class, 'left_to_studio' => TextList::class, 'purpose' => Purpose::class, 'promised_on' => 'immutable_date', 'promised_at' => 'immutable_datetime', 'aside_at' => 'immutable_datetime'];

    /** @return BelongsTo<Force, $this> */
    public function force(): BelongsTo
    {
        return $this->belongsTo(Force::class);
    }

    /** @return BelongsTo<StandardVersion, $this> */
    public function standardVersion(): BelongsTo
    {
        return $this->belongsTo(StandardVersion::class);
    }

    /** @return HasMany<Unit, $this> */
    public function units(): HasMany
    {
        return $this->hasMany(Unit::class)->orderBy('position');
    }

    /** @return HasMany<FigureType, $this> */
    public function figureTypes(): HasMany
    {
        return $this->hasMany(FigureType::class);
    }

    /** @return HasMany<JobMix, $this> */
    public function mixes(): HasMany
    {
        return $this->hasMany(JobMix::class);
    }

    /** @return BelongsTo<User, $this> */
    public function promisedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'promised_by');
    }

    /** @return BelongsTo<User, $this> */
    public function asideBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'aside_by');
    }

    /** @return BelongsTo<Studio, $this> */
    public function studio(): BelongsTo
    {
        return $this->belongsTo(Studio::class);
    }

    /** @return HasManyThrough<Figure, Unit, $this> */
    public function figures(): HasManyThrough
    {
        return $this->hasManyThrough(Figure::class, Unit::class);
    }

    /** @return list<string> what the client wishes of how its figures look, in words */
    public function wishes(): array
    {
        $wishes = array_map(function (SchoolQuestion $question): ?string {
            $choice = $this->schools->taken($question);

            return $choice === null ? null : "{$question->inWords()}: {$choice->name}";
        }, SchoolQuestion::ofTheClient());

        return array_values(array_filter([$this->purpose === null ? null : ucfirst($this->purpose->inWords()), ...$wishes], is_string(...)));
    }

    public function studioTimeZone(): string
    {
        return $this->studio->time_zone;
    }
}
