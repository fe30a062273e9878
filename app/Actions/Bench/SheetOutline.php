<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\StoredMark;
use Core\Sequence\Looks;

/**
 * What of a sheet does not change while it is painted, and is enough to say how far its figures are: its lines without what is
 * laid in them.
 */
final readonly class SheetOutline
{
    /**
     * @param  list<array{int, array<int, string>}>  $lines the number of each, and by who has it the key under which a mark of it is kept
     * @param  list<Looks>  $looks by who shares it
     */
    public function __construct(
        private array $lines,
        private array $looks,
    ) {
    }

    /** How many steps it has; what is laid in one go on several areas is one. */
    public function length(): int
    {
        return count(array_unique(array_column($this->lines, 0)));
    }

    /**
     * Steps that a figure still has before it.
     *
     * @param  array<string, StoredMark>  $marks what stands on it, by key
     */
    public function left(int $who, array $marks): int
    {
        $open = [];
        foreach ($this->lines as [$number, $keys]) {
            if (isset($keys[$who]) && ! self::isSettled($keys[$who], $marks)) {
                $open[$number] = true;
            }
        }

        return count($open);
    }

    /**
     * Looks that can be taken on a figure: all that is looked at is done.
     *
     * @param  array<string, StoredMark>  $marks what stands on it, by key
     * @return list<int> lines
     */
    public function looksDue(int $who, array $marks): array
    {
        $looks = $this->looks[$who];
        if ($looks->areNone()) {
            return [];
        }
        $settled = array_filter(array_keys($this->lines), fn (int $line): bool => isset($this->lines[$line][1][$who]) && self::isSettled($this->lines[$line][1][$who], $marks));

        return $looks->due(array_values($settled));
    }

    /** @return list<int> looks that a line waits for on those that have it */
    public function looksBefore(int $who, int $line): array
    {
        return $this->looks[$who]->before($line);
    }

    /** @param  array<string, StoredMark>  $marks by key */
    private static function isSettled(string $key, array $marks): bool
    {
        return isset($marks[$key]) && $marks[$key]->state->settles();
    }
}
