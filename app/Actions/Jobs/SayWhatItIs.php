<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Transaction;
use App\Models\FigureArea;
use App\Models\FigureType;
use App\Models\Job;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;
use Core\Listing\SurfaceDepth;
use Core\Standard\Surface;

/**
 * Says what an area is of which nobody was sure: on the job's copy of its type and, where it is still unsure there, on the studio's,
 * so that nobody is asked twice. It lies then as such a thing does, unless it was said how it lies.
 */
final readonly class SayWhatItIs
{
    public function __construct(private TypeOfJob $types)
    {
    }

    /**
     * @param  list<string>  $surfaces of the job's standard
     *
     * @throws NotRight if the standard has no such surface, or nobody asks
     * @throws NotAllowed if a figure of the type is signed
     */
    public function handle(Job $job, FigureType $copy, string $area, string $surface, array $surfaces, int $versionRead): Job
    {
        if ($surface === Surface::WHOLE || ! in_array($surface, $surfaces, true)) {
            throw NotRight::at('/surface', 'unknown-surface', "An area is made of something that the standard of the job names; it has no \"{$surface}\".");
        }

        return Transaction::run(fn (): Job => $this->types->change($job, $copy, $versionRead, static function () use ($copy, $area, $surface): void {
            $studio = FigureType::query()->whereNull('job_id')->where('key', $copy->key)->lockForUpdate()->first();
            self::say($copy, $area, $surface) || throw NotRight::at('/area', 'no-question', "Nobody asks what \"{$area}\" of {$copy->name} is; it is known already.");
            if ($studio !== null) {
                self::say($studio, $area, $surface);
            }
        }));
    }

    private static function say(FigureType $type, string $area, string $surface): bool
    {
        $row = FigureArea::query()->where(['figure_type_id' => $type->id, 'key' => $area, 'unsure' => true])->first();
        if ($row === null) {
            return false;
        }
        $row->update(['surface' => $surface, 'unsure' => false, 'depth' => $row->depth === SurfaceDepth::of($row->surface) ? SurfaceDepth::of($surface) : $row->depth]);
        $type->increment('version');

        return true;
    }
}
