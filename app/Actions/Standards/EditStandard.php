<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Actions\Transaction;
use App\Models\StandardChange;
use App\Models\StandardVersion;
use App\Models\User;
use App\Refusals\Stale;
use Document\Json\BadDocument;
use Document\Standard\Piece;
use Document\Standard\StandardPieces;

/**
 * Changes pieces of a draft, all of them or none. Each names the revision that was read; where somebody
 * else wrote in between nothing is stored, and theirs is shown.
 */
final readonly class EditStandard
{
    public function __construct(
        private PieceStore $store,
        private Removals $removals,
    ) {
    }

    /**
     * @param  list<PieceChange>  $changes
     *
     * @throws Stale if somebody else changed one of the pieces
     * @throws BadDocument with every place that is wrong
     */
    public function handle(StandardVersion $version, array $changes, User $by): StandardVersion
    {
        return Transaction::run(function () use ($version, $changes, $by): StandardVersion {
            $draft = Drafts::lock($version);
            $this->requireFresh($draft, $changes);
            $document = StandardDocument::of($draft);
            $changes = $this->removals->expand($document, $changes);
            StandardChange::query()->where('standard_version_id', $draft->id)->where('user_id', $by->id)->where('undone', true)->delete();
            StandardChange::query()->create([
                'standard_version_id' => $draft->id, 'user_id' => $by->id, 'pieces' => $this->write($draft, $document, $changes),
            ]);

            return $draft->refresh();
        });
    }

    /**
     * Writes changes that nobody has to answer for being stale; raises the revision of the draft.
     *
     * @param  array<string, mixed>  $document of the draft as it is
     * @param  list<PieceChange>  $changes
     * @return list<array{kind: string, id: string, surface: string, before: array<array-key, mixed>|null, after: array<array-key, mixed>|null}>
     *
     * @throws BadDocument with every place that is wrong
     */
    public function write(StandardVersion $draft, array $document, array $changes): array
    {
        EditedStandard::of($document, $changes);
        $before = new StandardPieces($document);
        $draft->revision++;
        $draft->save();
        $this->store->freeRanks($draft, array_column($changes, 'piece'));
        $pieces = [];
        foreach ($changes as $change) {
            $this->store->write($draft, $change->piece, $change->value);
            $pieces[] = [
                'kind' => $change->piece->kind->value, 'id' => $change->piece->id, 'surface' => $change->piece->surface,
                'before' => $before->read($change->piece), 'after' => $change->value,
            ];
        }

        return $pieces;
    }

    /** @param  list<PieceChange>  $changes */
    private function requireFresh(StandardVersion $draft, array $changes): void
    {
        foreach ($changes as $change) {
            $now = $this->store->revision($draft, $change->piece);
            if ($now !== $change->revisionRead) {
                throw Stale::row(self::name($change->piece), [
                    'pointer' => $change->pointer,
                    'revision' => $now,
                    'value' => (new StandardPieces(StandardDocument::of($draft)))->read($change->piece),
                    'by' => $this->lastWriter($draft, $change->piece),
                ]);
            }
        }
    }

    private function lastWriter(StandardVersion $draft, Piece $piece): string
    {
        foreach (StandardChange::query()->where('standard_version_id', $draft->id)->with('user')->orderByDesc('number')->limit(50)->get() as $change) {
            foreach ($change->pieces as $changed) {
                if ($changed['kind'] === $piece->kind->value && $changed['id'] === $piece->id && $changed['surface'] === $piece->surface) {
                    return $change->user->name;
                }
            }
        }

        return '';
    }

    private static function name(Piece $piece): string
    {
        return $piece->surface === '' ? "the {$piece->kind->value} {$piece->id}" : "the cell {$piece->id}, {$piece->surface}";
    }
}
