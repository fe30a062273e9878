<?php

declare(strict_types=1);

namespace Core\Scheme;

/**
 * Carries a change of one ladder to all that differ from it: other figure types, other schemes of the force, areas
 * that shall be the same. Each keeps what it says itself and follows in the rest.
 */
final readonly class FollowingLadders
{
    /**
     * @param  list<SaidLadder>  $said by all schemes of a force
     * @param  array<int, int|null>  $commons by scheme: the one that it differs from
     */
    public function __construct(
        private array $said,
        private array $commons,
    ) {
    }

    /**
     * @param  list<SaidLadder>  $now the same with the change in it
     * @param  list<int>  $changed keys of what was changed, which stays as it was written
     * @return list<SaidLadder> those that follow, as they are then
     */
    public function after(array $now, array $changed): array
    {
        $before = $this->beneath($this->said);
        $followed = [];
        // Each round carries a change one layer further; there are no more layers than ladders.
        foreach ($now as $_) {
            $round = $this->round($now, $before, $changed);
            if ($round === []) {
                break;
            }
            $followed = $round + $followed;
            $before = $this->beneath($now);
            $now = array_map(static fn (SaidLadder $one): SaidLadder => $round[$one->key] ?? $one, $now);
        }

        return array_values($followed);
    }

    /**
     * @param  list<SaidLadder>  $now
     * @param  array<int, AreaLadder|null>  $before
     * @param  list<int>  $changed
     * @return array<int, SaidLadder> by key: those that differ from something that is another now
     */
    private function round(array $now, array $before, array $changed): array
    {
        $after = $this->beneath($now);
        $round = [];
        foreach ($now as $one) {
            [$was, $is] = [$before[$one->key] ?? null, $after[$one->key]];
            if (in_array($one->key, $changed, true) || $was === null || $is === null || $was->equals($is)) {
                continue;
            }
            $merged = (new LadderMerge($was, $is))->over($one->ladder);
            if (! $merged->equals($one->ladder)) {
                $round[$one->key] = $one->with($merged);
            }
        }

        return $round;
    }

    /**
     * @param  list<SaidLadder>  $said
     * @return array<int, AreaLadder|null> by key: what each differs from
     */
    private function beneath(array $said): array
    {
        $beneath = [];
        foreach ($this->commons as $scheme => $common) {
            $layers = new SaidLadders($said, $scheme, $common);
            foreach ($said as $one) {
                if ($one->scheme === $scheme) {
                    $beneath[$one->key] = $layers->beneath($one)?->ladder;
                }
            }
        }

        return $beneath;
    }
}
