<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BenchClock;
use App\Models\BenchMark;
use App\Models\Check;
use App\Models\Figure;
use App\Models\FurtherCoat;
use App\Models\Mishap;
use App\Models\Unit;
use App\Models\WorkedTime;
use App\Refusals\NotAllowed;
use Core\Plan\FigureState;
use Illuminate\Database\Eloquent\Collection;

/** What happened to a figure or a unit keeps it: it is history. */
final readonly class WorkedOn
{
    private const HAPPENED = [BenchMark::class, Check::class, Mishap::class, FurtherCoat::class];

    /**
     * @param  Collection<int, Figure>  $figures of one unit
     *
     * @throws NotAllowed if something was painted or judged on one
     */
    public static function requireNothingOn(Collection $figures, string $unit): void
    {
        $touched = [];
        foreach (self::HAPPENED as $happened) {
            foreach ($happened::query()->whereIn('figure_id', $figures->modelKeys())->distinct()->pluck('figure_id') as $id) {
                $touched[] = $id;
            }
        }
        foreach ($figures as $figure) {
            if (($figure->state !== FigureState::ToPaint && ! $figure->elsewhere) || in_array($figure->id, $touched, true)) {
                throw NotAllowed::because('worked-on', "Figure {$figure->number} of {$unit} was worked on; what was done on it stays. Take its marks back first, or leave it.");
            }
        }
    }

    /** @throws NotAllowed if minutes were worked on it */
    public static function requireNoTimeOf(Unit $unit): void
    {
        if (WorkedTime::query()->where('unit_id', $unit->id)->exists() || BenchClock::query()->where('unit_id', $unit->id)->exists()) {
            throw NotAllowed::because('worked-on', "Minutes were worked on {$unit->name}; leave one figure of it.");
        }
    }
}
