<?php

declare(strict_types=1);

namespace App\Actions\Standards;

/** Plain ladders that a new studio may start from, kept as files of the open format. */
final readonly class StartingLadders
{
    private const NAMES = [
        'four' => ['Four tiers', 'From a plain lay-in and wash to careful lights and lines. Enough for most clubs and small studios.'],
        'five' => ['Five tiers', 'As four, with a tier for leaders: second lines, faces worked up, lettering.'],
        'seven' => ['Seven tiers', 'From a quick batch to showpieces by agreement, with display tiers judged from the hand.'],
        'empty' => ['Empty', 'Surfaces and techniques, and no tier: you write the ladder from the first rung.'],
    ];

    /** @return list<array{id: string, name: string, about: string, tiers: int}> */
    public static function all(): array
    {
        $ladders = [];
        foreach (self::NAMES as $id => [$name, $about]) {
            /** @var array{tiers: list<mixed>} $document */
            $document = json_decode((string) self::text($id), true, 512, JSON_THROW_ON_ERROR);
            $ladders[] = ['id' => $id, 'name' => $name, 'about' => $about, 'tiers' => count($document['tiers'])];
        }

        return $ladders;
    }

    /** @return list<string> */
    public static function ids(): array
    {
        return array_keys(self::NAMES);
    }

    public static function text(string $id): ?string
    {
        return isset(self::NAMES[$id]) ? (string) file_get_contents(resource_path("ladders/{$id}.json")) : null;
    }
}
