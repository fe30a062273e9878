<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Composition\TypeArea;
use Core\Standard\Surface;

/**
 * When the parts of a figure, which are painted apart, are joined: each once nothing is left to paint on it and on what it
 * is joined to; what lies over the figure as one comes on both sides of that. A part is joined to the one it touches, of
 * several to the largest. Common practice, no source.
 */
final readonly class Joins
{
    /**
     * @param  list<PlannedStep|TidyBack>  $items all of a figure, in order
     * @param  FigureType  $type in the parts in which it is painted
     * @return list<Join> the first first; of a figure of one part none
     */
    public static function along(array $items, FigureType $type): array
    {
        $shares = self::shares($type);
        $last = self::last($items, $type);
        $joins = [];
        foreach (array_slice(array_keys($shares), 1) as $part) {
            $contacts = self::contacts((string) $part, $type);
            $to = self::host(array_keys($shares), (string) $part, $contacts);
            $joins[] = new Join(self::named((string) $part), self::named($to), max($last[$part] ?? 0, $last[$to] ?? 0), array_values(array_map(
                static fn (array $contact): array => ['area' => $contact['area'], 'other' => $contact['other']],
                array_filter($contacts, static fn (array $contact): bool => $contact['part'] === $to),
            )));
        }
        usort($joins, static fn (Join $one, Join $other): int => $one->item <=> $other->item);

        return $joins;
    }

    /** @return array<array-key, float> by part, the largest first */
    private static function shares(FigureType $type): array
    {
        $shares = [];
        foreach ($type->areas as $area) {
            if ($area->area->surface !== Surface::WHOLE) {
                $shares[$area->part] = ($shares[$area->part] ?? 0.0) + $area->area->share;
            }
        }
        arsort($shares);

        return $shares;
    }

    /**
     * @param  list<PlannedStep|TidyBack>  $items
     * @return array<array-key, int> by part, the place of the last thing that is done on it alone
     */
    private static function last(array $items, FigureType $type): array
    {
        $last = [];
        foreach ($items as $at => $item) {
            $area = $type->area(($item instanceof TidyBack ? $item->area : $item->step->area)->area->id);
            if ($area !== null && $area->area->surface !== Surface::WHOLE) {
                $last[$area->part] = $at;
            }
        }

        return $last;
    }

    /** @return list<array{area: string, other: string, part: string}> where a part touches others, with which */
    private static function contacts(string $part, FigureType $type): array
    {
        $neighbours = new Neighbours($type);
        $contacts = [];
        foreach (array_filter($type->areas, static fn (TypeArea $area): bool => $area->part === $part) as $area) {
            foreach ($neighbours->of($area->area->id) as $near) {
                $other = $type->area($near)->part ?? $part;
                if ($other !== $part) {
                    $contacts[] = ['area' => $area->area->id, 'other' => $near, 'part' => $other];
                }
            }
        }

        return $contacts;
    }

    /**
     * @param  list<array-key>  $parts the largest first
     * @param  list<array{area: string, other: string, part: string}>  $contacts
     */
    private static function host(array $parts, string $part, array $contacts): string
    {
        $touched = array_column($contacts, 'part');
        foreach ($parts as $other) {
            if (in_array((string) $other, $touched, true)) {
                return (string) $other;
            }
        }

        return (string) $parts[0];
    }

    private static function named(string $part): string
    {
        return match (true) {
            GroundApart::isMadeHere($part) => 'the ground',
            $part === '' => 'the figure',
            default => $part,
        };
    }
}
