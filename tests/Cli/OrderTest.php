<?php

declare(strict_types=1);

namespace Tests\Cli;

use Cli\Command\Order;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** The command `order` as the contract has it, on a figure that was put in order by hand. */
final class OrderTest extends TestCase
{
    public function test_steps_name_what_they_wait_for_and_what_they_tidy_by_their_places(): void
    {
        $answer = self::answer(['tier' => 'plain', 'areas' => [
            ['id' => 'figure', 'surface' => 'whole', 'share' => 1],
            ['id' => 'coat', 'surface' => 'cloth', 'share' => 0.5, 'depth' => 1, 'neighbours' => ['hat'], 'part' => 'rider'],
            ['id' => 'hat', 'surface' => 'cloth', 'share' => 0.1, 'depth' => 2, 'part' => 'rider'],
        ]]);
        $steps = [];
        foreach ($answer['steps'] as $place => $step) {
            $steps[] = isset($step['tidy']) ? "{$step['area']} after ".implode(' ', $step['tidy']) : "{$step['area']} {$step['use']}".implode('', array_map(static fn (array $after): string => " <{$after['step']} {$after['reason']}", $step['after']));
        }

        self::assertSame([
            'figure prime', 'coat base <0 whole', 'hat base <0 whole', 'hat shade <2 standard', 'hat light <3 standard', 'coat shade <1 standard', 'coat light <5 standard', 'hat after 5 6',
        ], array_slice($steps, 0, 8));
        self::assertSame([], $answer['gave_way']);
        // Whichever gets its wash and drybrush last soils the other; the hat is the smaller. Half a minute and a tenth of
        // what lies there: a minute, and 12, 8 and 20 for a figure of cloth, of which it is a tenth.
        self::assertEqualsWithDelta(0.5 + 0.1 * (1 + (12 + 8 + 20) * 0.1), $answer['tidy_minutes'], 1e-9);
    }

    /** @return array{steps: list<array{area: string, use: string, tidy?: list<int>, after: list<array{step: int, reason: string}>}>, tidy_minutes: float, gave_way: list<mixed>} */
    private static function answer(mixed $model): array
    {
        /** @var array{steps: list<array{area: string, use: string, tidy?: list<int>, after: list<array{step: int, reason: string}>}>, tidy_minutes: float, gave_way: list<mixed>} */
        return (new Order)->run(['standard' => SmallStandard::document(), 'model' => $model]);
    }
}
