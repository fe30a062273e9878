<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\PieceChange;
use App\Actions\Standards\RunningWork;
use App\Http\Shared\Resource;
use Core\Standard\Standard;
use Document\Standard\PieceKind;
use Document\Standard\StandardPieces;

/**
 * What changes would make of a draft: the cells and heads that they touch, all findings, the plates.
 *
 * @phpstan-import-type SheetTier from SheetParts
 * @phpstan-import-type SheetCell from SheetParts
 * @phpstan-import-type SheetFinding from SheetParts
 * @phpstan-import-type Plate from PlateParts
 *
 * @phpstan-type Preview array{
 *   tiers: list<SheetTier>,
 *   cells: list<SheetCell>,
 *   findings: list<SheetFinding>,
 *   plates: list<Plate>,
 * }
 */
final readonly class PreviewResource extends Resource
{
    /**
     * @param  array<string, mixed>  $document with the changes
     * @param  list<PieceChange>  $changes
     */
    public function __construct(
        private Standard $standard,
        private array $document,
        private array $changes,
        private RunningWork $running,
    ) {
    }

    /** @return Preview */
    public function toArray(): array
    {
        $parts = new SheetParts($this->standard, new StandardPieces($this->document));
        $plates = new PlateParts($this->standard);
        $tiers = $cells = $drawn = [];
        foreach ($this->changes as $change) {
            $isOfTier = in_array($change->piece->kind, [PieceKind::Tier, PieceKind::Cell], true) && $this->standard->hasTier($change->piece->id);
            if (! $isOfTier) {
                continue;
            }
            $tier = $this->standard->tier($change->piece->id);
            $composition = $parts->work($tier);
            $tiers[] = $parts->tier($tier, $composition);
            if ($change->piece->kind === PieceKind::Cell) {
                $cells[] = $parts->cell($tier, $change->piece->surface, $composition);
                $drawn[] = $plates->of($tier->id, $change->piece->surface);
            }
        }

        return [
            'tiers' => $tiers,
            'cells' => $cells,
            'findings' => $parts->findings($this->running->among($this->standard->surfaceIds())),
            'plates' => array_values(array_filter($drawn, static fn (?array $plate): bool => $plate !== null)),
        ];
    }
}
