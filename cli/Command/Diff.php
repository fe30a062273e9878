<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Difference\CellDifference;
use Core\Difference\CriterionChange;
use Core\Difference\Difference;
use Core\Difference\UseChange;
use Document\Difference\MemberChange;
use Document\Shape\Schema;
use Document\Standard\Spelling;
use Document\Standard\StandardReader;
use Document\Standard\StandardSchema;

/**
 * `diff`: what differs between two standards.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 */
final readonly class Diff implements Command
{
    public function name(): string
    {
        return 'diff';
    }

    public function summary(): string
    {
        return 'what differs between two standards';
    }

    public function schema(): array
    {
        return Schema::object(['from' => StandardSchema::document(), 'to' => StandardSchema::document()]);
    }

    public function run(array $input): array
    {
        /** @var array{from: StandardDocument, to: StandardDocument} $input */
        $difference = new Difference(
            StandardReader::ofSound()->read($input['from'], '/from'),
            StandardReader::ofSound()->read($input['to'], '/to'),
        );

        return self::answer($difference);
    }

    /** @return array<string, list<array<string, mixed>>> */
    public static function answer(Difference $difference): array
    {
        $cells = array_filter(array_column($difference->cells, 'state'));
        $reordered = array_filter($difference->cells, static fn (CellDifference $cell): bool => $cell->onlyOrder);

        return [
            'changes' => array_map(self::use(...), array_merge(...array_column($difference->cells, 'uses'))),
            'tiers' => array_map(static fn (MemberChange $change): array => [
                'tier' => $change->tier, 'member' => $change->member, 'before' => $change->before, 'after' => $change->after,
            ], array_merge(...array_map(MemberChange::allOf(...), $difference->tiers))),
            'criteria' => array_map(self::criterion(...), array_merge(...array_column($difference->cells, 'criteria'))),
            'cells' => array_values(array_map(static fn ($change): array => [
                'tier' => $change->tier, 'surface' => $change->surface, 'before' => $change->before->value, 'after' => $change->after->value,
            ], $cells)),
            'order' => array_values(array_map(static fn (CellDifference $cell): array => ['tier' => $cell->tier, 'surface' => $cell->surface], $reordered)),
        ];
    }

    /** @return array<string, mixed> */
    private static function use(UseChange $change): array
    {
        return [
            'tier' => $change->tier,
            'surface' => $change->surface,
            'use' => $change->use,
            'change' => $change->kind(),
            'before' => $change->before === null ? null : Spelling::use($change->before),
            'after' => $change->after === null ? null : Spelling::use($change->after),
        ];
    }

    /** @return array<string, mixed> */
    private static function criterion(CriterionChange $change): array
    {
        return [
            'tier' => $change->tier,
            'surface' => $change->surface,
            'criterion' => $change->criterion,
            'change' => $change->kind(),
            'before' => $change->before === null ? null : Spelling::criterion($change->before),
            'after' => $change->after === null ? null : Spelling::criterion($change->after),
        ];
    }
}
