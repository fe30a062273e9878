<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Import\Picture;
use App\Models\CurrentStudio;
use App\Models\FigureMap;
use App\Models\FigureType;
use App\Refusals\NotRight;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;

/** Photographs and drawings of figures that maps are outlined on: files of the studio, known by what is in them. */
final readonly class FigurePictures
{
    public function __construct(
        private Filesystem $files,
        private CurrentStudio $studio,
    ) {
    }

    /**
     * Kept until a type is stored without it.
     *
     * @return string its name
     *
     * @throws NotRight if it is no picture
     */
    public function store(string $bytes): string
    {
        $jpeg = Picture::of($bytes, '/file')->jpeg();
        $name = substr(hash('sha256', $jpeg), 0, 40).'.jpg';
        $this->files->put($this->path($name), $jpeg);

        return $name;
    }

    /** As JPEG; null where there is none of this name. */
    public function bytes(string $name): ?string
    {
        return $this->isThere($name) ? $this->files->get($this->path($name)) : null;
    }

    public function isThere(string $name): bool
    {
        return preg_match('/^[0-9a-f]{40}\.jpg$/', $name) === 1 && $this->files->exists($this->path($name));
    }

    /** @return list<string> names of those that a type is outlined on */
    public function of(FigureType $type): array
    {
        /** @var list<string> */
        return array_values(FigureMap::query()->where('figure_type_id', $type->id)->whereNotNull('picture')->pluck('picture')->all());
    }

    /**
     * Takes away those that nothing is outlined on any more, once the change stands.
     *
     * @param  list<string>  $names
     */
    public function sweep(array $names): void
    {
        $left = FigureMap::query()->whereIn('picture', $names)->get(['picture'])->map(static fn (FigureMap $map): string => (string) $map->picture)->all();
        $gone = array_diff($names, $left);
        DB::afterCommit(fn () => array_map(fn (string $name): bool => $this->files->delete($this->path($name)), $gone));
    }

    private function path(string $name): string
    {
        return "figure-pictures/{$this->studio->id()}/{$name}";
    }
}
