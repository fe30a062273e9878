<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Composition\ComposedUse;
use Core\Composition\ReferenceWork;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;
use Core\Standard\Tier;
use Core\Why;

/**
 * Where the reference figure takes longer than the budget, the light of several steps that gives way most
 * cheaply: the one whose fewest last steps bring the figure back within its minutes.
 */
final readonly class LightStepsFitTheMinutes implements MendableRule
{
    public const CODE = 'beyond-minutes';

    public function findings(Standard $standard): iterable
    {
        $work = new ReferenceWork($standard);
        foreach ($standard->tiersByRank() as $tier) {
            $finding = $tier->isCompared() ? self::cheapest($tier, $work->of($tier)->uses, $standard) : null;
            if ($finding !== null) {
                yield $finding;
            }
        }
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        $of = $finding->arguments;

        return sprintf('%d steps take %s of the %s min left; %d fit.', $of['steps'], $finding->number('minutes'), $finding->number('left'), $of['fitting']);
    }

    public function mend(Finding $finding, Standard $standard): Mend
    {
        return Mend::steps((int) $finding->arguments['fitting']);
    }

    public function rule(): string
    {
        return 'Where the reference figure takes more than the budget, the light whose last steps would bring it back is named: minutes of the use against what all else leaves.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }

    /** @param  list<ComposedUse>  $uses on the reference figure */
    private static function cheapest(Tier $tier, array $uses, Standard $standard): ?Finding
    {
        $total = array_sum(array_column($uses, 'minutes'));
        $best = null;
        $fewest = PHP_INT_MAX;
        foreach (self::steppedLights($uses, $standard) as [$surface, $use, $steps, $minutes]) {
            $left = $tier->budgetMinutes - ($total - $minutes);
            $fitting = (int) floor($left / ($minutes / $steps) + WorkFitsTheBudget::ROUNDING);
            if ($fitting >= 1 && $fitting < $steps && $steps - $fitting < $fewest) {
                $fewest = $steps - $fitting;
                $best = new Finding(self::CODE, $tier->id, $surface, $use, [
                    'steps' => $steps, 'minutes' => $minutes, 'left' => $left, 'fitting' => $fitting,
                ]);
            }
        }

        return $best;
    }

    /**
     * @param  list<ComposedUse>  $uses
     * @return list<array{string, string, int, float}> surface, use, steps, minutes on all its areas, over 0
     */
    private static function steppedLights(array $uses, Standard $standard): array
    {
        $lights = [];
        foreach ($uses as $laid) {
            if ($laid->use->steps > 1 && $standard->technique($laid->technique)->group === TechniqueGroup::Light) {
                $key = "{$laid->area->surface}\0{$laid->use->id}";
                $minutes = ($lights[$key][3] ?? 0.0) + $laid->minutes;
                $lights[$key] = [$laid->area->surface, $laid->use->id, $laid->use->steps, $minutes];
            }
        }

        return array_values(array_filter($lights, static fn (array $light): bool => $light[3] > 0));
    }
}
