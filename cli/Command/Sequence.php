<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Sequence\FewestChanges;
use Core\Sequence\StepList;
use Document\Shape\Schema;

/** `sequence`: an order of steps with as few changes of paint as can be. */
final readonly class Sequence implements Command
{
    public function name(): string
    {
        return 'sequence';
    }

    public function summary(): string
    {
        return 'an order of steps with as few changes of paint as can be';
    }

    public function schema(): array
    {
        return Schema::object(['steps' => Schema::list(Schema::object(['id' => Schema::id(), 'paint' => Schema::text(), 'after' => Schema::list(Schema::id())]))]);
    }

    public function run(array $input): array
    {
        /** @var array{steps: list<array{id: string, paint: string, after: list<string>}>} $input */
        $steps = StepList::of($input['steps'], '/steps');
        $fewest = new FewestChanges($steps, array_map(static fn (array $step): string => $step['paint'], $input['steps']));
        $order = $fewest->order();

        return ['order' => array_map(static fn (int $step): string => $steps->ids[$step], $order), 'changeovers' => $fewest->changes($order)];
    }
}
