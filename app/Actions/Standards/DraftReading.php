<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\Requirement;
use App\Models\StandardChange;
use App\Models\StandardVersion;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** The revisions of the pieces of a draft, and what somebody may undo in it. */
final readonly class DraftReading
{
    /**
     * @return array{head: int, order: int, surfaces: array<string, int>, techniques: array<string, int>, tiers: array<string, int>, cells: array<string, int>, undo: int, redo: int}
     */
    public function of(StandardVersion $version, User $reader): array
    {
        $changes = StandardChange::query()->where('standard_version_id', $version->id)->where('user_id', $reader->id);

        return [
            'head' => $version->head_revision + 1,
            'order' => $version->order_revision + 1,
            'surfaces' => self::named('surfaces', $version),
            'techniques' => self::named('techniques', $version),
            'tiers' => self::named('tiers', $version),
            'cells' => self::cells($version),
            'undo' => (clone $changes)->where('undone', false)->count(),
            'redo' => (clone $changes)->where('undone', true)->count(),
        ];
    }

    /** @return array<string, int> revision by id */
    private static function named(string $table, StandardVersion $version): array
    {
        $revisions = [];
        foreach (DB::table($table)->where('standard_version_id', $version->id)->pluck('revision', 'key') as $key => $revision) {
            $revisions[(string) $key] = (is_numeric($revision) ? (int) $revision : 0) + 1;
        }

        return $revisions;
    }

    /** @return array<string, int> revision by "tier surface" */
    private static function cells(StandardVersion $version): array
    {
        $revisions = [];
        foreach (Requirement::query()->where('standard_version_id', $version->id)->with(['tier', 'surface'])->get() as $requirement) {
            $revisions["{$requirement->tier->key} {$requirement->surface->key}"] = $requirement->revision + 1;
        }

        return $revisions;
    }
}
