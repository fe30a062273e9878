<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use Document\Json\BadDocument;
use Document\Json\JsonText;
use Document\Json\ShapeFault;
use Document\Member\RequirementMembers;
use Document\Member\SurfaceMembers;
use Document\Member\TechniqueMembers;
use Document\Member\TierMembers;
use Document\Shape\Schema;
use Document\Shape\ShapeCheck;
use Document\Standard\PieceKind;
use Document\Standard\StandardFile;
use Document\Standard\StandardPieces;
use Document\Standard\StandardReader;
use Document\Standard\StandardSchema;
use Document\Standard\StandardText;

/**
 * A document with some pieces changed, looked at as a file is: shape, then sense. What is wrong is told at
 * its place in the change, or at the thing that the change would break.
 *
 * @phpstan-import-type StandardDocument from StandardReader as Document
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
        $faults = array_merge(...array_map(self::misshapen(...), $changes)) ?: self::namedOtherwise($changes);
        if ($faults !== []) {
            throw BadDocument::withFaults($faults);
        }
        $pieces = new StandardPieces($document);
        foreach ($changes as $change) {
            $pieces = $pieces->with($change->piece, $change->value);
        }
        /** @var Document $changed */
        $changed = $pieces->document;
        $faults = array_map(static fn (ShapeFault $fault): ShapeFault => self::placed($fault, $pieces, $changes), StandardFile::senseFaults($changed));

        return $faults === [] ? $pieces->document : throw BadDocument::withFaults($faults);
    }

    /**
     * Where a value does not have the shape of its kind of piece. All else in the document has its shape already.
     *
     * @return list<ShapeFault>
     */
    private static function misshapen(PieceChange $change): array
    {
        if ($change->value === null) {
            $stays = in_array($change->piece->kind, [PieceKind::Head, PieceKind::Order], true);

            return $stays ? [new ShapeFault('missing-member', $change->pointer, 'This cannot be taken away, only changed.')] : [];
        }
        $schema = match ($change->piece->kind) {
            PieceKind::Head => StandardSchema::head(),
            PieceKind::Order => Schema::list(Schema::id()),
            PieceKind::Surface => SurfaceMembers::all()->schema(),
            PieceKind::Technique => TechniqueMembers::all()->schema(),
            PieceKind::Tier => TierMembers::all()->schema(),
            PieceKind::Cell => RequirementMembers::schema(),
        };
        $faults = (new ShapeCheck($schema))->faults(JsonText::of(StandardText::of($change->value))->withObjects());

        return array_map(static fn (ShapeFault $fault): ShapeFault => new ShapeFault($fault->code, $change->pointer.$fault->pointer, $fault->message), $faults);
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
