<?php

declare(strict_types=1);

namespace Document\Standard;

use Core\Standard\UnknownReference;

/** One part of a standard: its head, the order of a list, a surface, a technique, a tier, a cell. */
final readonly class Piece
{
    /** Lists whose order is a piece of its own. */
    public const LISTS = ['surfaces', 'techniques', 'tiers'];

    /**
     * @param  string  $id of the thing; the list for an order, the tier for a cell; empty for the head
     * @param  string  $surface of a cell; otherwise empty
     */
    private function __construct(
        public PieceKind $kind,
        public string $id = '',
        public string $surface = '',
    ) {
    }

    public static function head(): self
    {
        return new self(PieceKind::Head);
    }

    /** @param  string  $list one of {@see self::LISTS} */
    public static function order(string $list): self
    {
        return in_array($list, self::LISTS, true)
            ? new self(PieceKind::Order, $list)
            : throw UnknownReference::list($list, self::LISTS);
    }

    public static function surface(string $id): self
    {
        return new self(PieceKind::Surface, $id);
    }

    public static function technique(string $id): self
    {
        return new self(PieceKind::Technique, $id);
    }

    public static function tier(string $id): self
    {
        return new self(PieceKind::Tier, $id);
    }

    public static function cell(string $tier, string $surface): self
    {
        return new self(PieceKind::Cell, $tier, $surface);
    }

    /** @throws UnknownReference if it is the order of no list */
    public static function of(PieceKind $kind, string $id, string $surface): self
    {
        return match ($kind) {
            PieceKind::Head => self::head(),
            PieceKind::Order => self::order($id),
            PieceKind::Surface => self::surface($id),
            PieceKind::Technique => self::technique($id),
            PieceKind::Tier => self::tier($id),
            PieceKind::Cell => self::cell($id, $surface),
        };
    }

    /** The list of the document that it is an entry of; null for the head and for orders. */
    public function list(): ?string
    {
        return $this->kind->list();
    }

    public function equals(self $other): bool
    {
        return $this->kind === $other->kind && $this->id === $other->id && $this->surface === $other->surface;
    }
}
