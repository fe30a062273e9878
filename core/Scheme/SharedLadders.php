<?php

declare(strict_types=1);

namespace Core\Scheme;

/** The ladders of one area on several figure types: what most of them have is written once, for any; the others differ. */
final readonly class SharedLadders
{
    /**
     * @param  array<string, AreaLadder>  $ladders by type; empty for any, and then they are as they shall be
     * @return array<string, AreaLadder> by type; empty for any
     */
    public static function of(array $ladders): array
    {
        if (isset($ladders[''])) {
            return $ladders;
        }
        $groups = self::groups($ladders);
        usort($groups, static fn (array $a, array $b): int => count($b['types']) <=> count($a['types']));
        $written = [];
        foreach ($groups as $at => $group) {
            if ($at === 0) {
                $written[''] = $group['ladder'];

                continue;
            }
            foreach ($group['types'] as $type) {
                $written[$type] = $group['ladder'];
            }
        }

        return $written;
    }

    /**
     * Types whose ladders can be one: a tier climbs the longest of them as far as it goes.
     *
     * @param  array<string, AreaLadder>  $ladders
     * @return list<array{ladder: AreaLadder, types: list<string>}>
     */
    private static function groups(array $ladders): array
    {
        /** @var list<array{ladder: AreaLadder, types: list<string>}> $groups */
        $groups = [];
        foreach ($ladders as $type => $ladder) {
            foreach ($groups as $at => $group) {
                $joined = $group['ladder']->joined($ladder);
                if ($joined !== null) {
                    $groups[$at] = ['ladder' => $joined, 'types' => [...$group['types'], (string) $type]];

                    continue 2;
                }
            }
            $groups[] = ['ladder' => $ladder, 'types' => [(string) $type]];
        }

        return $groups;
    }
}
