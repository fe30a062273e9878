<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Budget\TierGroup;
use Core\Budget\TierMix as BestTierMix;
use Core\Budget\TierOption;
use Core\Standard\Duplicate;
use Document\Shape\Schema;

/** `tier-mix`: which tier for which group gains most within a budget. */
final readonly class TierMix implements Command
{
    public function name(): string
    {
        return 'tier-mix';
    }

    public function summary(): string
    {
        return 'which tier for which group gains most within a budget';
    }

    public function schema(): array
    {
        return Schema::object(['budget' => Schema::atLeast(0), 'groups' => Schema::list(Schema::object(['id' => Schema::id(), 'options' => Schema::list(Schema::object([
            'tier' => Schema::id(), 'cost' => Schema::whole(), 'gain' => Schema::number(),
        ]), 1)]))]);
    }

    public function run(array $input): array
    {
        /** @var array{budget: int|float, groups: list<array{id: string, options: non-empty-list<array{tier: string, cost: int|float, gain: int|float}>}>} $input */
        $groups = $seen = [];
        foreach ($input['groups'] as $i => $group) {
            isset($seen[$group['id']]) && throw Duplicate::id($group['id'], "/groups/{$i}/id");
            $seen[$group['id']] = true;
            $options = array_map(static fn (array $option): TierOption => new TierOption($option['tier'], (int) $option['cost'], (float) $option['gain']), $group['options']);
            $groups[] = new TierGroup($group['id'], $options, "/groups/{$i}");
        }
        $chosen = BestTierMix::choose($input['budget'], $groups);

        return ['choice' => (object) $chosen->choice, 'cost' => $chosen->cost, 'gain' => $chosen->gain];
    }
}
