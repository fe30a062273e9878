<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\Resource;
use Document\Standard\StandardText;

/**
 * A draft as it is written: its sheet, its document piece by piece, and the revision of each piece.
 *
 * @phpstan-import-type Sheet from SheetResource
 * @phpstan-import-type StandardDocument from \Document\Standard\StandardReader
 *
 * @phpstan-type DraftRevisions array{
 *   head: int,
 *   order: int,
 *   surfaces: array<string, int>,
 *   techniques: array<string, int>,
 *   tiers: array<string, int>,
 *   cells: array<string, int>,
 * }
 * @phpstan-type Draft array{
 *   sheet: Sheet,
 *   document: StandardDocument,
 *   revisions: DraftRevisions,
 *   undo: int,
 *   redo: int,
 * }
 */
final readonly class DraftResource extends Resource
{
    /**
     * @param  StandardDocument  $document
     * @param  array{head: int, order: int, surfaces: array<string, int>, techniques: array<string, int>, tiers: array<string, int>, cells: array<string, int>, undo: int, redo: int}  $reading
     */
    public function __construct(
        private SheetResource $sheet,
        private array $document,
        private array $reading,
    ) {
    }

    /** @return Draft */
    public function toArray(): array
    {
        $reading = $this->reading;
        /** @var StandardDocument $document */
        $document = StandardText::withObjects($this->document);

        return [
            'sheet' => $this->sheet->toArray(),
            'document' => $document,
            'revisions' => ['head' => $reading['head'], 'order' => $reading['order'], 'surfaces' => $reading['surfaces'], 'techniques' => $reading['techniques'], 'tiers' => $reading['tiers'], 'cells' => $reading['cells']],
            'undo' => $reading['undo'],
            'redo' => $reading['redo'],
        ];
    }
}
