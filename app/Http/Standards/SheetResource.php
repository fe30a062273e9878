<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\RunningWork;
use App\Http\Shared\Resource;
use App\Models\StandardVersion;
use App\Models\VersionState;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Document\Standard\StandardPieces;

/**
 * The sheet of a standard: surfaces down, tiers across.
 *
 * @phpstan-import-type SheetTier from SheetParts
 * @phpstan-import-type SheetCell from SheetParts
 * @phpstan-import-type SheetFinding from SheetParts
 *
 * @phpstan-type SheetSurface array{key: string, name: string, note: string, group: string, places: list<string>}
 * @phpstan-type Sheet array{
 *   id: int,
 *   name: string,
 *   version: string,
 *   state: value-of<VersionState>,
 *   revision: int,
 *   in_force_at: string|null,
 *   in_force_why: string,
 *   jobs: int,
 *   reference: string,
 *   tiers: list<SheetTier>,
 *   surfaces: list<SheetSurface>,
 *   cells: list<SheetCell>,
 *   findings: list<SheetFinding>,
 * }
 */
final readonly class SheetResource extends Resource
{
    /** @param  array<string, mixed>  $document that the standard was read from */
    public function __construct(
        private StandardVersion $version,
        private Standard $standard,
        private array $document,
        private RunningWork $running,
        private int $jobs,
    ) {
    }

    /** @return Sheet */
    public function toArray(): array
    {
        $parts = new SheetParts($this->standard, new StandardPieces($this->document));
        $tiers = $cells = [];
        foreach ($this->standard->tiersByRank() as $tier) {
            $composition = $parts->work($tier);
            $tiers[] = $parts->tier($tier, $composition);
            foreach ($this->standard->surfaces as $surface) {
                $cells[] = $parts->cell($tier, $surface->id, $composition);
            }
        }

        return [
            'id' => $this->version->id,
            'name' => $this->standard->name,
            'version' => $this->standard->version,
            'state' => $this->version->state->value,
            'revision' => $this->version->revision,
            'in_force_at' => $this->version->in_force_at?->toIso8601ZuluString(),
            'in_force_why' => $this->version->in_force_why,
            'jobs' => $this->jobs,
            'reference' => $this->standard->reference->name ?? 'reference figure',
            'tiers' => $tiers,
            'surfaces' => array_map(fn (Surface $surface): array => ['key' => $surface->id, 'name' => $surface->name, 'note' => $surface->note, 'group' => $surface->group, 'places' => $this->standard->placesOn($surface->id)], $this->standard->surfaces),
            'cells' => $cells,
            'findings' => $parts->findings($this->running->among($this->standard->surfaceIds())),
        ];
    }
}
