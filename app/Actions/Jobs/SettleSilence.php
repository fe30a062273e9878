<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Transaction;
use App\Models\Figure;
use App\Models\Job;
use App\Models\Unit;
use App\Refusals\NotRight;

/** Agrees once, for the whole job, that nothing is asked of a surface about which a tier is silent. */
final readonly class SettleSilence
{
    public function __construct(private JobFigures $figures, private VaryArea $vary)
    {
    }

    /** @throws NotRight if nobody asks about it, or the standard says something of it by now */
    public function handle(Job $job, string $tier, string $surface, Terms $terms): Job
    {
        return Transaction::run(function () use ($job, $tier, $surface, $terms): Job {
            $silent = $this->silent($job, $tier, $surface);
            if ($silent === []) {
                throw NotRight::at('/surface', 'no-question', "Nobody asks about \"{$surface}\" at the tier \"{$tier}\" in this job; the standard says what is asked of it, or it was agreed already.");
            }
            foreach ($silent as $unit => $areas) {
                foreach ($areas as $area => $figures) {
                    $row = Unit::query()->findOrFail($unit);
                    $some = array_values(Figure::query()->whereKey($figures)->orderBy('number')->get()->all());
                    // Where all of the unit are meant, figures that join it later are too.
                    $all = $some === [] || count($figures) === Figure::query()->where('unit_id', $unit)->count();
                    $this->vary->notAsked(new VariedPlace($row, $all ? null : $some, (string) $area, $row->version), $terms);
                }
            }

            return $job->refresh();
        });
    }

    /** @return array<int, array<array-key, non-empty-list<int>>> figures by unit and area, units in the order of their ids */
    private function silent(Job $job, string $tier, string $surface): array
    {
        $silent = [];
        foreach ($this->figures->ofJob($job) as $composed) {
            foreach (self::areas($composed, $tier, $surface) as $area) {
                $silent[$composed->unit->id][$area][] = $composed->id;
            }
        }
        ksort($silent);

        return $silent;
    }

    /** @return list<string> */
    private static function areas(ComposedFigure $composed, string $tier, string $surface): array
    {
        return array_values(array_filter($composed->composition->undecided, static function (string $id) use ($composed, $tier, $surface): bool {
            $area = $composed->figure->area($id);

            return $area !== null && $area->surface === $surface && $composed->figure->tierOf($area) === $tier;
        }));
    }
}
