<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Rework\AreaLayers;
use Core\Rework\Layer;
use Core\Standard\Opacity;
use Document\Shape\Schema;

/** `rework`: which layers of an area are laid again after a fault. */
final readonly class Rework implements Command
{
    public function name(): string
    {
        return 'rework';
    }

    public function summary(): string
    {
        return 'which layers of an area are laid again after a fault';
    }

    public function schema(): array
    {
        $minutes = ['minutes' => Schema::atLeast(0)];
        $fault = Schema::object(['extent' => Schema::between(0, 1)], ['layer' => Schema::id(), 'spill' => ['type' => 'boolean', 'enum' => [true]]]) + [
            'if' => ['required' => ['layer']],
            'then' => ['properties' => ['spill' => false]],
            'else' => ['if' => ['required' => ['spill']], 'else' => ['required' => ['layer']]],
        ];

        return Schema::object([
            'ground' => Schema::object(['id' => Schema::id()] + $minutes),
            'layers' => Schema::list(Schema::object(['id' => Schema::id(), 'opacity' => Schema::wordOf(Opacity::class)] + $minutes, ['covers' => Schema::boolean()])),
            'fault' => $fault,
        ], ['laid' => Schema::whole()]);
    }

    public function run(array $input): array
    {
        /** @var array{ground: array{id: string, minutes: int|float}, layers: list<array{id: string, opacity: string, covers?: bool, minutes: int|float}>, laid?: int|float, fault: array{layer?: string, extent: int|float}} $input */
        $layers = array_map(
            static fn (array $layer, int $i): Layer => new Layer($layer['id'], Opacity::from($layer['opacity']), (float) $layer['minutes'], $layer['covers'] ?? null, "/layers/{$i}"),
            $input['layers'],
            array_keys($input['layers']),
        );
        $ground = new Layer($input['ground']['id'], Opacity::Opaque, (float) $input['ground']['minutes']);
        $area = new AreaLayers($ground, $layers, isset($input['laid']) ? (int) $input['laid'] : null);
        $again = isset($input['fault']['layer']) ? $area->afterFaultIn($input['fault']['layer'], '/fault/layer') : $area->afterSpill();

        return [
            'steps' => array_map(static fn (Layer $layer): string => $layer->id, $again),
            'minutes' => $input['fault']['extent'] * array_sum(array_map(static fn (Layer $layer): float => $layer->minutes, $again)),
        ];
    }
}
