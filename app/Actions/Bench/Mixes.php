<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Job;
use App\Models\JobMix;
use App\Models\JobMixPart;
use Core\Colour\MixNotation;

/**
 * What the steps of a job are painted with: for a figure type, else for any.
 *
 * @phpstan-import-type StepMix from \App\Http\Resources\BenchSheetResource
 */
final readonly class Mixes
{
    /** @param  array<string, JobMix>  $mixes by type, area, use and step */
    private function __construct(private array $mixes)
    {
    }

    public static function ofJob(Job $job): self
    {
        $mixes = [];
        foreach (JobMix::query()->where('job_id', $job->id)->with('parts.paint')->get() as $mix) {
            $mixes[self::key($mix->figure_type_id, $mix->area, $mix->use, $mix->step)] = $mix;
        }

        return new self($mixes);
    }

    /** @return list<StepMix> one for each step of the use */
    public function of(int $type, string $area, string $use, int $steps): array
    {
        $mixes = [];
        for ($step = 1; $step <= $steps; $step++) {
            $mix = $this->find($type, $area, $use, $step);
            $mixes[] = ['step' => $step, 'text' => $mix === null ? '' : self::text($mix), 'parts' => $mix === null ? [] : self::parts($mix), 'version' => $mix?->version];
        }

        return $mixes;
    }

    private function find(int $type, string $area, string $use, int $step): ?JobMix
    {
        return $this->mixes[self::key($type, $area, $use, $step)] ?? $this->mixes[self::key(null, $area, $use, $step)] ?? null;
    }

    /** The colour that an area is first covered with, for the mosaic: the first part of its first mix. */
    public function colour(int $type, string $area, string $use): ?string
    {
        $first = $this->find($type, $area, $use, 1)?->parts->first();

        return $first?->paint->hex;
    }

    private static function text(JobMix $mix): string
    {
        return MixNotation::write(array_values($mix->parts->map(static fn (JobMixPart $part): array => ['name' => $part->paint->name, 'parts' => $part->parts])->all()));
    }

    /** @return list<array{paint: string, parts: float, hex: string, kind: string}> */
    private static function parts(JobMix $mix): array
    {
        return array_values($mix->parts->map(static fn (JobMixPart $part): array => [
            'paint' => $part->paint->name, 'parts' => $part->parts, 'hex' => $part->paint->hex, 'kind' => $part->paint->kind,
        ])->all());
    }

    private static function key(?int $type, string $area, string $use, int $step): string
    {
        return json_encode([$type, $area, $use, $step], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
