<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Actions\FigureTypes\FigureTypes;
use App\Models\FigureType;
use App\Models\StandardVersion;
use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\Composition\FigureCheck;
use Core\Composition\Raise;
use Core\Composition\RaisedComposition;
use Core\Composition\StoppingPlaces;
use Core\Composition\TypeArea;
use Core\Sequence\RaiseOrder;

/** What it takes to raise a finished figure of a type from one tier to another. */
final readonly class RaiseFigure
{
    public function __construct(private StandardLibrary $library)
    {
    }

    public function handle(StandardVersion $version, FigureType $type, string $from, string $to): RaisedFigure
    {
        $standard = $this->library->of($version->id);
        $core = FigureTypes::core($type->loadMissing(FigureTypes::RELATIONS));
        $figure = new Figure($from, $core->work(), array_map(static fn (TypeArea $area) => $area->area, $core->areas));
        (new FigureCheck($standard, $to))->require($figure);
        $standard->tier($to);
        $plan = (new Raise($standard))->handle($figure, $to);
        $composer = new Composer($standard);
        $done = $composer->compose($figure);
        $wanted = $composer->compose($figure->atTier($to));

        return new RaisedFigure(
            $standard,
            $standard->tier($from)->name,
            $standard->tier($to)->name,
            $plan,
            (new RaiseOrder($standard))->of($done, (new RaisedComposition($standard))->of($done, $wanted, $plan), $core),
            (new StoppingPlaces($standard))->of($figure->atTier($to)),
            $wanted->minutes,
        );
    }
}
