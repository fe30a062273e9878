<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Budget\Effort as BestEffort;
use Core\Budget\EffortItem;
use Document\Shape\Schema;

/** `effort`: where to spend the minutes. */
final readonly class Effort implements Command
{
    public function name(): string
    {
        return 'effort';
    }

    public function summary(): string
    {
        return 'where to spend the minutes of a budget';
    }

    public function schema(): array
    {
        return Schema::object(['budget' => Schema::atLeast(0), 'items' => Schema::list(Schema::object(
            ['id' => Schema::id(), 'minutes' => Schema::whole(), 'gain' => Schema::number()],
            ['needs' => Schema::idOrNull()],
        ))]);
    }

    public function run(array $input): array
    {
        /** @var array{budget: int|float, items: list<array{id: string, minutes: int|float, gain: int|float, needs?: string|null}>} $input */
        $items = array_map(static fn (array $item): EffortItem => new EffortItem($item['id'], (int) $item['minutes'], (float) $item['gain'], $item['needs'] ?? null), $input['items']);
        $chosen = BestEffort::choose((float) $input['budget'], $items, '/items');

        return ['chosen' => $chosen->chosen, 'minutes' => $chosen->minutes, 'gain' => $chosen->gain];
    }
}
