<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\DocumentJson;
use Document\Standard\Piece;
use Document\Standard\PieceKind;

/**
 * One part of a version of a standard, as it stands in its document.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $standard_version_id
 * @property PieceKind $kind
 * @property string $key of the thing; the tier of a cell; empty for the head
 * @property string $surface of a cell; otherwise empty
 * @property int $position in its list of the document
 * @property int $revision of the draft in which it was last written
 * @property array<array-key, mixed> $value
 */
final class StandardPiece extends StudioRow
{
    protected $table = 'standard_pieces';

    public $timestamps = false;

    protected $casts = ['kind' => PieceKind::class, 'value' => DocumentJson::class];

    public function piece(): Piece
    {
        return Piece::of($this->kind, $this->key, $this->surface);
    }

    /** A member that every value of its kind has and that is a text. */
    public function text(string $member): string
    {
        $text = $this->value[$member] ?? '';

        return is_string($text) ? $text : '';
    }
}
