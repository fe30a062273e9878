<?php

declare(strict_types=1);

namespace App\Actions\Budgets;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Models\Job;
use App\Refusals\NotRight;
use Core\Budget\ChosenMix;
use Core\Budget\Infeasible;
use Core\Budget\TierGain;
use Core\Budget\TierGroup;
use Core\Budget\TierMix;
use Core\Composition\FigureType;
use Core\Standard\Standard;
use Core\Standard\Tier;

/** Given a budget, which tier for which figures of a job; nothing is stored. */
final readonly class JobBudget
{
    /** So many budgets are tried between the cheapest and the dearest. */
    private const POINTS = 24;

    public function __construct(
        private JobFigures $figures,
        private JobStandards $standards,
    ) {
    }

    /**
     * @param  int|null  $budget in minutes or in the smallest unit of the currency; null: what the job takes now
     * @param  array<array-key, string>  $fixed tiers that are settled, by group
     * @param  bool  $alike whether units of one figure type that are at one tier stay at one: a force looks like one
     *
     * @throws NotRight if prices are asked for and some are missing, or a group is settled on what it is not offered
     */
    public function of(Job $job, BudgetMeasure $measure, ?int $budget, array $fixed, bool $alike = true): BudgetAnswer
    {
        $standard = $this->standards->of($job);
        $all = $this->figures->ofJob($job);
        $open = array_filter($all, static fn (ComposedFigure $one): bool => $one->row->state->canBeAssigned());
        $groups = $this->groups(array_values($open), $standard, $alike);
        $hasPrices = self::havePrices($groups);
        if ($measure === BudgetMeasure::Money && ! $hasPrices) {
            throw NotRight::at('/measure', 'no-price', 'Some tiers have no price for the size of these figures; write it in the heads of the tiers, or reckon in hours.');
        }
        self::requireOffered($groups, $fixed);
        $asked = array_map(static fn (BudgetGroup $group): TierGroup => $group->asked($measure, $fixed[$group->key] ?? null), $groups);
        $now = array_sum(array_map(static fn (BudgetGroup $group): int => $group->now()->cost($measure), $groups));
        $budget ??= $now;

        return new BudgetAnswer($measure, $budget, $groups, $fixed, $now, $hasPrices, self::chosen($budget, $asked), self::curve($asked), count($all) - count($open));
    }

    /**
     * @param  list<ComposedFigure>  $figures
     * @return list<BudgetGroup>
     */
    private function groups(array $figures, Standard $standard, bool $alike): array
    {
        $byGroup = [];
        foreach ($figures as $figure) {
            $byGroup[self::key($figure, $alike)][] = $figure;
        }
        $gain = TierGain::among(array_map(static fn (ComposedFigure $figure): FigureType => $figure->type, $figures), $standard);

        return array_map(fn (string|int $key, array $own): BudgetGroup => $this->group((string) $key, $own, $standard, $gain), array_keys($byGroup), array_values($byGroup));
    }

    /** Those that follow their unit are one group, leaders another, and those that have a tier of their own, by that, further ones, and so are those of another type than their unit. */
    private static function key(ComposedFigure $figure, bool $alike): string
    {
        return implode('-', array_filter([
            $alike ? "{$figure->typeId()}-{$figure->unit->tier->key}" : "unit-{$figure->unit->id}",
            // They get their tier one by one: their unit's is that of its own type.
            $figure->row->typeId === null ? '' : "others-{$figure->row->typeId}",
            $figure->row->leader ? 'leaders' : '',
            $figure->row->tierId === null ? '' : $figure->figure->tier,
        ], static fn (string $part): bool => $part !== ''));
    }

    /** @param  non-empty-list<ComposedFigure>  $figures */
    private function group(string $key, array $figures, Standard $standard, TierGain $gain): BudgetGroup
    {
        $now = $figures[0]->figure->tier;
        $options = $leftOut = [];
        $tiers = $standard->tiers;
        usort($tiers, static fn (Tier $one, Tier $other): int => $one->rank <=> $other->rank);
        foreach ($tiers as $tier) {
            $isNow = $tier->id === $now;
            if (! $tier->isCompared() && ! $isNow) {
                continue;
            }
            $option = $this->option($figures, $tier, $standard, $gain, $isNow);
            if ($option === null) {
                $leftOut[] = $tier->name;
            } else {
                $options[] = $option;
            }
        }

        return $options === [] ? throw new \LogicException('The tier that they are at is an option.') : new BudgetGroup($key, $figures, $figures[0]->row->leader || $figures[0]->row->tierId !== null || $figures[0]->row->typeId !== null, $options, $leftOut);
    }

    /**
     * @param  non-empty-list<ComposedFigure>  $figures
     * @return BudgetOption|null null where the tier says nothing of an area of theirs, unless they are at it
     */
    private function option(array $figures, Tier $tier, Standard $standard, TierGain $gain, bool $isNow): ?BudgetOption
    {
        $minutes = $gained = 0.0;
        $money = 0;
        $known = [];
        foreach ($figures as $figure) {
            [$there, $seen] = $known[$figure->likeKey().$figure->agreed->fingerprint] ??= [JobFigures::at($figure, $standard, $tier->id), $gain->of($figure->type, $tier->id, $figure->agreed->areaTiers)];
            if ($there->composition->undecided !== [] && ! $isNow) {
                return null;
            }
            $price = $there->price($standard)?->sum();
            $money = $price === null || $money === null ? null : $money + $price;
            $minutes += $there->composition->minutes;
            $gained += $seen * ($figure->row->leader ? TierGain::FOCAL : 1.0);
        }

        return new BudgetOption($tier->id, $tier->name, $minutes, $money, $gained);
    }

    /** @param  list<BudgetGroup>  $groups */
    private static function havePrices(array $groups): bool
    {
        foreach ($groups as $group) {
            foreach ($group->options as $option) {
                if ($option->money === null) {
                    return false;
                }
            }
        }

        return $groups !== [];
    }

    /**
     * @param  list<BudgetGroup>  $groups
     * @param  array<array-key, string>  $fixed
     */
    private static function requireOffered(array $groups, array $fixed): void
    {
        $offered = [];
        foreach ($groups as $group) {
            $offered[$group->key] = array_column($group->options, 'tier');
        }
        foreach ($fixed as $key => $tier) {
            if (! in_array($tier, $offered[$key] ?? [], true)) {
                throw NotRight::at("/fixed/{$key}", 'unknown-tier', "\"{$tier}\" is not on offer for these figures.");
            }
        }
    }

    /** @param  list<TierGroup>  $groups */
    private static function chosen(int $budget, array $groups): ?ChosenMix
    {
        try {
            return TierMix::choose($budget, $groups);
        } catch (Infeasible) {
            return null;
        }
    }

    /**
     * @param  list<TierGroup>  $groups
     * @return list<ChosenMix>
     */
    private static function curve(array $groups): array
    {
        $least = array_sum(array_map(static fn (TierGroup $group): int => $group->leastCost(), $groups));
        $most = array_sum(array_map(static fn (TierGroup $group): int => $group->mostCost(), $groups));
        $curve = [];
        for ($point = 0; $point <= self::POINTS; $point++) {
            $mix = TierMix::choose($least + ($most - $least) * $point / self::POINTS, $groups);
            if ($curve === [] || $mix->gain > $curve[count($curve) - 1]->gain) {
                $curve[] = $mix;
            }
        }

        return $curve;
    }
}
