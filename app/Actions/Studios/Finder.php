<?php

declare(strict_types=1);

namespace App\Actions\Studios;

use App\Actions\LikeWords;
use App\Models\Figure;
use App\Models\FigureType;
use App\Models\Job;
use App\Models\JobState;
use App\Models\Paint;
use App\Models\Scheme;
use App\Models\SignOff;
use App\Models\Unit;
use Illuminate\Database\Eloquent\Builder;

/** Anything of the studio by words of its name: all of them stand in it, in any order. */
final readonly class Finder
{
    /** Of one kind at most so many; who looks for more says more. */
    private const OF_A_KIND = 6;

    /** @return list<FoundThing> */
    public function of(string $words): array
    {
        $each = array_values(array_filter(preg_split('/\s+/u', trim($words)) ?: [], static fn (string $word): bool => $word !== ''));

        return $each === [] ? [] : [...$this->jobs($each), ...$this->units($each), ...$this->figures($each), ...$this->schemes($each), ...$this->records($each), ...$this->types($each), ...$this->paints($each)];
    }

    /**
     * @param  non-empty-list<string>  $words
     * @return list<FoundThing>
     */
    private function jobs(array $words): array
    {
        $found = self::named(Job::query(), $words, 'CONCAT(name, " ", client)')->orderByRaw('state <> ?', [JobState::Open->value])->orderByDesc('id')->get();

        return array_values($found->map(static fn (Job $job): FoundThing => new FoundThing(FoundKind::Job, $job->id, $job->id, $job->name, $job->client.($job->state === JobState::Open ? '' : ", {$job->state->value}")))->all());
    }

    /**
     * @param  non-empty-list<string>  $words
     * @return list<FoundThing>
     */
    private function units(array $words): array
    {
        $found = self::named(Unit::query()->with(['job', 'tier.piece']), $words, 'name')->orderByDesc('job_id')->orderBy('position')->get();

        return array_values($found->map(static fn (Unit $unit): FoundThing => new FoundThing(FoundKind::Unit, $unit->id, $unit->job_id, $unit->name, "{$unit->job->name}, {$unit->tier->name}"))->all());
    }

    /**
     * A figure by its own name, or by the words of its unit and its number: "lamp 4".
     *
     * @param  non-empty-list<string>  $words
     * @return list<FoundThing>
     */
    private function figures(array $words): array
    {
        $named = self::named(Figure::query()->with('unit.job')->where('name', '>', ''), $words, 'name')->orderByDesc('id')->get();
        $number = array_pop($words);
        if ($words === [] || ! ctype_digit($number)) {
            return array_values($named->map(self::figure(...))->all());
        }
        $found = Figure::query()->with('unit.job')->where('number', (int) $number)
            ->whereHas('unit', static fn (Builder $units) => self::allWords($units, $words, 'name'))->orderByDesc('id')->limit(self::OF_A_KIND)->get();

        return array_values($named->merge($found)->map(self::figure(...))->all());
    }

    private static function figure(Figure $figure): FoundThing
    {
        $name = ($figure->name === '' ? '' : "{$figure->name}, ")."{$figure->unit->name}, figure {$figure->number}";

        return new FoundThing(FoundKind::Figure, $figure->id, $figure->unit->job_id, $name, $figure->unit->job->name, $figure->unit_id);
    }

    /**
     * @param  non-empty-list<string>  $words
     * @return list<FoundThing>
     */
    private function schemes(array $words): array
    {
        $found = self::named(Scheme::query()->with('force'), $words, 'name')->orderBy('name')->get();

        return array_values($found->map(static fn (Scheme $scheme): FoundThing => new FoundThing(FoundKind::Scheme, $scheme->id, null, $scheme->name, $scheme->force->name))->all());
    }

    /**
     * A record by its number, or by its unit.
     *
     * @param  non-empty-list<string>  $words
     * @return list<FoundThing>
     */
    private function records(array $words): array
    {
        $records = static fn (): Builder => SignOff::query()->select(['id', 'studio_id', 'figure_id', 'number'])->with('figure.unit.job')->orderByDesc('number')->limit(self::OF_A_KIND);
        $units = Unit::query()->select('id');
        self::allWords($units, $words, 'name');
        $found = $records()->whereIn('figure_id', Figure::query()->whereIn('unit_id', $units->pluck('id')->all())->select('id'))->get();
        if (count($words) === 1 && ctype_digit($words[0])) {
            $found = $records()->where('number', (int) $words[0])->get()->merge($found)->take(self::OF_A_KIND);
        }

        return array_values($found->map(static fn (SignOff $record): FoundThing => new FoundThing(FoundKind::Record, $record->id, null, "Record {$record->number}", "{$record->figure->unit->name}, figure {$record->figure->number}, {$record->figure->unit->job->name}"))->all());
    }

    /**
     * @param  non-empty-list<string>  $words
     * @return list<FoundThing>
     */
    private function types(array $words): array
    {
        $found = self::named(FigureType::query()->whereNull('job_id'), $words, 'name')->orderBy('name')->get();

        return array_values($found->map(static fn (FigureType $type): FoundThing => new FoundThing(FoundKind::FigureType, $type->id, null, $type->name, ''))->all());
    }

    /**
     * @param  non-empty-list<string>  $words
     * @return list<FoundThing>
     */
    private function paints(array $words): array
    {
        $found = self::named(Paint::query(), $words, 'name')->orderBy('name')->get();

        return array_values($found->map(static fn (Paint $paint): FoundThing => new FoundThing(FoundKind::Paint, $paint->id, null, $paint->name, ''))->all());
    }

    /**
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param  Builder<T>  $rows
     * @param  non-empty-list<string>  $words
     * @param  literal-string  $name a column, or an expression
     * @return Builder<T>
     */
    private static function named(Builder $rows, array $words, string $name): Builder
    {
        self::allWords($rows, $words, $name);

        return $rows->limit(self::OF_A_KIND);
    }

    /**
     * @param  Builder<covariant \Illuminate\Database\Eloquent\Model>  $rows
     * @param  non-empty-list<string>  $words
     * @param  literal-string  $name a column, or an expression
     */
    private static function allWords(Builder $rows, array $words, string $name): void
    {
        foreach ($words as $word) {
            // Names are told apart to the letter; who looks for one does not write capitals.
            $rows->whereRaw("LOWER({$name}) LIKE ?", [LikeWords::within($word)]);
        }
    }
}
