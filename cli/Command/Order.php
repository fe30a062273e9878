<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Composition\Composer;
use Core\Sequence\After;
use Core\Sequence\GaveWay;
use Core\Sequence\PlannedStep;
use Core\Sequence\Step;
use Core\Sequence\TidyBack;
use Core\Sequence\TidySettings;
use Core\Sequence\Work;
use Core\Sequence\WorkOrder;
use Document\Figure\FigureReader;
use Document\Figure\FigureSchema;
use Document\Figure\PlacedFigure;
use Document\Shape\Schema;
use Document\Standard\StandardReader;
use Document\Standard\StandardSchema;

/**
 * `order`: the steps of one figure in an order that spoils least.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 * @phpstan-import-type FigureDocument from FigureReader
 */
final readonly class Order implements Command
{
    public function name(): string
    {
        return 'order';
    }

    public function summary(): string
    {
        return 'the steps of one figure in an order that spoils least';
    }

    public function schema(): array
    {
        $defaults = new TidySettings;

        return Schema::object(['standard' => StandardSchema::document(), 'model' => FigureSchema::model(PlacedFigure::members())], ['settings' => Schema::object([], [
            'tidy_fixed' => Schema::atLeast(0, $defaults->fixed), 'tidy_share' => Schema::atLeast(0, $defaults->share),
        ])]);
    }

    public function run(array $input): array
    {
        /** @var array{standard: StandardDocument, model: FigureDocument, settings?: array{tidy_fixed?: int|float, tidy_share?: int|float}} $input */
        $standard = StandardReader::ofSound()->read($input['standard'], '/standard');
        $placed = PlacedFigure::read($input['model'], $standard, '/model');
        $defaults = new TidySettings;
        $settings = new TidySettings((float) ($input['settings']['tidy_fixed'] ?? $defaults->fixed), (float) ($input['settings']['tidy_share'] ?? $defaults->share));
        $composition = (new Composer($standard))->compose($placed->figure);
        $work = (new WorkOrder($standard, $settings))->of($composition, $placed->type);

        return [
            'steps' => self::steps($work),
            'tidy_minutes' => $work->tidyMinutes,
            'gave_way' => array_map(static fn (GaveWay $one): array => [...self::named($one->step), 'after' => self::named($one->after->step), 'reason' => $one->after->force->value], $work->gaveWay),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function steps(Work $work): array
    {
        $places = [];
        foreach ($work->items as $place => $item) {
            if ($item instanceof PlannedStep) {
                $places[$item->step->number] = $place;
            }
        }

        return array_map(static fn (PlannedStep|TidyBack $item): array => $item instanceof TidyBack ? [
            'area' => $item->area->area->id,
            'tidy' => array_map(static fn (Step $step): int => $places[$step->number], $item->soiledBy),
            'minutes' => $item->minutes,
        ] : [
            ...self::named($item->step),
            'minutes' => $item->step->laid->minutes,
            'after' => array_map(static fn (After $after): array => ['step' => $places[$after->step->number], 'reason' => $after->force->value], $item->after),
        ], $work->items);
    }

    /** @return array{area: string, use: string} */
    private static function named(Step $step): array
    {
        return ['area' => $step->area->area->id, 'use' => $step->laid->use->id];
    }
}
