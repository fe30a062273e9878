<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Import\Picture;
use App\Models\Scheme;
use App\Refusals\NotRight;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;

/** The picture that governs a scheme: colours are picked from it, and departures from it are noted. */
final readonly class GoverningPicture
{
    public function __construct(private Filesystem $files)
    {
    }

    /** @throws NotRight if it is no picture */
    public function store(Scheme $scheme, string $bytes, int $versionRead): Scheme
    {
        $jpeg = Picture::of($bytes, '/file')->jpeg();

        return Transaction::run(function () use ($scheme, $jpeg, $versionRead): Scheme {
            $now = Versioned::lock($scheme, $versionRead, "the scheme \"{$scheme->name}\"");
            $old = $now->picture;
            $now->picture = substr(hash('sha256', $jpeg), 0, 40).'.jpg';
            $this->files->put(self::path($now, $now->picture), $jpeg);
            $now->save();
            if ($old !== null && $old !== $now->picture) {
                // Two schemes may be governed by one picture; it goes with the last of them.
                DB::afterCommit(fn () => Scheme::query()->where('picture', $old)->doesntExist() && $this->files->delete(self::path($now, $old)));
            }

            return $now;
        });
    }

    /** As JPEG; null where there is none. */
    public function bytes(Scheme $scheme): ?string
    {
        return $scheme->picture === null ? null : $this->files->get(self::path($scheme, $scheme->picture));
    }

    private static function path(Scheme $scheme, string $name): string
    {
        return "pictures/{$scheme->studio_id}/{$name}";
    }
}
