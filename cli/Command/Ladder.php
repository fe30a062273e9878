<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Colour\Ladder as Steps;
use Core\Colour\LadderFinding;
use Core\Colour\LadderRole;
use Core\Colour\LadderRules;
use Core\Colour\LadderStep;
use Core\Colour\Srgb;
use Core\Standard\LiesOn;
use Document\Shape\Schema;

/** `ladder`: the tonal steps of one area, and what is wrong with them. */
final readonly class Ladder implements Command
{
    public function name(): string
    {
        return 'ladder';
    }

    public function summary(): string
    {
        return 'the tonal steps of one area, and what is wrong with them';
    }

    public function schema(): array
    {
        $lightness = Schema::between(0, 100);

        return Schema::object([
            'steps' => Schema::list(Schema::object(
                ['role' => Schema::wordOf(LadderRole::class), 'hex' => Schema::colour(), 'cover' => Schema::between(0, 1)],
                ['lies_on' => Schema::wordOf(LiesOn::class)],
            )),
            'rules' => Schema::object(['min_step' => $lightness, 'max_step' => $lightness, 'min_span' => $lightness]),
        ]);
    }

    public function run(array $input): array
    {
        /** @var array{steps: list<array{role: string, hex: string, cover: int|float, lies_on?: string}>, rules: array{min_step: int|float, max_step: int|float, min_span: int|float}} $input */
        $ladder = new Steps(array_map(
            static fn (array $step): LadderStep => new LadderStep(LadderRole::from($step['role']), Srgb::fromHex($step['hex']), (float) $step['cover'], LiesOn::from($step['lies_on'] ?? LiesOn::All->value)->isLine()),
            $input['steps'],
        ));
        $rules = new LadderRules((float) $input['rules']['min_step'], (float) $input['rules']['max_step'], (float) $input['rules']['min_span']);

        return [
            'lightness' => array_map(static fn (LadderStep $step): float => $step->lightness, $ladder->steps),
            'values' => array_map(static fn (LadderStep $step): int => $step->value(), $ladder->steps),
            'span' => $ladder->span,
            'findings' => array_map(
                static fn (LadderFinding $finding): array => ['code' => $finding->fault->value, 'at' => $finding->at],
                $ladder->findings($rules),
            ),
        ];
    }
}
