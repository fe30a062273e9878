<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Standard\Standard;
use Core\Standard\Surface;

/** The order in which a figure is painted so that nothing spoils what is finished. */
final readonly class WorkOrder
{
    /** @var list<OrderRule> the first holds over the later ones where two would close a ring */
    private array $rules;

    public function __construct(private Standard $standard)
    {
        $this->rules = [new AsTheStandardLays, new WholeFigureFrames, new RimAfterGround, new DetailAfterItsHost, new MarkingBeforeWear];
    }

    /** The constraints of a composition, without any ring. */
    public function graph(Steps $steps, Neighbours $neighbours): StepGraph
    {
        return StepGraph::givingWay(array_column($steps->all(), 'id'), $this->constraints($steps, $neighbours));
    }

    /** @return iterable<Constraint> */
    private function constraints(Steps $steps, Neighbours $neighbours): iterable
    {
        foreach ($this->rules as $rule) {
            yield from $rule->constraints($steps, $neighbours);
        }
    }

    /** @return list<PlannedStep> */
    public function of(Composition $composition, FigureType $type): array
    {
        $steps = Steps::of($composition, $type, $this->standard);
        $neighbours = new Neighbours($type);
        $graph = $this->graph($steps, $neighbours);
        $byId = array_column($steps->all(), null, 'id');
        $left = array_map(count(...), $steps->byArea);
        $planned = [];
        foreach ($graph->order(Preference::of($steps)) as $id) {
            $step = $byId[$id];
            $left[$step->area->area->id]--;
            $planned[] = new PlannedStep($step, $graph->before($id), self::soiled($step, $neighbours, $type, $left));
        }

        return $planned;
    }

    /**
     * The neighbours that were finished before a messy step.
     *
     * @param array<array-key, int> $left steps still to come, by area
     * @return list<string>
     */
    private static function soiled(Step $step, Neighbours $neighbours, FigureType $type, array $left): array
    {
        if (! $step->technique->messy || $step->area->area->surface === Surface::WHOLE) {
            return [];
        }

        return array_values(array_filter(
            $neighbours->of($step->area->area->id),
            static fn (string $area): bool => ($left[$area] ?? null) === 0 && $type->area($area)?->area->surface !== Surface::WHOLE,
        ));
    }
}
