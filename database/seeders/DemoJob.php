<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Bench\BenchSheets;
use App\Actions\Bench\MarkSteps;
use App\Actions\Bench\StepMark;
use App\Actions\Checks\HandOver;
use App\Actions\Jobs\CreateJob;
use App\Actions\Jobs\TakeRoster;
use App\Actions\Jobs\Terms;
use App\Actions\Jobs\VariedPlace;
use App\Actions\Jobs\VaryArea;
use App\Actions\Planning\Hours;
use App\Actions\Schemes\AcceptFinding;
use App\Actions\Schemes\BeginScheme;
use App\Actions\Schemes\ChangeScheme;
use App\Actions\Schemes\FoundPlace;
use App\Actions\Schemes\PasteRecipes;
use App\Actions\Schemes\ReadScheme;
use App\Actions\Schemes\SchemeBook;
use App\Actions\Schemes\SchemeHead;
use App\Actions\Schemes\StoreArea;
use App\Actions\Standards\StandardLibrary;
use App\Import\GivenRoster;
use App\Models\Figure;
use App\Models\Job;
use App\Models\MarkState;
use App\Models\Role;
use App\Models\Scheme;
use App\Models\Studio;
use App\Models\Unit;
use App\Models\User;
use Carbon\CarbonImmutable;
use Core\Colour\LadderFault;
use Core\Colour\LadderFinding;
use Core\Scheme\Ground;
use Core\Standard\Purpose;
use Illuminate\Support\Carbon;

/** The harbour guard of Port Ember: 55 figures in seven units, some of them under way. */
final readonly class DemoJob
{
    /** Findings of its colours that the lead has looked at: figure type, code, area, place, and why it is meant so. */
    private const MEANT_SO = [
        ['', 'areas-differ', 'face', 'Harbour master, Sea troll', 'The troll is no man; it shares the green of the kelp.'],
        ['heron-rider', 'one-family', '', 'blues', 'A heron is slate blue; the red cloak and the pennant part rider and bird.'],
        ['sea-troll', 'one-family', '', 'greens', 'It lives in the kelp; anchor and tusks stand out of it.'],
        ['harbour-master', 'one-family', '', 'blues', 'The office wears blue; the waistcoat is the accent.'],
    ];

    public function __construct(
        private CreateJob $jobs,
        private TakeRoster $rosters,
        private VaryArea $vary,
        private BeginScheme $begin,
        private ChangeScheme $change,
        private PasteRecipes $paste,
        private AcceptFinding $accept,
        private SchemeBook $book,
        private ReadScheme $reading,
        private StoreArea $store,
        private StandardLibrary $standards,
        private BenchSheets $sheets,
        private MarkSteps $marks,
        private HandOver $handing,
        private Hours $hours,
    ) {
    }

    public function make(Studio $studio): void
    {
        $job = $this->jobs->handle('Harbour guard of Port Ember', 'The Port Ember harbour office', 'Harbour guard', CarbonImmutable::now()->addWeeks(5)->format('Y-m-d'), null, Purpose::Played)->refresh();
        $this->rosters->handle($job, new GivenRoster(DemoSeeder::file('port-ember-roster.csv')));
        $lead = $studio->users()->where('role', Role::Lead)->firstOrFail();
        [$isla, $jory] = $studio->users()->where('role', Role::Painter)->orderBy('name')->get()->all();
        $this->scheme($job, $lead);
        foreach (Unit::query()->where('job_id', $job->id)->orderBy('position')->get() as $unit) {
            $unit->update(['painter_id' => $unit->position < 3 || $unit->position === 6 ? $isla->id : ($unit->position === 5 ? null : $jory->id)]);
        }
        $this->blankCharts($job, $lead);
        $this->paintSome($job, $isla);
        $this->sitting($isla, [240, 240, 240, 240, 240, 0, 0]);
        $this->sitting($jory, [300, 0, 300, 0, 300, 0, 0], 'at the regatta');
        $this->sitting($studio->users()->where('role', Role::Deputy)->firstOrFail(), [0, 0, 0, 0, 0, 180, 0]);
    }

    /** @param  list<int>  $minutes by day of the week, Monday first */
    private function sitting(User $person, array $minutes, string $away = ''): void
    {
        $monday = CarbonImmutable::now()->addWeeks(2)->startOfWeek();
        $this->hours->write($person, 540, null, array_map(floatval(...), $minutes), $away === '' ? [] : [['first' => $monday->format('Y-m-d'), 'last' => $monday->addDays(2)->format('Y-m-d'), 'because' => $away]], 0);
    }

    /** One scheme for the whole guard, made of the list of paints by use. */
    private function scheme(Job $job, User $lead): void
    {
        $scheme = $this->begin->handle('Harbour guard', 'Harbour guard');
        $head = new SchemeHead('Harbour guard', 'Quay Fog primer', '', Ground::OF_SKETCH, 'Gull White', 1, 1, 1, 'series', 'from above, a little left', ['face', 'lamp glass', 'helmet'], false, 'Lantern Yellow on glass and lamps only', 'Wet stone and oilskin by lamplight: cold shadows, warm lights.');
        $this->change->handle($scheme, $head, $scheme->version);
        $this->paste->handle($scheme, $this->standards->of($job->standard_version_id), DemoSeeder::file('port-ember-paints.csv'));
        $this->mend($scheme->refresh());
        foreach (self::MEANT_SO as [$type, $code, $area, $place, $reason]) {
            $this->accept->handle($scheme, new FoundPlace($type, $code, $area, $place), $reason, $lead);
        }
    }

    /** Hard lines are mended as a lead would mend them: by the suggestion, as long as there is one. */
    private function mend(Scheme $scheme): void
    {
        foreach ($this->book->of($scheme)->all() as ['row' => $row, 'ladder' => $ladder]) {
            $ladders = $this->book->of($scheme);
            $mending = $this->reading->mending($ladders);
            $reading = $ladders->reading($ladder);
            for ($round = 0; $round < 5; $round++) {
                $finding = array_values(array_filter($reading->findings(), static fn (LadderFinding $one): bool => in_array($one->fault, [LadderFault::Jump, LadderFault::NotLighter], true)))[0] ?? null;
                $suggestion = $finding === null ? null : $mending->of($reading, $finding);
                if ($suggestion === null) {
                    break;
                }
                $reading = $reading->withRung($suggestion->at, $suggestion->inserts, $suggestion->rung);
            }
            if (! $reading->area->equals($ladder)) {
                $this->store->rewrite($row, $reading->area);
            }
        }
    }

    private function blankCharts(Job $job, User $lead): void
    {
        $divers = Unit::query()->where('job_id', $job->id)->where('name', 'Tide divers')->firstOrFail();
        $this->vary->waive(
            new VariedPlace($divers, null, 'depth charts', $divers->version),
            'lettering-mock',
            new Terms('The charts stay blank: they are folded away on this sculpt.', 'Port Ember harbour office, by letter', $lead),
        );
    }

    /** Isla painted six lamplighters yesterday, and began a seventh: nothing of it is wet any more. */
    private function paintSome(Job $job, User $isla): void
    {
        $unit = Unit::query()->where('job_id', $job->id)->where('name', '1st Lamplighters')->firstOrFail();
        $figures = array_values(Figure::query()->where('unit_id', $unit->id)->where('leader', false)->orderBy('number')->limit(7)->get()->all());
        if ($figures === []) {
            return;
        }
        $steps = $this->sheets->ofFigure($figures[0])->steps;
        Carbon::withTestNow(Carbon::now()->subDay(), function () use ($steps, $figures, $isla): void {
            foreach ($steps as $i => $step) {
                $seen = array_fill_keys(array_map(static fn (Figure $figure): int => $figure->id, $i < 9 ? $figures : array_slice($figures, 0, 6)), null);
                $this->marks->handle(new StepMark($seen, $step->area, $step->use, MarkState::Done), $isla);
            }
        });
        $this->handing->handle(array_map(static fn (Figure $figure): int => $figure->id, array_slice($figures, 0, 6)), $isla);
    }
}
