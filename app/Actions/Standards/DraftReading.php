<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\StandardChange;
use App\Models\StandardPiece;
use App\Models\StandardVersion;
use App\Models\User;
use Document\Standard\PieceKind;

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
            ...self::revisions($version),
            'order' => $version->order_revision + 1,
            'undo' => (clone $changes)->where('undone', false)->count(),
            'redo' => (clone $changes)->where('undone', true)->count(),
        ];
    }

    /** @return array{head: int, surfaces: array<string, int>, techniques: array<string, int>, tiers: array<string, int>, cells: array<string, int>} of a cell by "tier surface" */
    private static function revisions(StandardVersion $version): array
    {
        $revisions = ['head' => 1, 'surfaces' => [], 'techniques' => [], 'tiers' => [], 'cells' => []];
        foreach (StandardPiece::query()->where('standard_version_id', $version->id)->orderBy('position')->get(['kind', 'key', 'surface', 'revision']) as $row) {
            $revision = $row->revision + 1;
            match ($row->kind) {
                PieceKind::Head => $revisions['head'] = $revision,
                PieceKind::Surface => $revisions['surfaces'][$row->key] = $revision,
                PieceKind::Technique => $revisions['techniques'][$row->key] = $revision,
                PieceKind::Tier => $revisions['tiers'][$row->key] = $revision,
                PieceKind::Cell => $revisions['cells']["{$row->key} {$row->surface}"] = $revision,
                PieceKind::Order => null,
            };
        }

        return $revisions;
    }
}
