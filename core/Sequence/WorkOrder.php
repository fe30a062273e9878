<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Standard\Standard;

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

    /** @return list<PlannedStep|TidyBack> */
    public function of(Composition $composition, FigureType $type): array
    {
        $steps = Steps::of($composition, $type, $this->standard);
        $neighbours = new Neighbours($type);
        $graph = $this->graph($steps, $neighbours);
        $byId = array_column($steps->all(), null, 'id');
        $planned = array_map(
            static fn (string $id): PlannedStep => new PlannedStep($byId[$id], $graph->before($id)),
            $graph->order(Preference::of($steps, $neighbours)),
        );

        return (new Tidying($type, $neighbours))->insert($planned);
    }
}
