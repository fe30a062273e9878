<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Check\Sight;
use Core\Standard\VisualAngle;
use Document\Shape\Schema;

/** `visibility`: whether flaws can be seen, and the smallest size that can. */
final readonly class Visibility implements Command
{
    public function name(): string
    {
        return 'visibility';
    }

    public function summary(): string
    {
        return 'visual angle of flaws, and the smallest that can be seen';
    }

    public function schema(): array
    {
        return Schema::object([
            'flaws' => Schema::list(Schema::object(
                ['size_mm' => Schema::atLeast(0), 'distance_mm' => Schema::over(0)],
                ['delta_e' => Schema::atLeast(0)],
            )),
        ], [
            'acuity' => Schema::over(1 / VisualAngle::HALF_TURN_ARCMIN, null, 1),
            'jnd' => Schema::atLeast(0, Sight::JUST_NOTICEABLE_DIFFERENCE),
        ]);
    }

    public function run(array $input): array
    {
        /** @var array{flaws: list<array{size_mm: int|float, distance_mm: int|float, delta_e?: int|float}>, acuity?: int|float, jnd?: int|float} $input */
        $sight = new Sight((float) ($input['acuity'] ?? 1), (float) ($input['jnd'] ?? Sight::JUST_NOTICEABLE_DIFFERENCE));
        $results = $smallest = [];
        foreach ($input['flaws'] as $flaw) {
            $angle = VisualAngle::of((float) $flaw['size_mm'], (float) $flaw['distance_mm']);
            $deltaE = isset($flaw['delta_e']) ? (float) $flaw['delta_e'] : null;
            $results[] = ['arcmin' => $angle->arcmin, 'visible' => $sight->sees($angle, $deltaE)];
            $smallest[] = $sight->smallestAt((float) $flaw['distance_mm']);
        }

        return ['results' => $results, 'smallest_mm' => $smallest];
    }
}
