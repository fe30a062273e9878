<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Sequence\After;
use Core\Sequence\PlannedStep;
use Core\Sequence\Step;
use Core\Sequence\Work;
use Core\Standard\Extent;
use Core\Standard\Opacity;
use Core\Standard\TechniqueGroup;

/**
 * What an order was computed from, as plain lists for those who hold it against something else.
 *
 * @phpstan-import-type HandStep from EveryOrder
 */
final readonly class HandSteps
{
    /** @var list<HandStep> in the order of composition */
    public array $steps;

    /** @var list<array{int, int}> the first before the second */
    public array $edges;

    /** @var list<int> numbers of the steps in the order found */
    public array $order;

    /** @var array<string, list<string>> both ways, of one part */
    public array $neighbours;

    /** @var array<int, list<string>> areas that a step of the whole figure lies over */
    public array $over;

    public function __construct(Work $work, FigureType $type)
    {
        $planned = array_values(array_filter($work->items, static fn (object $item): bool => $item instanceof PlannedStep));
        $byNumber = [];
        foreach ($planned as $one) {
            $byNumber[$one->step->number] = $one->step;
        }
        ksort($byNumber);
        $this->order = array_map(static fn (PlannedStep $one): int => $one->step->number, $planned);
        $this->steps = array_values(array_map(self::plain(...), $byNumber));
        $this->edges = array_merge(...array_map(static fn (PlannedStep $one): array => array_map(static fn (After $after): array => [$after->step->number, $one->step->number], $one->after), $planned));
        $this->neighbours = self::near($type);
        $over = [];
        foreach (array_filter($byNumber, static fn (Step $step): bool => $step->isOfWhole()) as $number => $step) {
            $over[$number] = array_values(array_filter(array_keys($this->neighbours), static fn (string $area): bool => ! in_array($type->area($area)?->area->surface, $step->laid->use->overAll->except ?? [], true)));
        }
        $this->over = $over;
    }

    /** @return HandStep */
    private static function plain(Step $step): array
    {
        $covers = $step->technique->group === TechniqueGroup::LayIn && $step->technique->opacity === Opacity::Opaque && $step->laid->use->extent === Extent::Every;

        return [
            'area' => $step->area->area->id, 'technique' => $step->technique->id, 'group' => $step->technique->group->value, 'opaque' => $step->technique->opacity === Opacity::Opaque,
            'messy' => $step->technique->messy, 'covers' => $covers, 'minutes' => $step->laid->minutes, 'depth' => $step->area->depth,
        ];
    }

    /** @return array<string, list<string>> */
    private static function near(FigureType $type): array
    {
        $neighbours = new Neighbours($type);
        $near = [];
        foreach ($type->areas as $area) {
            if ($area->area->surface !== 'whole') {
                $near[$area->area->id] = array_values(array_filter($neighbours->of($area->area->id), static fn (string $other): bool => $type->area($other)?->part === $area->part));
            }
        }

        return $near;
    }
}
