<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Why;

/** Each use names techniques that the standard has. */
final readonly class TechniquesAreKnown implements LintRule
{
    public const CODE = 'unknown-technique';

    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            foreach ($requirement->uses as $use) {
                foreach ($use->techniques as $technique) {
                    if (! $standard->hasTechnique($technique)) {
                        yield new Finding(self::CODE, $requirement->tier, $requirement->surface, $use->id, ['technique' => $technique]);
                    }
                }
            }
        }
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return "{$tier}, {$surface}: the use \"{$finding->use}\" names the technique \"{$finding->arguments['technique']}\", which the standard has not.";
    }

    public function rule(): string
    {
        return 'A use names a technique of this standard.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }
}
