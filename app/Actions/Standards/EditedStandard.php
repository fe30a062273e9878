<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Import\StandardFile;
use Cli\Document\BadDocument;
use Cli\Document\ShapeFault;
use Core\Standard\PieceKind;
use Core\Standard\StandardPieces;

/**
 * A document with some pieces changed, looked at as a file is: shape, then sense. What is wrong is told at
 * its place in the change, or at the thing that the change would break.
 */
final readonly class EditedStandard
{
    /**
     * @param  array<string, mixed>  $document
     * @param  list<PieceChange>  $changes
     * @return array<string, mixed> the document after them
     *
     * @throws BadDocument with every place that is wrong
     */
    public static function of(array $document, array $changes): array
    {
        $pieces = new StandardPieces($document);
        foreach ($changes as $change) {
            $pieces = $pieces->with($change->piece, $change->value);
        }
        $faults = self::namedOtherwise($changes);
        if ($faults === []) {
            $faults = array_map(static fn (ShapeFault $fault): ShapeFault => self::placed($fault, $pieces, $changes), StandardFile::faults($pieces->document));
        }

        return $faults === [] ? $pieces->document : throw BadDocument::withFaults($faults);
    }

    /**
     * A value names itself as its piece does.
     *
     * @param  list<PieceChange>  $changes
     * @return list<ShapeFault>
     */
    private static function namedOtherwise(array $changes): array
    {
        $faults = [];
        foreach ($changes as $change) {
            $value = $change->value;
            $names = match ($change->piece->kind) {
                PieceKind::Head, PieceKind::Order => [],
                PieceKind::Cell => ['tier' => $change->piece->id, 'surface' => $change->piece->surface],
                default => ['id' => $change->piece->id],
            };
            foreach ($value === null ? [] : $names as $member => $id) {
                if (($value[$member] ?? null) !== $id) {
                    $faults[] = new ShapeFault('unknown-value', "{$change->pointer}/{$member}", "This is not the {$member} of the piece that is changed; it must be \"{$id}\".");
                }
            }
        }

        return $faults;
    }

    /** @param  list<PieceChange>  $changes */
    private static function placed(ShapeFault $fault, StandardPieces $pieces, array $changes): ShapeFault
    {
        foreach (array_reverse($changes) as $change) {
            $at = $pieces->pointer($change->piece);
            if ($change->value !== null && str_starts_with("{$fault->pointer}/", "{$at}/")) {
                return new ShapeFault($fault->code, $change->pointer.substr($fault->pointer, strlen($at)), $fault->message);
            }
        }

        return $fault;
    }
}
