<?php

declare(strict_types=1);

namespace Document\Standard;

/**
 * A document of the format `ordotype-standard/1`, read and written piece by piece. A piece that is not
 * there is null: a tier that does not exist, a cell that is undecided.
 */
final readonly class StandardPieces
{
    private const HEAD = ['name', 'version', 'reference', 'schools', 'accepted', 'notes'];

    /** @param  array<string, mixed>  $document its shape checked before */
    public function __construct(public array $document)
    {
    }

    /** @return list<Piece> the head, then every surface, technique, tier and cell as they come in the document */
    public function all(): array
    {
        $pieces = [Piece::head()];
        foreach ([PieceKind::Surface, PieceKind::Technique, PieceKind::Tier, PieceKind::Cell] as $kind) {
            foreach ($this->entries((string) $kind->list()) as $entry) {
                $pieces[] = self::named($kind, $entry);
            }
        }

        return $pieces;
    }

    /** @return array<array-key, mixed>|null */
    public function read(Piece $piece): ?array
    {
        if ($piece->kind === PieceKind::Head) {
            return array_intersect_key($this->document, array_flip(self::HEAD));
        }
        if ($piece->kind === PieceKind::Order) {
            return array_column($this->entries($piece->id), 'id');
        }
        $place = $this->place($piece);

        return $place === null ? null : $this->entries((string) $piece->list())[$place];
    }

    /** @param  array<array-key, mixed>|null  $value null takes it away */
    public function with(Piece $piece, ?array $value): self
    {
        return match ($piece->kind) {
            PieceKind::Head => $this->withHead($value ?? []),
            PieceKind::Order => $this->withList($piece->id, $this->ordered($piece->id, $value ?? [])),
            default => $this->withEntry($piece, $value),
        };
    }

    /** JSON pointer to the piece in the document; to its list where it is not there. */
    public function pointer(Piece $piece): string
    {
        $list = $piece->list();
        if ($list === null) {
            return $piece->kind === PieceKind::Order ? "/{$piece->id}" : '';
        }
        $place = $this->place($piece);

        return $place === null ? "/{$list}" : "/{$list}/{$place}";
    }

    /** @param  array<array-key, mixed>  $entry */
    private static function named(PieceKind $kind, array $entry): Piece
    {
        /** @var array{id: string}|array{tier: string, surface: string} $entry */
        return isset($entry['id']) ? Piece::of($kind, $entry['id'], '') : Piece::cell($entry['tier'], $entry['surface']);
    }

    private function place(Piece $piece): ?int
    {
        foreach ($this->entries((string) $piece->list()) as $i => $entry) {
            $is = $piece->kind === PieceKind::Cell
                ? $entry['tier'] === $piece->id && $entry['surface'] === $piece->surface
                : $entry['id'] === $piece->id;
            if ($is) {
                return $i;
            }
        }

        return null;
    }

    /** @param  array<array-key, mixed>|null  $value */
    private function withEntry(Piece $piece, ?array $value): self
    {
        $list = (string) $piece->list();
        $entries = $this->entries($list);
        $place = $this->place($piece) ?? count($entries);
        array_splice($entries, $place, 1, $value === null ? [] : [$value]);

        return $this->withList($list, $entries);
    }

    /**
     * @param  array<array-key, mixed>  $ids
     * @return list<array<array-key, mixed>> named ones in this order, others after them
     */
    private function ordered(string $list, array $ids): array
    {
        $places = array_flip(array_filter($ids, is_string(...)));
        $entries = $this->entries($list);
        usort($entries, static fn (array $a, array $b): int => self::placeIn($places, $a) <=> self::placeIn($places, $b));

        return $entries;
    }

    /**
     * @param  array<array-key, int|string>  $places
     * @param  array<array-key, mixed>  $entry
     */
    private static function placeIn(array $places, array $entry): int
    {
        $id = $entry['id'] ?? null;

        return is_string($id) && isset($places[$id]) ? (int) $places[$id] : PHP_INT_MAX;
    }

    /** @param  array<array-key, mixed>  $value */
    private function withHead(array $value): self
    {
        $document = array_diff_key($this->document, array_flip(self::HEAD));
        foreach ($value as $member => $given) {
            $document[(string) $member] = $given;
        }

        return new self($document);
    }

    /** @param  list<array<array-key, mixed>>  $entries */
    private function withList(string $list, array $entries): self
    {
        return new self([$list => $entries] + $this->document);
    }

    /** @return list<array<array-key, mixed>> */
    private function entries(string $list): array
    {
        /** @var list<array<array-key, mixed>> */
        return $this->document[$list] ?? [];
    }
}
