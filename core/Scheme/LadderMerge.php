<?php

declare(strict_types=1);

namespace Core\Scheme;

/**
 * A ladder that differs from another, carried over when that one changes: what was the same in both goes with
 * it, what differed on purpose stays. So a company with another last light keeps it, and gets the new base.
 */
final readonly class LadderMerge
{
    /**
     * @param  AreaLadder  $was what it differed from
     * @param  AreaLadder  $now the same, as it is now
     */
    public function __construct(
        private AreaLadder $was,
        private AreaLadder $now,
    ) {
    }

    /** The ladder that differs, as it is now; as it was, where the two together would no longer be a ladder. */
    public function over(AreaLadder $own): AreaLadder
    {
        $rungs = $this->rungs($own);

        return new AreaLadder(
            $own->area,
            self::bases($rungs) === self::bases($own->rungs) || $own->equals($this->was) ? $rungs : $own->rungs,
            $this->uses($own),
            $own->takesSharedLight === $this->was->takesSharedLight ? $this->now->takesSharedLight : $own->takesSharedLight,
            $own->turn === $this->was->turn ? $this->now->turn : $own->turn,
            $own->isQuiet === $this->was->isQuiet ? $this->now->isQuiet : $own->isQuiet,
        );
    }

    /** @param  list<Rung>  $rungs */
    private static function bases(array $rungs): int
    {
        return count(array_filter($rungs, static fn (Rung $rung): bool => $rung->role === RungRole::Base));
    }

    /** @return list<Rung> */
    private function rungs(AreaLadder $own): array
    {
        $mine = RungPairs::between($this->was->rungs, $own->rungs);
        $theirs = RungPairs::between($this->was->rungs, $this->now->rungs);
        [$added, $cameIn] = [$mine->cameIn(), $theirs->cameIn()];
        $merged = [];
        for ($at = 0; $at <= count($this->was->rungs); $at++) {
            foreach ($added[$at] ?? [] as $place) {
                $merged[] = $own->rungs[$place];
            }
            // What both put in at one place stays as the ladder that differs has it.
            foreach (isset($added[$at]) ? [] : $cameIn[$at] ?? [] as $place) {
                $merged[] = $this->now->rungs[$place];
            }
            $merged[] = $at === count($this->was->rungs) ? null : $this->kept($this->was->rungs[$at], $own, $mine->to[$at], $theirs->to[$at]);
        }

        return array_values(array_filter($merged));
    }

    private function kept(Rung $was, AreaLadder $own, ?int $mine, ?int $theirs): ?Rung
    {
        if ($mine === null) {
            return null;
        }

        return $own->rungs[$mine]->equals($was) ? ($theirs === null ? null : $this->now->rungs[$theirs]) : $own->rungs[$mine];
    }

    /** @return list<UseRecipe> */
    private function uses(AreaLadder $own): array
    {
        [$was, $now, $mine] = array_map(self::byPlace(...), [$this->was, $this->now, $own]);
        $merged = [];
        foreach ($mine + $now as $place => $use) {
            $stood = $was[$place] ?? null;
            $isSame = isset($mine[$place]) ? $stood !== null && $stood->recipe->equals($mine[$place]->recipe) : $stood === null;
            $merged[] = $isSame ? $now[$place] ?? null : $mine[$place] ?? null;
        }

        return array_values(array_filter($merged));
    }

    /** @return array<string, UseRecipe> by use and step */
    private static function byPlace(AreaLadder $ladder): array
    {
        $uses = [];
        foreach ($ladder->uses as $use) {
            $uses["{$use->step} {$use->use}"] = $use;
        }

        return $uses;
    }
}
