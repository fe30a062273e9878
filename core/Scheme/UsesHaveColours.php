<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;

/** Each use that lays paint says what it is painted with. Decals, powders and what lies under all paint may say nothing. */
final readonly class UsesHaveColours implements StepRule
{
    public const CODE = 'no-colour';

    private const PAINTED = [TechniqueGroup::LayIn, TechniqueGroup::Shade, TechniqueGroup::Light, TechniqueGroup::Detail];

    public function __construct(
        private Standard $standard,
        private string $tier,
        private Mending $mending,
    ) {
    }

    public function findings(TierLadder $ladder): iterable
    {
        $bare = $painted = [];
        foreach ($ladder->steps as $step) {
            // What is left to choose is not asked for yet.
            $isOpen = $this->standard->requirement($this->tier, $step->use->area->surface)?->menuOf($step->use->use->id) !== null;
            if ($step->recipe === null && ! $isOpen) {
                $bare[$step->use->use->id] = $this->standard->technique($step->use->technique);
            } elseif ($step->recipe !== null) {
                $painted[$step->use->use->id] = true;
            }
        }
        foreach (array_diff_key($bare, $painted) as $use => $technique) {
            if (in_array($technique->group, self::PAINTED, true)) {
                yield new StepFinding(self::CODE, StepFinding::WHOLE, "{$technique->name} is asked for here and has no colour; say what it is painted with.", (string) $use, $this->mend($ladder, $technique->group));
            }
        }
    }

    public function rule(): string
    {
        return 'What a tier lays on an area has a colour in its scheme: a step of the ladder, or a paint of its own.';
    }

    private function mend(TierLadder $ladder, TechniqueGroup $group): ?Suggestion
    {
        return match ($group) {
            TechniqueGroup::Shade => $this->mending->firstShade($ladder->reading),
            TechniqueGroup::Light => $this->mending->nextLightOf($ladder->reading),
            default => null,
        };
    }
}
