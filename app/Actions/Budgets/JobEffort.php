<?php

declare(strict_types=1);

namespace App\Actions\Budgets;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Models\Job;
use Core\Budget\Effort;
use Core\Budget\EffortItem;
use Core\Budget\TierGain;
use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Composition\TypeArea;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Tier;

/** Where more minutes are best spent: which areas of which figures are lifted a tier or more; nothing is stored. */
final readonly class JobEffort
{
    /** Minutes that may be spent: fifty hours. */
    public const MOST = 3000;

    public function __construct(
        private JobFigures $figures,
        private JobStandards $standards,
    ) {
    }

    public function of(Job $job, int $minutes): EffortAnswer
    {
        $standard = $this->standards->of($job);
        $all = $this->figures->ofJob($job);
        $open = array_values(array_filter($all, static fn (ComposedFigure $one): bool => $one->row->state->canBeAssigned() && ! $one->row->elsewhere && $one->raises === null));
        $gain = TierGain::among(array_map(static fn (ComposedFigure $figure): FigureType => $figure->type, $open), $standard);
        $inUnit = array_count_values(array_map(static fn (ComposedFigure $figure): int => $figure->unit->id, $all));
        $places = self::places($open, $inUnit, $standard, $gain);
        [$now, $most] = self::seen($open, $standard, $gain);

        return new EffortAnswer($standard, $minutes, self::chosen($places, $minutes), $now, $most);
    }

    /**
     * @param  list<EffortPlace>  $places
     * @return list<EffortChoice>
     */
    private static function chosen(array $places, int $minutes): array
    {
        $items = [];
        foreach ($places as $at => $place) {
            foreach ($place->rungs as $step => $rung) {
                $items[] = new EffortItem("{$at} {$step}", $rung->minutes, $rung->gain, $step === 0 ? null : "{$at} ".($step - 1));
            }
        }
        $steps = [];
        foreach (Effort::choose($minutes, $items)->chosen as $id) {
            [$at, $step] = array_map(intval(...), explode(' ', $id));
            $steps[$at] = max($steps[$at] ?? 0, $step);
        }
        $choices = [];
        foreach ($steps as $at => $step) {
            $taken = array_slice($places[$at]->rungs, 0, $step + 1);
            $gained = array_sum(array_map(static fn (EffortRung $rung): float => $rung->gain, $taken));
            $choices[] = new EffortChoice($places[$at], $taken[$step]->tier, array_sum(array_map(static fn (EffortRung $rung): int => $rung->minutes, $taken)), $gained);
        }
        $choices = array_values(array_filter($choices, static fn (EffortChoice $one): bool => $one->gain > 0));
        usort($choices, static fn (EffortChoice $one, EffortChoice $other): int => $other->gain / max(1, $other->minutes) <=> $one->gain / max(1, $one->minutes));

        return $choices;
    }

    /**
     * @param  list<ComposedFigure>  $open
     * @param  array<int, int>  $inUnit how many figures each unit has in all
     * @return list<EffortPlace>
     */
    private static function places(array $open, array $inUnit, Standard $standard, TierGain $gain): array
    {
        $alike = [];
        foreach ($open as $figure) {
            $alike[$figure->likeKey().$figure->agreed->fingerprint.($figure->row->leader ? ' leads' : '')][] = $figure;
        }
        $places = [];
        foreach ($alike as $figures) {
            $unit = $figures[0]->unit;
            $isUnit = count($figures) === $inUnit[$unit->id];
            $tiers = self::tiers($figures[0], $standard);
            foreach ($figures[0]->type->areas as $area) {
                $place = $area->area->surface === Surface::WHOLE ? null : self::place($figures, $isUnit, $area, $tiers, $standard, $gain);
                if ($place !== null) {
                    $places[] = $place;
                }
            }
        }

        return $places;
    }

    /** @return list<array{Tier, Composition}> the ladder, the lowest first, with what would be painted there were no area set apart */
    private static function tiers(ComposedFigure $figure, Standard $standard): array
    {
        $plain = $figure->agreed->withoutAreaTiers();

        return array_map(static fn (Tier $tier): array => [$tier, JobFigures::at($figure, $standard, $tier->id, $plain)->composition], $standard->comparedTiers());
    }

    /**
     * @param  non-empty-list<ComposedFigure>  $figures
     * @param  list<array{Tier, Composition}>  $tiers
     * @return EffortPlace|null null where the area is at its end, or its own tier says nothing of it
     */
    private static function place(array $figures, bool $isUnit, TypeArea $area, array $tiers, Standard $standard, TierGain $gain): ?EffortPlace
    {
        $id = $area->area->id;
        $from = $standard->tier($figures[0]->agreed->areaTiers[$id] ?? $figures[0]->figure->tier);
        if (in_array($id, $figures[0]->composition->undecided, true)) {
            return null;
        }
        $many = count($figures) * ($figures[0]->row->leader ? TierGain::FOCAL : 1.0);
        $own = $figures[0]->agreed->areaTiers;
        $seen = static fn (string $tier): float => $many * $gain->of($figures[0]->type, $figures[0]->figure->tier, [$id => $tier] + $own);
        $minutes = count($figures) * self::minutes($figures[0]->composition, $id);
        $last = $seen($from->id);
        $rungs = [];
        foreach ($tiers as [$tier, $there]) {
            // A tier that says nothing of it is stepped over.
            if ($tier->rank > $from->rank && ! in_array($id, $there->undecided, true)) {
                $takes = count($figures) * self::minutes($there, $id);
                $rungs[] = new EffortRung($tier->id, max(0, (int) ceil($takes - $minutes)), $seen($tier->id) - $last);
                [$minutes, $last] = [max($minutes, $takes), $seen($tier->id)];
            }
        }

        return $rungs === [] ? null : new EffortPlace($figures, $isUnit, $id, $from->id, $rungs);
    }

    private static function minutes(Composition $composition, string $area): float
    {
        return array_sum(array_map(static fn (ComposedUse $use): float => $use->minutes, $composition->usesOn($area)));
    }

    /**
     * @param  list<ComposedFigure>  $open
     * @return array{float, float} now, and at most
     */
    private static function seen(array $open, Standard $standard, TierGain $gain): array
    {
        $now = $most = 0.0;
        foreach ($open as $figure) {
            $weight = $figure->row->leader ? TierGain::FOCAL : 1.0;
            $here = $gain->of($figure->type, $figure->figure->tier, $figure->agreed->areaTiers);
            $now += $weight * $here;
            $most += $weight * max([$here, ...array_map(static fn (Tier $tier): float => $gain->of($figure->type, $tier->id), $standard->comparedTiers())]);
        }

        return [$now, $most];
    }
}
