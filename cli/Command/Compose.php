<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Composition\ComposedCriterion;
use Core\Composition\ComposedUse;
use Core\Composition\Composer;
use Document\Figure\FigureReader;
use Document\Figure\FigureSchema;
use Document\Shape\Schema;
use Document\Standard\StandardReader;
use Document\Standard\StandardSchema;

/**
 * `compose`: what is painted on a figure and what is asked of it.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 * @phpstan-import-type FigureDocument from FigureReader
 */
final readonly class Compose implements Command
{
    public function name(): string
    {
        return 'compose';
    }

    public function summary(): string
    {
        return 'standard × figure × variations to uses, criteria and minutes';
    }

    public function schema(): array
    {
        return Schema::object(['standard' => StandardSchema::document(), 'model' => FigureSchema::model()]);
    }

    public function run(array $input): array
    {
        /** @var array{standard: StandardDocument, model: FigureDocument} $input */
        $standard = StandardReader::ofSound()->read($input['standard'], '/standard');
        $figure = (new FigureReader($standard))->read($input['model'], '/model');
        $composition = (new Composer($standard))->compose($figure);

        return [
            'uses' => array_map(self::use(...), $composition->uses),
            'criteria' => array_map(self::criterion(...), $composition->criteria),
            'undecided' => $composition->undecided,
            'not_asked' => $composition->notAsked,
            'minutes' => $composition->minutes,
        ];
    }

    /** @return array<string, mixed> */
    private static function use(ComposedUse $composed): array
    {
        return [
            'area' => $composed->area->id,
            'use' => $composed->use->id,
            'technique' => $composed->technique,
            'coats' => $composed->use->coats,
            'steps' => $composed->use->steps,
            'extent' => $composed->use->extent->value,
            'minutes' => $composed->minutes,
            'from' => $composed->origin->value,
        ];
    }

    /** @return array<string, mixed> */
    private static function criterion(ComposedCriterion $composed): array
    {
        return ['area' => $composed->area->id, 'id' => $composed->criterion->id];
    }
}
