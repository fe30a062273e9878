<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\TechniqueGroup;
use Core\Standard\Tier;
use Core\Why;

/**
 * Somebody says what lies under all paint and what lies over it: a ladder that names neither primer nor varnish at any of
 * its tiers is silent about them, as it is about a surface. So it is with the base, where the standard knows how one is made.
 */
final readonly class WholeIsDecided implements LintRule
{
    public const PRIMER = 'no-primer';

    public const BASE = 'no-base';

    public const VARNISH = 'no-varnish';

    private function __construct(
        private TechniqueGroup $group,
        private string $code,
        private string $words,
    ) {
    }

    /** @return list<self> */
    public static function all(): array
    {
        return [
            new self(TechniqueGroup::Ground, self::PRIMER, 'what lies under all paint'),
            new self(TechniqueGroup::Base, self::BASE, 'the base'),
            new self(TechniqueGroup::Finish, self::VARNISH, 'varnish'),
        ];
    }

    public function findings(Standard $standard): iterable
    {
        $tiers = array_map(static fn (Tier $tier): string => $tier->id, $standard->comparedTiers());
        $isLeftOut = $this->group === TechniqueGroup::Base && ! $this->isAmong($standard, $standard->techniqueIds());
        // Where nobody has said anything of the figure as one, that is found already.
        $isSpokenOf = array_filter($tiers, static fn (string $tier): bool => $standard->requirement($tier, Surface::WHOLE) !== null) !== [];
        if ($isSpokenOf && ! $isLeftOut && ! $this->isAsked($standard, $tiers)) {
            yield new Finding($this->code, $tiers[0], Surface::WHOLE);
        }
    }

    public function code(): string
    {
        return $this->code;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return "No tier says anything of {$this->words}: write at {$surface} what is done, or say that it is meant so.";
    }

    public function rule(): string
    {
        return 'Silence is a question, not a no, also about what is done to the figure as one: what lies under all paint, what stands under it, what protects it.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }

    /** @param  list<string>  $tiers */
    private function isAsked(Standard $standard, array $tiers): bool
    {
        foreach ($standard->requirements as $requirement) {
            foreach (in_array($requirement->tier, $tiers, true) ? $requirement->uses : [] as $use) {
                if ($this->isAmong($standard, $use->techniques)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  list<string>  $techniques ids; a draft may name one that it has not */
    private function isAmong(Standard $standard, array $techniques): bool
    {
        return array_filter($techniques, fn (string $id): bool => $standard->hasTechnique($id) && $standard->technique($id)->group === $this->group) !== [];
    }
}
