<?php

declare(strict_types=1);

namespace App\Http\Budgets;

use App\Actions\Budgets\BudgetAnswer;
use App\Actions\Budgets\BudgetGroup;
use App\Actions\Budgets\BudgetMeasure;
use App\Actions\Budgets\BudgetOption;
use App\Actions\Composing\ComposedFigure;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use App\Models\Unit;
use Core\Budget\ChosenMix;
use Core\Why;

/**
 * What a budget of a job is best spent on.
 *
 * @phpstan-import-type Why from WhyShape as WhyShape_
 *
 * @phpstan-type BudgetOption_ array{tier: string, name: string, minutes: float, money: int|null, seen: float}
 * @phpstan-type BudgetGroup_ array{
 *   key: string,
 *   units: list<array{id: int, name: string, version: int}>,
 *   type: string,
 *   own: bool,
 *   leaders: bool,
 *   other_type: bool,
 *   figures: list<array{id: int, number: int, version: int}>,
 *   now: string,
 *   chosen: string|null,
 *   fixed: bool,
 *   options: list<BudgetOption_>,
 *   left_out: list<string>,
 * }
 * @phpstan-type BudgetPoint array{cost: int, seen: float}
 * @phpstan-type Budget_ array{
 *   measure: value-of<BudgetMeasure>,
 *   budget: int,
 *   has_prices: bool,
 *   now: BudgetPoint,
 *   chosen: BudgetPoint|null,
 *   curve: list<BudgetPoint>,
 *   groups: list<BudgetGroup_>,
 *   settled: int,
 *   why: WhyShape_,
 * }
 */
final readonly class BudgetResource extends Resource
{
    /** What is seen is told as a share of what would be seen with everything at its richest. */
    private float $most;

    public function __construct(private BudgetAnswer $answer)
    {
        $most = array_sum(array_map(static fn (BudgetGroup $group): float => max(array_map(static fn (BudgetOption $option): float => $option->gain, $group->options)), $answer->groups));
        $this->most = $most > 0 ? $most : 1.0;
    }

    /** @return Budget_ */
    public function toArray(): array
    {
        $answer = $this->answer;

        return [
            'measure' => $answer->measure->value,
            'budget' => $answer->budget,
            'has_prices' => $answer->hasPrices,
            'now' => ['cost' => $answer->costNow, 'seen' => array_sum(array_map(static fn (BudgetGroup $group): float => $group->now()->gain, $answer->groups)) / $this->most],
            'chosen' => $answer->chosen === null ? null : $this->point($answer->chosen),
            'curve' => array_map($this->point(...), $answer->curve),
            'groups' => array_map($this->group(...), $answer->groups),
            'settled' => $answer->settled,
            'why' => (new Why(
                [],
                'What is seen of a figure: of each area its share, twice where it draws the eye, on so many of six sides as its tier counts, times the span of values that its plate reaches; by the size of the figure, and twice for one that leads. Of all choices that keep to the budget, the one of which most is seen.',
                'ours, from no source; overrule it where you know better',
            ))->toArray(),
        ];
    }

    /** @return BudgetPoint */
    private function point(ChosenMix $mix): array
    {
        return ['cost' => $mix->cost, 'seen' => $mix->gain / $this->most];
    }

    /** @return BudgetGroup_ */
    private function group(BudgetGroup $group): array
    {
        return [
            'key' => $group->key,
            'units' => array_map(static fn (Unit $unit): array => ['id' => $unit->id, 'name' => $unit->name, 'version' => $unit->version], $group->units()),
            'type' => $group->figures[0]->type->name,
            'own' => $group->isOwn,
            'leaders' => $group->figures[0]->row->leader,
            'other_type' => $group->figures[0]->row->typeId !== null,
            'figures' => array_map(static fn (ComposedFigure $one): array => ['id' => $one->id, 'number' => $one->row->number, 'version' => $one->row->version], $group->figures),
            'now' => $group->now()->tier,
            'chosen' => $this->answer->chosen->choice[$group->key] ?? null,
            'fixed' => isset($this->answer->fixed[$group->key]),
            'options' => array_map(fn (BudgetOption $option): array => ['tier' => $option->tier, 'name' => $option->name, 'minutes' => $option->minutes, 'money' => $option->money, 'seen' => $option->gain / $this->most], $group->options),
            'left_out' => $group->leftOut,
        ];
    }
}
