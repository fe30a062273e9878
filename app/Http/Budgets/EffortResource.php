<?php

declare(strict_types=1);

namespace App\Http\Budgets;

use App\Actions\Budgets\EffortAnswer;
use App\Actions\Budgets\EffortChoice;
use App\Actions\Composing\ComposedFigure;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use Core\Why;

/**
 * Areas that more minutes of a job are best spent on.
 *
 * @phpstan-import-type Why from WhyShape as WhyData
 *
 * @phpstan-type EffortArea array{
 *   unit: int,
 *   version: int,
 *   name: string,
 *   figures: list<array{id: int, number: int}>,
 *   whole_unit: bool,
 *   leaders: bool,
 *   area: string,
 *   from: string,
 *   to: string,
 *   tier: string,
 *   minutes: int,
 *   seen: float,
 * }
 * @phpstan-type Effort_ array{minutes: int, spent: int, seen_now: float, seen_then: float, areas: list<EffortArea>, why: WhyData}
 */
final readonly class EffortResource extends Resource
{
    private float $most;

    public function __construct(private EffortAnswer $answer)
    {
        $this->most = $answer->most > 0 ? $answer->most : 1.0;
    }

    /** @return Effort_ */
    public function toArray(): array
    {
        return [
            'minutes' => $this->answer->minutes,
            'spent' => $this->answer->spent,
            'seen_now' => $this->answer->now / $this->most,
            'seen_then' => ($this->answer->now + $this->answer->gain) / $this->most,
            'areas' => array_map($this->area(...), $this->answer->choices),
            'why' => (new Why(
                [],
                'What is seen of an area: its share of the figure, twice where it draws the eye, on so many of six sides as its tier counts, times the span of values that its plate reaches; by the size of the figure, and twice for one that leads. Of all areas that could be lifted, a tier or more, those are taken of which most is seen for these minutes; what lies over the figure as one stays as it is.',
                'ours, from no source; overrule it where you know better',
            ))->toArray(),
        ];
    }

    /** @return EffortArea */
    private function area(EffortChoice $choice): array
    {
        $first = $choice->place->figures[0];

        return [
            'unit' => $first->unit->id, 'version' => $first->unit->version, 'name' => $first->unit->name,
            'figures' => array_map(static fn (ComposedFigure $one): array => ['id' => $one->id, 'number' => $one->row->number], $choice->place->figures),
            'whole_unit' => $choice->place->isUnit, 'leaders' => $first->row->leader, 'area' => $choice->place->area,
            'from' => $this->answer->standard->tier($choice->place->from)->name, 'to' => $this->answer->standard->tier($choice->to)->name, 'tier' => $choice->to,
            'minutes' => $choice->minutes, 'seen' => $choice->gain / $this->most,
        ];
    }
}
