<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Composition\BlockedUse;
use Core\Composition\Raise as RaiseFigure;
use Core\Composition\RaisedUse;
use Core\Composition\Tidying;
use Core\Standard\UnknownReference;
use Document\Figure\FigureReader;
use Document\Figure\FigureSchema;
use Document\Member\AreaMembers;
use Document\Shape\Schema;
use Document\Standard\StandardReader;
use Document\Standard\StandardSchema;

/**
 * `raise`: what it takes to raise a finished figure to another tier.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 * @phpstan-import-type FigureDocument from FigureReader
 */
final readonly class Raise implements Command
{
    public function name(): string
    {
        return 'raise';
    }

    public function summary(): string
    {
        return 'what it takes to raise a finished figure to another tier';
    }

    public function schema(): array
    {
        return Schema::object(['standard' => StandardSchema::document(), 'model' => FigureSchema::model(['after_shade' => AreaMembers::afterShade()->kind->schema]), 'to' => Schema::id()]);
    }

    public function run(array $input): array
    {
        /** @var array{standard: StandardDocument, model: FigureDocument, to: string} $input */
        $standard = StandardReader::ofSound()->read($input['standard'], '/standard');
        if (! $standard->hasTier($input['to'])) {
            throw UnknownReference::tier($input['to'], $standard->tierIds(), '/to');
        }
        $figure = (new FigureReader($standard, $input['to']))->read($input['model'], '/model');
        $raising = (new RaiseFigure($standard))->handle($figure, $input['to']);

        return [
            'uses' => array_map(static fn (RaisedUse $use): array => [
                'area' => $use->area->id, 'use' => $use->use->id, 'technique' => $use->technique, 'coats' => $use->coats,
                'steps' => $use->steps, 'extent' => $use->use->extent->value, 'minutes' => $use->minutes,
            ], $raising->uses),
            'tidy' => array_map(static fn (Tidying $tidy): array => ['area' => $tidy->area->id, 'minutes' => $tidy->minutes], $raising->tidies),
            'blocked' => array_map(static fn (BlockedUse $use): array => ['area' => $use->area->id, 'use' => $use->use->id, 'why' => $use->why], $raising->blocked),
            'minutes' => $raising->minutes,
        ];
    }
}
