<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\Job;
use App\Models\JobState;
use App\Refusals\NotRight;
use Document\Standard\Piece;
use Document\Standard\PieceKind;
use Illuminate\Database\Eloquent\Builder;

/**
 * What goes with a piece that is taken away, and what must not be taken away because jobs use it.
 *
 * A tier takes its cells with it, a surface its column of cells; a technique that is asked somewhere stays.
 */
final readonly class Removals
{
    /**
     * @param  array<string, mixed>  $document
     * @param  list<PieceChange>  $changes
     * @return list<PieceChange> with what goes before them
     *
     * @throws NotRight if something is used
     */
    public function expand(array $document, array $changes): array
    {
        $all = [];
        foreach ($changes as $change) {
            if ($change->value === null) {
                $this->requireUnused($document, $change);
                array_push($all, ...self::cellsOf($document, $change));
            }
            $all[] = $change;
        }

        return $all;
    }

    /** @param  array<string, mixed>  $document */
    private function requireUnused(array $document, PieceChange $change): void
    {
        $piece = $change->piece;
        if ($piece->kind === PieceKind::Tier && ($jobs = $this->jobsAt($piece->id)) !== []) {
            throw NotRight::at($change->pointer, 'in-use', "Running jobs have figures at this tier ({$this->inWords($jobs)}). Retire it instead: they keep it, and nobody books it any more.");
        }
        if ($piece->kind === PieceKind::Surface && ($jobs = $this->jobsWith($piece->id)) !== []) {
            throw NotRight::at($change->pointer, 'in-use', "Figures of running jobs have this surface ({$this->inWords($jobs)}). Say that it is not asked for instead.");
        }
        if ($piece->kind === PieceKind::Technique) {
            $this->requireUnaskedTechnique($document, $change);
        }
    }

    /** @param  array<string, mixed>  $document */
    private function requireUnaskedTechnique(array $document, PieceChange $change): void
    {
        $id = $change->piece->id;
        $cells = [];
        foreach (self::requirements($document) as $requirement) {
            foreach ($requirement['uses'] as $use) {
                if (in_array($id, $use['any_of'] ?? [$use['technique'] ?? ''], true)) {
                    $cells["{$requirement['tier']}, {$requirement['surface']}"] = true;
                }
            }
        }
        if ($cells !== []) {
            throw NotRight::at($change->pointer, 'in-use', 'This technique is asked here: '.$this->inWords(array_keys($cells)).'. Take it out of these cells first.');
        }
        if (($jobs = $this->jobsChoosing($id)) !== []) {
            throw NotRight::at($change->pointer, 'in-use', "Running jobs chose this technique ({$this->inWords($jobs)}). Leave it in the list: a technique that no cell asks costs nothing.");
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<PieceChange>
     */
    private static function cellsOf(array $document, PieceChange $change): array
    {
        $cells = [];
        foreach (self::requirements($document) as $requirement) {
            $goes = match ($change->piece->kind) {
                PieceKind::Tier => $requirement['tier'] === $change->piece->id,
                PieceKind::Surface => $requirement['surface'] === $change->piece->id,
                default => false,
            };
            if ($goes) {
                $cells[] = new PieceChange(Piece::cell($requirement['tier'], $requirement['surface']), null, 0, $change->pointer);
            }
        }

        return $cells;
    }

    /** @return list<string> names of open jobs with a unit, a figure or an area at the tier */
    private function jobsAt(string $tier): array
    {
        $at = static fn (Builder $query): Builder => $query->where('key', $tier);

        return self::names(Job::query()->where('state', JobState::Open)->where(static fn (Builder $jobs): Builder => $jobs
            ->whereHas('units.tier', $at)
            ->orWhereHas('units.figures.tier', $at)
            ->orWhereHas('units.areaTiers.tier', $at)));
    }

    /** @return list<string> */
    private function jobsWith(string $surface): array
    {
        return self::names(Job::query()->where('state', JobState::Open)->whereHas('figureTypes.areas', static fn (Builder $areas): Builder => $areas->where('surface', $surface)));
    }

    /** @return list<string> */
    private function jobsChoosing(string $technique): array
    {
        return self::names(Job::query()->where('state', JobState::Open)->whereHas('units.choices', static fn (Builder $choices): Builder => $choices->where('technique', $technique)));
    }

    /**
     * @param  Builder<Job>  $jobs
     * @return list<string>
     */
    private static function names(Builder $jobs): array
    {
        /** @var list<string> */
        return $jobs->orderBy('name')->pluck('name')->all();
    }

    /** @param  list<string>  $names */
    private function inWords(array $names): string
    {
        $more = count($names) - 3;

        return implode('; ', array_slice($names, 0, 3)).($more > 0 ? "; and {$more} more" : '');
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<array{tier: string, surface: string, uses: list<array{technique?: string, any_of?: list<string>}>}>
     */
    private static function requirements(array $document): array
    {
        /** @var list<array{tier: string, surface: string, uses: list<array{technique?: string, any_of?: list<string>}>}> */
        return $document['requirements'];
    }
}
