<?php

declare(strict_types=1);

namespace Document\Standard;

use Core\Standard\UnknownReference;

/** The parts of a standard that are changed one by one. */
enum PieceKind: string
{
    case Head = 'head';
    case Order = 'order';
    case Surface = 'surface';
    case Technique = 'technique';
    case Tier = 'tier';
    case Cell = 'cell';

    /** The list of the document that its pieces are entries of; null for the head and for orders. */
    public function list(): ?string
    {
        return match ($this) {
            self::Surface => 'surfaces',
            self::Technique => 'techniques',
            self::Tier => 'tiers',
            self::Cell => 'requirements',
            self::Head, self::Order => null,
        };
    }

    /** @throws UnknownReference if no kind has this list */
    public static function ofList(string $list): self
    {
        foreach (self::cases() as $kind) {
            if ($kind->list() === $list) {
                return $kind;
            }
        }

        throw UnknownReference::list($list, array_values(array_filter(array_map(static fn (self $kind): ?string => $kind->list(), self::cases()))));
    }
}
