<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\Standard;

/** A stain takes part of its colour from what lies under it: paint that covers is none. */
final readonly class StainsLetThrough implements StepRule
{
    public const CODE = 'opaque-stain';

    public function __construct(private Standard $standard)
    {
    }

    public function findings(TierLadder $ladder): iterable
    {
        $told = [];
        foreach ($ladder->steps as $step) {
            $technique = $this->standard->technique($step->use->technique);
            if ($technique->isStain() && $step->recipe !== null && self::hides($step->recipe) && ! isset($told[$step->recipe->text()])) {
                $told[$step->recipe->text()] = true;
                yield new StepFinding(self::CODE, $step->rung ?? StepFinding::WHOLE, "\"{$step->recipe->text()}\" covers, and {$technique->name} is meant to let through what lies under it: take a stain, or thin it with medium.", $step->recipe->text());
            }
        }
    }

    /** A paint of which nobody knows what it is like may let through; a metal hides what is under it, whatever its colour. */
    private static function hides(Recipe $recipe): bool
    {
        return ($recipe->colour() !== null || $recipe->hasMetal()) && $recipe->covers();
    }

    public function rule(): string
    {
        return 'A one-coat tint is transparent paint over a light ground or light metal; what hides its ground gives one flat tone.';
    }
}
