<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\School\SchoolQuestion;
use Core\Standard\Area;
use Core\Standard\LiesOn;
use Core\Standard\Standard;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;

/**
 * One area of a finished figure on its way to a higher tier. Common practice, no source: only what the
 * new tier adds is painted; what lies under finished paint cannot be added.
 */
final readonly class RaisedArea
{
    /** @var list<RaisedUse> */
    public array $planned;

    /** @var list<BlockedUse> */
    public array $blocked;

    /** Whether further coats of its lay-in are left to tidying. */
    private bool $leavesCoats;

    /** @var array<string, true> the lay-ins that lie on top, as the wanted uses have them */
    private array $relights;

    /**
     * @param  list<ComposedUse>  $wanted what the new tier asks here
     * @param  list<ComposedUse>  $done what was laid here
     * @param  OverAllShades  $overAll what this area gets with the figure as one; it makes no lay-in a relight
     */
    public function __construct(
        private Standard $standard,
        public Area $area,
        private array $wanted,
        private array $done,
        private OverAllShades $overAll,
    ) {
        $this->relights = $this->relights();
        $planned = $blocked = [];
        $leavesCoats = $dulled = false;
        $dulledFrom = $overAll->dullsFrom(array_map(fn (ComposedUse $use): Technique => $this->standard->technique($use->technique), $wanted));
        foreach ($wanted as $at => $use) {
            $dulled = $dulled || ($dulledFrom !== null && $at >= $dulledFrom);
            $before = $this->doneAs($use);
            $added = $before === null ? RaisedUse::whole($use) : RaisedUse::growth($use, $before);
            if ($dulled && in_array($this->group($use), [TechniqueGroup::Light, TechniqueGroup::Detail], true)) {
                $added = RaisedUse::whole($use);
            }
            if ($added === null) {
                continue;
            }
            if ($done === [] || ! $this->liesUnder($use)) {
                $planned[] = $added;
                $dulled = $dulled || $this->dulls($use);
            } else {
                $leavesCoats = $leavesCoats || $this->growsInCoats($use, $before);
                $why = $this->whyBlocked($use, $before);
                if ($why !== null) {
                    $blocked[] = new BlockedUse($area, $use->use, $use->technique, $why);
                }
            }
        }
        $this->planned = $planned;
        $this->blocked = $blocked;
        $this->leavesCoats = $leavesCoats;
    }

    public function plansNewPaint(): bool
    {
        foreach ($this->planned as $raised) {
            if (! $this->isLastLook($raised->technique)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<RaisedUse> the planned uses, with the finish and the last look whole */
    public function withNewFinish(): array
    {
        $byUse = [];
        foreach ($this->planned as $raised) {
            $byUse[$raised->use->id] = $raised;
        }
        $uses = [];
        foreach ($this->wanted as $wanted) {
            $uses[] = $this->isLastLook($wanted->technique) ? RaisedUse::whole($wanted) : ($byUse[$wanted->use->id] ?? null);
        }

        return array_values(array_filter($uses, static fn (?RaisedUse $use): bool => $use !== null));
    }

    /** The middle colour again, where the school or an all-over shade under a light on faces asks for it, or where coats were left out. */
    public function tidying(): ?Tidying
    {
        if ($this->done === [] || $this->plansRelight() || ! ($this->leavesCoats || $this->wantsRelight())) {
            return null;
        }
        foreach ($this->wanted as $use) {
            if ($this->group($use) === TechniqueGroup::LayIn) {
                return new Tidying($this->area, $use->minutes / $use->use->coats);
            }
        }

        return new Tidying($this->area, 0.0);
    }

    /** Whether the middle tone is laid again before new lights; the narrowest place where a school was chosen governs. */
    private function wantsRelight(): bool
    {
        return match ($this->standard->schoolsOf($this->area)->choice(SchoolQuestion::AfterShade)) {
            'straight-light' => false,
            'relight' => $this->getsLight(false) && $this->wasShaded(),
            default => $this->getsLight(true) && $this->wasDulled(),
        };
    }

    /** The use done under the same name by the same technique. */
    private function doneAs(ComposedUse $wanted): ?ComposedUse
    {
        foreach ($this->done as $done) {
            if ($done->use->id === $wanted->use->id) {
                return $done->technique === $wanted->technique ? $done : null;
            }
        }

        return null;
    }

    /** Preparation, ground and lay-in lie under finished paint, but for a lay-in that comes after a shade. */
    private function liesUnder(ComposedUse $use): bool
    {
        return in_array($this->group($use), [TechniqueGroup::Prepare, TechniqueGroup::Ground, TechniqueGroup::LayIn], true)
            && ! isset($this->relights[$use->use->id]);
    }

    private function growsInCoats(ComposedUse $use, ?ComposedUse $before): bool
    {
        return $before !== null && $this->group($use) === TechniqueGroup::LayIn && $use->use->coats > $before->use->coats;
    }

    /** Null where only coats of a lay-in grow: those are tidied instead. */
    private function whyBlocked(ComposedUse $use, ?ComposedUse $before): ?string
    {
        $name = $this->standard->technique($use->technique)->name;
        if ($before === null) {
            return "{$name} lies under paint that is finished; it cannot be laid any more.";
        }
        $grows = $use->use->steps > $before->use->steps || $before->use->extent->isNarrowerThan($use->use->extent);
        if (! $grows && $this->group($use) === TechniqueGroup::LayIn) {
            return null;
        }

        return "More of {$name} would lie under paint that is finished; it stays as it is.";
    }

    /** @return array<string, true> */
    private function relights(): array
    {
        $relights = [];
        $shaded = false;
        foreach ($this->wanted as $use) {
            $group = $this->group($use);
            $shaded = $shaded || $group === TechniqueGroup::Shade;
            if ($shaded && $group === TechniqueGroup::LayIn) {
                $relights[$use->use->id] = true;
            }
        }

        return $relights;
    }

    private function plansRelight(): bool
    {
        foreach ($this->planned as $raised) {
            if (isset($this->relights[$raised->use->id])) {
                return true;
            }
        }

        return false;
    }

    private function getsLight(bool $onFaces): bool
    {
        foreach ($this->planned as $raised) {
            $technique = $this->standard->technique($raised->technique);
            if ($technique->group === TechniqueGroup::Light && (! $onFaces || $technique->liesOn === LiesOn::Face)) {
                return true;
            }
        }

        return false;
    }

    private function wasDulled(): bool
    {
        return $this->overAll->dulls() || array_filter([...$this->done, ...$this->wanted], $this->dulls(...)) !== [];
    }

    private function wasShaded(): bool
    {
        return ! $this->overAll->isNone()
            || array_filter([...$this->done, ...$this->wanted], fn (ComposedUse $use): bool => $this->group($use) === TechniqueGroup::Shade) !== [];
    }

    private function dulls(ComposedUse $use): bool
    {
        return $this->standard->technique($use->technique)->dulls();
    }

    private function isLastLook(string $technique): bool
    {
        return in_array($this->standard->technique($technique)->group, [TechniqueGroup::Finish, TechniqueGroup::Tidy], true);
    }

    private function group(ComposedUse $use): TechniqueGroup
    {
        return $this->standard->technique($use->technique)->group;
    }
}
