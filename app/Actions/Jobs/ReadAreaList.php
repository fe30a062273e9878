<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Standards\StandardLibrary;
use App\Import\AreaLine;
use App\Import\AreaListReader;
use App\Models\StandardVersion;
use App\Refusals\NotRight;
use Core\Standard\Requirement;
use Core\Standard\Surface;

/**
 * Reads a list of areas against what the studio's standard names: that in force, before there is one its newest draft.
 *
 * @phpstan-import-type ReadArea from AreaLine
 * @phpstan-import-type ReadProblem from AreaLine
 */
final readonly class ReadAreaList
{
    public function __construct(private StandardLibrary $library)
    {
    }

    /**
     * @return array{areas: list<ReadArea>, problems: list<ReadProblem>}
     *
     * @throws NotRight if it is no list, or there is no standard
     */
    public function handle(string $text): array
    {
        $version = StandardVersion::inForce() ?? StandardVersion::query()->orderByDesc('id')->first()
            ?? throw NotRight::at('', 'no-standard', 'An area is made of something that the standard names; begin a standard first.');
        $standard = $this->library->of($version->id);
        $surfaces = array_map(
            static fn (Surface $surface): array => ['key' => $surface->id, 'name' => $surface->name],
            array_values(array_filter($standard->surfaces, static fn (Surface $surface): bool => $surface->id !== Surface::WHOLE)),
        );

        $features = array_merge(...array_map(static fn (Requirement $requirement): array => $requirement->features(), $standard->requirements));

        return (new AreaListReader($surfaces, array_values(array_unique($features))))->read($text);
    }
}
