<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Actions\Transaction;
use App\Models\StandardChange;
use App\Models\StandardVersion;
use App\Models\User;
use App\Refusals\NotAllowed;
use Document\Standard\Piece;
use Document\Standard\PieceKind;
use Document\Standard\StandardPieces;

/** Undoes the last change of somebody in a draft, or does the last undone one again. What others wrote since is never touched. */
final readonly class UndoChange
{
    public function __construct(private EditStandard $edit)
    {
    }

    public function undo(StandardVersion $version, User $by): StandardVersion
    {
        return $this->turn($version, $by, undo: true);
    }

    public function redo(StandardVersion $version, User $by): StandardVersion
    {
        return $this->turn($version, $by, undo: false);
    }

    private function turn(StandardVersion $version, User $by, bool $undo): StandardVersion
    {
        return Transaction::run(function () use ($version, $by, $undo): StandardVersion {
            $draft = Drafts::lock($version);
            $changes = StandardChange::query()->where('standard_version_id', $draft->id)->where('user_id', $by->id)->where('undone', ! $undo);
            $change = $undo ? $changes->orderByDesc('number')->first() : $changes->orderBy('number')->first();
            if ($change === null) {
                throw NotAllowed::because('nothing-to-undo', $undo ? 'There is nothing of yours to undo in this draft.' : 'There is nothing to do again.');
            }
            $document = StandardDocument::of($draft);
            self::requireUntouched($document, $change, $undo ? 'after' : 'before');
            $this->edit->write($draft, $document, array_map(
                static fn (array $piece): PieceChange => new PieceChange(self::piece($piece), $piece[$undo ? 'before' : 'after'], 0),
                $undo ? array_reverse($change->pieces) : $change->pieces,
            ));
            $change->update(['undone' => $undo]);

            return $draft->refresh();
        });
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  'before'|'after'  $state that the pieces must be in
     */
    private static function requireUntouched(array $document, StandardChange $change, string $state): void
    {
        $pieces = new StandardPieces($document);
        foreach ($change->pieces as $piece) {
            // Equal as values: the order of members, and 1 for 1.0, make no difference.
            if ($pieces->read(self::piece($piece)) != $piece[$state]) {
                throw NotAllowed::because('changed-since', 'Somebody changed the same place since; what they wrote stays. Open it and look.');
            }
        }
    }

    /** @param  array{kind: string, id: string, surface: string, ...}  $piece */
    private static function piece(array $piece): Piece
    {
        return Piece::of(PieceKind::from($piece['kind']), $piece['id'], $piece['surface']);
    }
}
