<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\History\JobRows;
use App\Models\AreaTier;
use App\Models\Figure;
use App\Models\Force;
use App\Models\Job;
use App\Models\JobChange;
use App\Models\LogEntry;
use App\Models\LogKind;
use App\Models\Quote;
use App\Models\Scheme;
use App\Models\Unit;
use Core\Plan\FigureState;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was taken can be changed: a job, a unit, its figures. */
final class ChangeTest extends CheckTestCase
{
    public function test_a_job_is_called_otherwise_is_due_later_and_two_at_once_are_told(): void
    {
        $job = $this->job();
        $changed = $this->answer($this->lead(), 'PUT', "/jobs/{$job->id}", ['version' => $job->version, 'name' => 'Guard of Port Ember', 'client' => 'The harbour office', 'due' => $later = now()->addMonths(3)->toDateString(), 'state' => 'open']);

        self::assertSame(['Guard of Port Ember', 'The harbour office', $later, 'open'], [$changed['name'], $changed['client'], $changed['due'], $changed['state']]);
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job->id}", ['version' => $job->version, 'name' => 'x', 'client' => 'y', 'due' => null, 'state' => 'open']), 409, 'stale');
        $other = $this->answer($this->lead(), 'POST', '/jobs', ['name' => 'Other', 'client' => 'c', 'force' => 'f']);
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job->id}", ['version' => $job->version + 1, 'name' => 'Other', 'client' => 'y', 'due' => null, 'state' => 'open']), 422, 'job-exists', '/name');
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job->id}", ['version' => $job->version + 1, 'name' => 'x', 'client' => 'y', 'due' => 'soon', 'state' => 'open']), 422, 'invalid', '/due');
        // A day that is over stays where it was agreed, and is chosen no more.
        $job->refresh()->update(['due' => '2026-01-31']);
        $over = fn (string $due) => $this->as($this->lead(), 'PUT', "/jobs/{$job->id}", ['version' => $job->refresh()->version, 'name' => 'x', 'client' => 'y', 'due' => $due, 'state' => 'open']);
        $this->assertRefused($over('2026-01-30'), 422, 'invalid', '/due');
        $over('2026-01-31')->assertOk();
        self::assertIsInt($other['id']);
    }

    public function test_a_job_has_notes_and_is_of_another_force_while_nothing_is_painted(): void
    {
        $job = $this->nightJob();
        $unit = $this->unit('Night');
        $scheme = Scheme::query()->create(['force_id' => $job->force_id, 'name' => 'Night colours']);
        $this->answer($this->lead(), 'PATCH', "/units/{$unit->id}", ['version' => $unit->version, 'scheme_id' => $scheme->id]);
        $change = fn (array $said): array => $this->answer($this->lead(), 'PUT', "/jobs/{$job->id}", $said + ['version' => $job->refresh()->version, 'name' => $job->name, 'client' => 'Nobody', 'due' => null, 'state' => 'open']);

        $noted = $change(['notes' => "Bases come later.\nAsk for the badge."]);
        self::assertSame(["Bases come later.\nAsk for the badge.", 'Night watch'], [$noted['notes'], $noted['force']]);
        $moved = $change(['force' => 'Harbour guard']);
        self::assertSame(['Harbour guard', $noted['notes']], [$moved['force'], $moved['notes']], 'what is not said stays');
        self::assertNull($unit->refresh()->scheme_id, 'the schemes of a force are its own');
        $told = JobChange::query()->latest('id')->firstOrFail();
        self::assertSame('The job: force Harbour guard, was Night watch.', $told->words[0]);
        $this->answer($this->lead(), 'POST', "/job-changes/{$told->id}/taking-back");
        self::assertSame(['Night watch', $scheme->id], [$job->refresh()->force->name, $unit->refresh()->scheme_id]);
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job->id}", ['version' => $job->version, 'name' => 'x', 'client' => 'y', 'due' => null, 'state' => 'open', 'force' => '']), 422, 'invalid', '/force');

        $this->figure('Night', 1)->update(['state' => FigureState::Painting]);
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job->id}", ['version' => $job->refresh()->version, 'name' => 'x', 'client' => 'y', 'due' => null, 'state' => 'open', 'force' => 'Harbour guard']), 403, 'worked-on');
        self::assertSame('By mistake', $job->refresh()->name, 'nothing of it is kept');
        $change(['force' => 'Night watch', 'notes' => null]);
        self::assertSame('', $job->refresh()->notes, 'the force that it has is no other');
    }

    public function test_figures_are_of_another_type_while_nothing_happened_to_them(): void
    {
        $this->nightJob();
        $unit = $this->unit('Night');
        $diver = 'tide-diver';
        $type = fn (array $body) => $this->as($this->lead(), 'PUT', "/units/{$unit->id}/type", $body + ['version' => $unit->refresh()->version]);

        $type(['figures' => [$this->figure('Night', 2)->id, $this->figure('Night', 3)->id], 'figure_type' => $diver])->assertOk();
        self::assertSame([null, $diver, $diver, null], Figure::query()->where('unit_id', $unit->id)->with('figureType')->orderBy('number')->get()->map(static fn (Figure $figure): ?string => $figure->figureType?->key)->all());
        $type(['figures' => null, 'figure_type' => $diver])->assertOk();
        self::assertSame([$diver, 0], [$unit->refresh()->figureType->key, Figure::query()->where('unit_id', $unit->id)->whereNotNull('figure_type_id')->count()], 'all of them are the unit');
        $this->assertRefused($type(['figures' => null, 'figure_type' => 'mermaid']), 422, 'unknown-figure-type', '/figure_type');
        $this->assertRefused($type(['figures' => [], 'figure_type' => $diver]), 422, 'invalid', '/figures');
        $this->figure('Night', 1)->update(['state' => FigureState::Painting]);
        $this->assertRefused($type(['figures' => null, 'figure_type' => 'lamplighter']), 403, 'worked-on');
        $type(['figures' => [$this->figure('Night', 4)->id], 'figure_type' => 'lamplighter'])->assertOk();
        self::assertSame('lamplighter', $this->figure('Night', 4)->figureType?->key);
        self::assertSame('Lamplighter, on foot', $this->app->make(JobFigures::class)->ofFigure($this->figure('Night', 4))->type->name);
    }

    public function test_a_figure_has_a_name_that_goes_with_it_to_bench_check_and_record(): void
    {
        $figure = $this->figure('1st Lamplighters', 2);
        $name = fn (string $name, ?int $version = null) => $this->as($this->lead(), 'PUT', "/figures/{$figure->id}/name", ['version' => $version ?? $figure->refresh()->version, 'name' => $name]);
        $name('Serjeant Anka')->assertOk();
        self::assertSame(['1st Lamplighters, figure 2: name Serjeant Anka, was nothing.'], JobChange::query()->latest('id')->firstOrFail()->words);
        $this->assertRefused($name('Somebody', 1), 409, 'stale');
        $this->assertRefused($name(str_repeat('a', 121)), 422, 'invalid', '/name');

        $record = $this->signed($figure->refresh());
        $shown = $this->answer($this->isla(), 'GET', "/sign-offs/{$record->id}");
        self::assertSame('Serjeant Anka', Arr::get($shown, 'record.figure.name'));
        $this->assertRefused($name('Another'), 403, 'signed');
        $grid = json_encode($this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/figures"), JSON_THROW_ON_ERROR);
        self::assertSame(1, substr_count($grid, '"name":"Serjeant Anka"'));
    }

    private function nightJob(): Job
    {
        $this->answer($this->lead(), 'POST', '/jobs', ['name' => 'By mistake', 'client' => 'Nobody', 'force' => 'Night watch']);
        $job = Job::query()->where('name', 'By mistake')->firstOrFail();
        $this->as($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => "unit,figure_type,count,tier\nNight,\"Lamplighter, on foot\",4,Muster\n"])->assertCreated();

        return $job;
    }

    public function test_a_job_of_which_nothing_was_painted_or_offered_is_deleted_without_a_trace_but_the_log(): void
    {
        $count = static fn (): array => array_map(static fn (array $table): int => DB::table($table['name'])->count(), array_values(array_filter(Schema::getTables(), static fn (array $table): bool => $table['schema'] === DB::getDatabaseName() && ! in_array($table['name'], ['log_entries', 'sessions'], true))));
        Force::query()->create(['name' => 'Night watch']);
        $before = $count();
        $this->answer($this->lead(), 'POST', '/jobs', ['name' => 'By mistake', 'client' => 'Nobody', 'force' => 'Night watch']);
        $job = Job::query()->where('name', 'By mistake')->firstOrFail();
        $this->as($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => "unit,figure_type,count,tier\nNight,\"Lamplighter, on foot\",4,Muster\n"])->assertCreated();
        $unit = $this->unit('Night');
        $this->answer($this->lead(), 'POST', "/units/{$unit->id}/waivers", ['version' => $unit->version, 'figures' => null, 'area' => 'face', 'use' => 'wash', 'reason' => 'kept clean']);
        $this->answer($this->lead(), 'PUT', "/units/{$unit->id}/area-tiers", ['version' => $unit->refresh()->version, 'figures' => [$this->figure('Night', 2)->id], 'area' => 'face', 'tier' => 'banner']);
        $change = JobChange::query()->where('job_id', $job->id)->orderByDesc('id')->firstOrFail();
        $this->answer($this->lead(), 'POST', "/job-changes/{$change->id}/taking-back");
        $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/proposals", ['tier' => 'muster', 'surface' => 'cloth', 'use' => null, 'text' => 'More light.']);

        $this->assertRefused($this->as($this->lead(), 'DELETE', "/jobs/{$job->id}?version=1"), 409, 'stale');
        $this->answer($this->lead(), 'DELETE', "/jobs/{$job->id}?version={$job->refresh()->version}");
        DB::table('standard_proposals')->delete();
        self::assertSame($before, $count());
        self::assertSame('By mistake, Nobody', LogEntry::query()->where('kind', LogKind::JobDeleted)->firstOrFail()->about);
    }

    public function test_a_job_that_was_worked_on_or_offered_stays(): void
    {
        $job = $this->job();
        $this->assertRefused($this->as($this->lead(), 'DELETE', "/jobs/{$job->id}?version={$job->version}"), 403, 'worked-on');
        Quote::query()->create(['job_id' => $job->id, 'number' => 1, 'content' => [], 'total' => 0, 'valid_until' => now(), 'token_hash' => str_repeat('1', 64), 'made_by' => $this->lead()->id, 'made_at' => now()]);
        $this->assertRefused($this->as($this->lead(), 'DELETE', "/jobs/{$job->id}?version={$job->version}"), 403, 'quoted');
        self::assertTrue(Job::query()->whereKey($job->id)->exists());
    }

    public function test_a_closed_job_leaves_the_bench_and_comes_back(): void
    {
        $job = $this->job();
        $set = fn (string $state) => $this->answer($this->lead(), 'PUT', "/jobs/{$job->id}", ['version' => $job->refresh()->version, 'name' => $job->name, 'client' => $job->client, 'due' => null, 'state' => $state]);
        $set('closed');

        self::assertSame([], $this->benchOf($this->lead()));
        self::assertSame(['closed'], array_column($this->answer($this->lead(), 'GET', '/jobs'), 'state'));
        $set('open');
        self::assertNotSame([], $this->benchOf($this->lead()));
    }

    public function test_a_closed_job_goes_into_the_archive_and_out_of_it(): void
    {
        $job = $this->job();
        $set = fn (string $state) => $this->as($this->lead(), 'PUT', "/jobs/{$job->id}", ['version' => $job->refresh()->version, 'name' => $job->name, 'client' => $job->client, 'due' => null, 'state' => $state]);
        $listed = fn (string $archived): array => array_column($this->answer($this->isla(), 'GET', "/jobs?archived={$archived}"), 'state');
        $this->assertRefused($set('archived'), 422, 'job-open', '/state');

        $set('closed')->assertOk();
        $set('archived')->assertOk();
        self::assertSame([[], ['archived']], [$listed('0'), $listed('1')]);
        self::assertSame([], $this->benchOf($this->lead()));
        $found = $this->answer($this->lead(), 'GET', '/found?words=harbour+guard');
        self::assertContains('The Port Ember harbour office, archived', array_column($found, 'detail'));
        self::assertSame('archived', $this->answer($this->isla(), 'GET', "/jobs/{$job->id}")['state'], 'it can be read as before');

        $set('open')->assertOk();
        self::assertSame([['open'], []], [$listed('0'), $listed('1')]);
        $set('parked')->assertStatus(422);
    }

    public function test_a_unit_is_called_otherwise(): void
    {
        $unit = $this->unit('1st Lamplighters');
        $this->as($this->lead(), 'PUT', "/units/{$unit->id}", ['version' => $unit->version, 'name' => 'Lamplighters of the mole', 'note' => null])->assertOk();

        self::assertSame(['Lamplighters of the mole', ''], [$unit->refresh()->name, $unit->note]);
        $this->assertRefused($this->as($this->lead(), 'PUT', "/units/{$unit->id}", ['version' => $unit->version, 'name' => '2nd Lamplighters', 'note' => '']), 422, 'duplicate-unit', '/name');
    }

    public function test_further_figures_go_on_from_the_last_number_as_their_unit_is_painted(): void
    {
        $unit = $this->unit('1st Lamplighters');
        $this->as($this->lead(), 'POST', "/units/{$unit->id}/figures", ['version' => $unit->version, 'count' => 3])->assertOk();
        $figures = Figure::query()->where('unit_id', $unit->id)->orderBy('number')->get();

        self::assertSame([13, 14, 15], $figures->pluck('number')->slice(-3)->values()->all());
        self::assertNull($figures->last()?->tier_id);
        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$unit->id}/figures", ['version' => $unit->version + 1, 'count' => 490]), 422, 'too-many-figures', '/count');
        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$unit->id}/figures", ['version' => $unit->version + 1, 'count' => 0]), 422, 'invalid', '/count');
    }

    public function test_what_nothing_happened_to_goes_with_what_was_agreed_of_it_and_the_last_takes_its_unit_along(): void
    {
        $unit = $this->unit('Heron riders');
        $ids = Figure::query()->where('unit_id', $unit->id)->orderBy('number')->pluck('id')->all();
        AreaTier::query()->create(['unit_id' => $unit->id, 'figure_id' => $ids[0], 'figure_area_id' => $unit->figureType->areas()->firstOrFail()->id, 'tier_id' => $unit->tier_id]);
        $remove = fn (array $figures) => $this->as($this->lead(), 'POST', "/units/{$unit->id}/removals", ['version' => $unit->refresh()->version, 'figures' => $figures]);
        $remove([$ids[0]])->assertOk();

        self::assertSame(2, Figure::query()->where('unit_id', $unit->id)->count());
        $remove([$ids[1], $ids[2]])->assertOk();
        self::assertNull(Unit::query()->find($unit->id));
        self::assertNotNull(Job::query()->find($unit->job_id));
    }

    public function test_what_was_worked_on_stays(): void
    {
        $unit = $this->unit('1st Lamplighters');
        $figure = $this->figure('1st Lamplighters', 9);
        $this->answer($this->isla(), 'POST', '/bench-marks', ['area' => 'face', 'use' => 'base', 'reason' => null, 'state' => 'done', 'figures' => [['id' => $figure->id, 'seen' => null]]]);
        $refused = $this->as($this->lead(), 'POST', "/units/{$unit->id}/removals", ['version' => $unit->refresh()->version, 'figures' => [$this->figure('1st Lamplighters', 10)->id, $figure->id]]);

        $this->assertRefused($refused, 403, 'worked-on');
        self::assertStringContainsString('Figure 9', (string) $refused->getContent());
        self::assertSame(12, Figure::query()->where('unit_id', $unit->id)->count(), 'all of them or none');
        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$unit->id}/removals", ['version' => $unit->version, 'figures' => [$this->figure('Heron riders', 1)->id]]), 404, 'not-found');
    }

    public function test_units_stand_in_the_order_that_the_lead_says(): void
    {
        $names = fn (): array => array_map(static fn (Unit $unit): string => $unit->name, Unit::query()->where('job_id', $this->job()->id)->orderBy('position')->get()->all());
        $before = $names();
        $place = fn (string $unit, ?int $next) => $this->as($this->lead(), 'PUT', "/units/{$this->unit($unit)->id}/place", ['version' => $this->unit($unit)->version, 'before' => $next]);
        $place('Tide divers', $this->unit('1st Lamplighters')->id)->assertOk();
        self::assertSame(['Tide divers', ...array_values(array_diff($before, ['Tide divers']))], $names());
        $place('1st Lamplighters', null)->assertOk();
        self::assertSame('1st Lamplighters', array_slice($names(), -1)[0]);
        self::assertSame(['The units stand in another order.'], JobChange::query()->orderByDesc('id')->firstOrFail()->words);

        foreach (JobChange::query()->orderByDesc('id')->get() as $change) {
            $this->answer($this->lead(), 'POST', "/job-changes/{$change->id}/taking-back");
        }
        self::assertSame($before, $names());
        $this->assertRefused($place('Tide divers', 999), 422, 'unknown-unit', '/before');
        $this->assertRefused($place('Tide divers', $this->unit('Tide divers')->id), 422, 'unknown-unit', '/before');
    }

    public function test_figures_are_split_off_and_painted_as_before(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $figures = [$this->figure('2nd Lamplighters', 4), $this->figure('2nd Lamplighters', 1)];
        $this->answer($this->lead(), 'PUT', "/units/{$unit->id}/area-tiers", ['version' => 1, 'figures' => null, 'area' => 'face', 'tier' => 'banner']);
        $this->answer($this->lead(), 'PUT', "/units/{$unit->id}/area-tiers", ['version' => 2, 'figures' => [$figures[0]->id], 'area' => 'helmet', 'tier' => 'guard']);
        $before = $this->signatures();
        $rows = JobRows::of($unit->job_id);
        $this->answer($this->lead(), 'POST', "/units/{$unit->id}/moves", ['version' => 3, 'figures' => array_column($figures, 'id'), 'name' => 'Mole lamps', 'to' => null]);

        self::assertSame([[1, $figures[1]->id], [2, $figures[0]->id]], $this->unit('Mole lamps')->figures->map(static fn (Figure $one): array => [$one->number, $one->id])->all());
        self::assertEquals($before, $this->signatures(), 'nothing is painted otherwise');
        self::assertSame($this->unit('2nd Lamplighters')->position + 1, $this->unit('Mole lamps')->position);
        self::assertSame(['Mole lamps: taken into the job at Muster.', '2nd Lamplighters, figures 1, 4: moved to Mole lamps.'], array_slice(JobChange::query()->orderByDesc('id')->firstOrFail()->words, 0, 2));

        $this->answer($this->lead(), 'POST', '/job-changes/'.JobChange::query()->orderByDesc('id')->firstOrFail()->id.'/taking-back');
        self::assertEquals($rows, JobRows::of($unit->job_id));
    }

    public function test_figures_join_another_unit_and_an_emptied_unit_goes(): void
    {
        $from = $this->unit('2nd Lamplighters');
        $into = $this->unit('1st Lamplighters');
        Unit::query()->whereKey($into->id)->update(['tier_id' => $this->figure('2nd Lamplighters', 1)->tier_id]);
        $leader = $this->figure('2nd Lamplighters', 1)->id;
        $move = /** @param  array<string, mixed>  $body */ fn (array $body) => $this->as($this->lead(), 'POST', "/units/{$from->id}/moves", $body + ['version' => $from->refresh()->version, 'figures' => [$leader]]);
        $rows = JobRows::of($from->job_id);
        $move(['to' => $into->id])->assertOk();
        self::assertSame([13, null], [Figure::query()->where('unit_id', $into->id)->max('number'), $this->figure('1st Lamplighters', 13)->tier_id]);
        self::assertSame(11, Figure::query()->where('unit_id', $from->id)->count());

        $rest = Figure::query()->where('unit_id', $from->id)->pluck('id')->all();
        $this->assertRefused($move(['figures' => $rest, 'name' => 'All of them']), 422, 'all-of-them', '/figures');
        $this->assertRefused($move(['figures' => [$rest[0]], 'name' => 'Quay watch']), 422, 'duplicate-unit', '/name');
        $this->assertRefused($move(['figures' => [$rest[0]]]), 422, 'invalid', '/to');
        $this->assertRefused($move(['figures' => [$rest[0]], 'to' => 999]), 404, 'not-found');
        $move(['figures' => $rest, 'to' => $into->id])->assertOk();
        self::assertFalse(Unit::query()->whereKey($from->id)->exists());

        foreach (JobChange::query()->orderByDesc('id')->get() as $change) {
            $this->answer($this->lead(), 'POST', "/job-changes/{$change->id}/taking-back");
        }
        self::assertEquals($rows, JobRows::of($into->job_id));
    }

    public function test_what_is_signed_stays_in_its_unit_and_what_is_in_check_is_painted_on(): void
    {
        $from = $this->unit('1st Lamplighters');
        $into = $this->unit('2nd Lamplighters');
        Unit::query()->whereKey($into->id)->update(['tier_id' => $into->tier_id + 1]);
        $figure = $this->figure('1st Lamplighters', 2);
        $this->answer($this->lead(), 'POST', "/units/{$from->id}/moves", ['version' => $from->version, 'figures' => [$figure->id], 'to' => $into->id]);
        self::assertSame([FigureState::Painting, 13], [$figure->refresh()->state, $figure->number]);

        $signed = $this->signed($this->figure('1st Lamplighters', 3))->figure_id;
        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$from->id}/moves", ['version' => $from->refresh()->version, 'figures' => [$signed], 'to' => $into->id]), 403, 'signed');
        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$from->id}/moves", ['version' => $from->version, 'figures' => [$signed], 'name' => 'Signed ones']), 403, 'signed');
    }

    /** @return array<int, string> */
    private function signatures(): array
    {
        return ComposedFigure::signatures($this->app->make(JobFigures::class)->ofJob($this->job()));
    }
}
