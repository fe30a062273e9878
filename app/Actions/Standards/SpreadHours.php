<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Actions\FigureTypes\FigureTypes;
use App\Models\FigureType;
use App\Models\StandardVersion;
use App\Refusals\NotRight;
use Core\Composition\Composer;
use Core\Composition\MinutesFromTotal;
use Core\Composition\ReferenceWork;
use Core\CoreException;

/** Spreads what a whole figure takes over the uses of a tier; nothing is stored. */
final readonly class SpreadHours
{
    public function __construct(private StandardLibrary $library)
    {
    }

    /**
     * @param  FigureType|null  $type that the total is of; null: the reference figure
     *
     * @throws NotRight if there is nothing to spread, or nothing to spread it over
     */
    public function handle(StandardVersion $version, string $tier, ?FigureType $type, float $total): SpreadFigure
    {
        $standard = $this->library->of($version->id);
        if (! $standard->hasTier($tier)) {
            throw NotRight::at('/tier', 'unknown-tier', "The standard has no tier \"{$tier}\".");
        }
        $core = $type === null ? null : FigureTypes::core($type->loadMissing(FigureTypes::RELATIONS));
        $composition = $core === null ? (new ReferenceWork($standard))->of($standard->tier($tier)) : (new Composer($standard))->composeType($core, $tier);
        try {
            $spread = (new MinutesFromTotal($standard))->spread($tier, $composition, $core?->work() ?? $standard->reference->size ?? 1.0, $total);
        } catch (CoreException $refusal) {
            throw NotRight::core($refusal, $refusal->pointer());
        }

        return new SpreadFigure($standard, $tier, $composition, $spread, StandardDocument::of($version)['requirements']);
    }
}
