<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Planning\HoursResource;
use App\Http\Planning\JobPlanResource;
use App\Http\Planning\StudioPlanResource;
use App\Models\CalendarLink;
use App\Models\Job;
use App\Models\Unit;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Date;

/**
 * The plan of the demo's job: hours of people, the day on which it is painted, what moves it, and the calendar of a painter.
 *
 * @phpstan-import-type JobPlan from JobPlanResource
 * @phpstan-import-type StudioPlan_ from StudioPlanResource
 * @phpstan-import-type PersonHours from HoursResource
 */
final class PlanTest extends TestCase
{
    /** A Monday, before anybody sits down. */
    private const NOW = '2026-12-07 08:00';

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse(self::NOW, 'Europe/London'));
    }

    public function test_a_job_with_figures_that_nobody_paints_has_no_day_and_says_so(): void
    {
        $plan = $this->plan();

        self::assertNull($plan['painted_on']);
        self::assertCount(1, $plan['open']);
        self::assertStringContainsString('no painter', $plan['open'][0]);
        self::assertSame([], $plan['ways']);
    }

    public function test_once_all_is_given_out_it_has_a_day_and_every_minute_lies_in_a_sitting_of_its_painter(): void
    {
        $this->giveOut();
        $plan = $this->plan();

        self::assertNotNull($plan['painted_on']);
        self::assertSame([], $plan['open']);
        self::assertGreaterThan(1000.0, $plan['minutes']);
        foreach ($plan['rows'] as $row) {
            $worked = 0.0;
            foreach ($row['stretches'] as $stretch) {
                $own = array_filter($plan['sittings'], static fn (array $sitting): bool => $sitting['painter_id'] === $row['painter_id'] && $sitting['from'] <= $stretch['from'] && $sitting['until'] >= $stretch['until']);
                self::assertCount(1, $own, "{$row['unit']} at {$stretch['from']}");
                $worked += $stretch['waiting'] ? 0.0 : (Date::parse($stretch['until'])->getTimestamp() - Date::parse($stretch['from'])->getTimestamp()) / 60 - $stretch['changing'];
            }
            self::assertEqualsWithDelta($row['minutes'], $worked, 2.0, "{$row['unit']}: what is left of it is what is planned of it");
        }
        self::assertSame($plan['painted_on'], substr((string) max(['', ...array_column($plan['rows'], 'ends')]), 0, 10));
    }

    public function test_what_is_marked_is_planned_no_more(): void
    {
        $this->giveOut();
        $before = $this->plan()['minutes'];
        $figure = $this->figure('2nd Lamplighters', 2);
        $this->answer($this->lead(), 'POST', '/bench-marks', ['figures' => $this->seen([$figure->id], 'figure', 'clean'), 'area' => 'figure', 'use' => 'clean', 'state' => 'done', 'reason' => null]);

        self::assertLessThan($before, $this->plan()['minutes']);
    }

    public function test_days_away_and_shorter_days_move_the_day_and_a_promise_that_is_passed_is_told(): void
    {
        $this->giveOut();
        $plan = $this->plan();
        $promised = $this->change('promise', ['on' => $plan['painted_on']]);
        self::assertSame([$plan['painted_on'], 'Marsali Teague', null], [$promised['promised']['on'] ?? null, $promised['promised']['by'] ?? null, $promised['promised']['days_over'] ?? null]);

        foreach ([$this->isla(), $this->jory(), $this->deputy()] as $person) {
            $this->answer($this->lead(), 'PUT', "/people/{$person->id}/hours", ['version' => 1, 'begins' => 540, 'minutes' => [60, 60, 60, 60, 60, 0, 0], 'away' => [['first' => '2026-12-07', 'last' => '2026-12-09', 'because' => 'ill']]]);
        }
        $late = $this->plan();
        self::assertGreaterThan($plan['painted_on'], $late['painted_on']);
        self::assertGreaterThan(0, $late['promised']['days_over'] ?? 0);
        $job = array_values(array_filter($this->studioPlan()['jobs'], static fn (array $one): bool => $one['id'] === $late['job']['id']))[0];
        self::assertSame([$late['painted_on'], $late['promised']['days_over'] ?? 0], [$job['painted_on'], $job['promise_over']]);
    }

    public function test_a_late_job_says_the_cheapest_ways_out_and_each_holds_when_it_is_taken(): void
    {
        $this->giveOut();
        Job::query()->update(['due' => '2026-12-20']);
        $plan = $this->plan();
        self::assertGreaterThan(0, $plan['days_over']);
        $ways = array_column($plan['ways'], null, 'kind');

        self::assertSame($plan['painted_on'], $ways['date']['on']);
        self::assertLessThan($plan['painted_on'], $ways['hours']['on']);
        self::assertStringContainsString('more on each day', $ways['hours']['say']);
        if (isset($ways['hands'])) {
            self::assertMatchesRegularExpression('/^Give .+ to .+: .+ of work\.$/', $ways['hands']['say']);
            self::assertLessThan($plan['painted_on'], $ways['hands']['on']);
        }
        self::assertMatchesRegularExpression('/^Agree on .+ instead of .+ for .+: .+ less\.$/', $ways['tier']['say']);
        self::assertLessThan($plan['painted_on'], $ways['tier']['on']);
        // It is what comes of it when it is done.
        [, $lower, , $name] = preg_match('/^Agree on (.+) instead of (.+) for (.+): /', $ways['tier']['say'], $said) === 1 ? $said : self::fail($ways['tier']['say']);
        $unit = Unit::query()->where('name', $name)->firstOrFail();
        $this->answer($this->lead(), 'PATCH', "/units/{$unit->id}", ['version' => $unit->version, 'tier' => mb_strtolower($lower)]);
        self::assertSame($ways['tier']['on'], $this->plan()['painted_on']);

        Job::query()->update(['due' => '2027-12-20']);
        self::assertSame([null, []], [$this->plan()['days_over'], $this->plan()['ways']]);
    }

    public function test_two_ways_out_together_are_tried_where_none_alone_is_enough(): void
    {
        $this->giveOut();
        Unit::query()->update(['painter_id' => $this->isla()->id]);
        Job::query()->update(['due' => '2026-12-03']);
        $ways = array_column($this->plan()['ways'], null, 'kind');

        self::assertSame([false, false, false], [$ways['hands']['in_time'], $ways['hours']['in_time'], $ways['tier']['in_time']]);
        self::assertMatchesRegularExpression('/^Give .+ to .+: .+ of work\. And .+ more on each day at the bench, for .+\.$/', $ways['hands-and-hours']['say']);
        self::assertLessThan(min($ways['hands']['on'], $ways['hours']['on']), $ways['hands-and-hours']['on']);

        // With a day that one of them makes, no two are asked for.
        Job::query()->update(['due' => max($ways['hands']['on'], $ways['hours']['on'])]);
        self::assertArrayNotHasKey('hands-and-hours', array_column($this->plan()['ways'], null, 'kind'));
    }

    public function test_a_job_that_is_set_aside_takes_nobodys_time_until_it_is_taken_up_again(): void
    {
        $this->giveOut();
        $before = $this->plan();
        $aside = $this->change('aside', ['because' => 'The client waits for a wage.']);
        self::assertSame(['The client waits for a wage.', 'Marsali Teague', []], [$aside['aside']['because'] ?? null, $aside['aside']['by'] ?? null, $aside['rows']]);
        self::assertSame([], $this->studioPlan()['jobs']);

        self::assertSame($before['painted_on'], $this->change('aside', ['because' => null])['painted_on']);
    }

    public function test_the_load_of_everybody_adds_up(): void
    {
        $plan = $this->studioPlan();

        self::assertSame(['Isla Coade', 'Jory Vean', 'Ruan Petherick'], array_column($plan['painters'], 'painter'));
        self::assertSame([1200.0, 900.0, 180.0], array_map(floatval(...), array_column($plan['painters'], 'week_minutes')));
        self::assertGreaterThan(0, $plan['nobody']);
        self::assertEqualsWithDelta($this->plan()['minutes'], $plan['nobody'] + array_sum(array_column($plan['painters'], 'minutes')), 0.01);
        [$isla, , $deputy] = $plan['painters'];
        self::assertEqualsWithDelta([$isla['minutes'] / 1200, 0.0], [$isla['weeks'], $deputy['weeks']], 1e-6);
        self::assertEqualsWithDelta([$this->plan()['minutes'], $plan['nobody']], [$plan['jobs'][0]['minutes'], $plan['jobs'][0]['nobody']], 0.01);
    }

    public function test_what_is_left_of_a_job_is_said_in_days_against_those_that_there_are(): void
    {
        $job = fn (): array => $this->studioPlan()['jobs'][0];
        self::assertNull($job()['painted_on'], 'nobody has all of it yet');
        self::assertGreaterThan(0, $job()['days_needed'], 'what has a day has one');

        $this->giveOut();
        $now = CarbonImmutable::now('Europe/London')->startOfDay();
        Job::query()->update(['due' => $now->addDays(3)->toDateString()]);
        $late = $job();
        self::assertSame([3, 0.0], [$late['days_left'], (float) $late['nobody']]);
        self::assertSame((int) $now->diffInDays(CarbonImmutable::parse((string) $late['painted_on'], 'Europe/London')), $late['days_needed']);
        self::assertSame($late['days_over'], $late['days_needed'] - 3);

        Job::query()->update(['due' => $now->subDays(2)->toDateString()]);
        self::assertSame(-2, $job()['days_left']);
        Job::query()->update(['due' => null]);
        self::assertNull($job()['days_left']);
    }

    public function test_everybody_writes_own_hours_the_lead_all_and_nonsense_is_told_where_it_stands(): void
    {
        $body = ['version' => 1, 'begins' => 600, 'minutes' => [0, 0, 0, 0, 90.5, 0, 0], 'away' => []];
        $hours = $this->answer($this->isla(), 'PUT', "/people/{$this->isla()->id}/hours", $body);
        /** @var list<PersonHours> $hours */
        $own = array_values(array_filter($hours, static fn (array $one): bool => $one['mine']))[0];
        self::assertSame([600, 90.5, 2, true], [$own['begins'], $own['minutes'][4], $own['version'], $own['may_change']]);

        self::assertSame([null, null], [$own['break_at'], $own['break_minutes']]);

        $wrong = fn (array $change) => $this->as($this->lead(), 'PUT', "/people/{$this->isla()->id}/hours", $change + ['version' => 2] + $body);
        $this->assertRefused($this->as($this->jory(), 'PUT', "/people/{$this->isla()->id}/hours", $body), 403, 'not-your-hours');
        $this->as($this->lead(), 'PUT', "/people/{$this->isla()->id}/hours", $body)->assertStatus(409);
        $this->assertRefused($wrong(['minutes' => [0, 0, 0, 0, 1441, 0, 0]]), 422, 'invalid', '/minutes/4');
        self::assertSame('A day has from 0 to 24 hours.', $wrong(['minutes' => [0, 0, 0, 0, 1441, 0, 0]])->json('error.message'));
        $this->assertRefused($wrong(['minutes' => [0, 0, 0, 0, 1000, 0, 0]]), 422, 'out-of-range', '/minutes/4');
        $this->assertRefused($wrong(['minutes' => [1, 2]]), 422, 'invalid', '/minutes');
        $this->assertRefused($wrong(['away' => [['first' => '2026-12-09', 'last' => '2026-12-07', 'because' => '']]]), 422, 'days-backwards', '/away/0/last');
        $this->assertRefused($wrong(['break_at' => 780]), 422, 'invalid', '/break_minutes');
        $this->assertRefused($wrong(['break_minutes' => 45]), 422, 'invalid', '/break_at');
        $this->assertRefused($wrong(['break_at' => 780, 'break_minutes' => 0]), 422, 'invalid', '/break_minutes');
        $this->assertRefused($wrong(['minutes' => [830, 0, 0, 0, 0, 0, 0], 'break_at' => 780, 'break_minutes' => 45]), 422, 'out-of-range', '/minutes/0');
        $this->assertRefused($wrong(['away' => [['first' => '9 December', 'last' => '2026-12-07', 'because' => '']]]), 422, 'invalid', '/away/0/first');
    }

    public function test_a_break_makes_two_sittings_of_a_day_and_two_events_of_the_calendar(): void
    {
        $this->giveOut();
        $link = $this->answer($this->isla(), 'POST', '/calendar-link')['link'];
        self::assertIsString($link);
        $events = fn (): array => preg_match_all('/^UID:(2026-12-11-.+)\r$/m', (string) $this->get((string) parse_url($link, PHP_URL_PATH))->getContent(), $found) > 0 ? $found[1] : [];
        $id = $this->isla()->id;
        $hours = ['version' => 1, 'begins' => 540, 'minutes' => [300, 300, 300, 300, 300, 0, 0], 'away' => []];
        $this->answer($this->isla(), 'PUT', "/people/{$id}/hours", $hours);
        self::assertSame(["2026-12-11-{$id}@ordotype"], $events());

        $this->answer($this->isla(), 'PUT', "/people/{$id}/hours", ['version' => 2, 'break_at' => 720, 'break_minutes' => 45] + $hours);
        self::assertSame(["2026-12-11-{$id}@ordotype", "2026-12-11-{$id}-2@ordotype"], $events());
    }

    public function test_a_calendar_is_read_by_a_private_link_that_can_be_withdrawn(): void
    {
        $made = $this->as($this->isla(), 'POST', '/calendar-link')->assertCreated();
        $address = $made->json('link');
        self::assertIsString($address);
        $link = (string) parse_url($address, PHP_URL_PATH);
        $nobody = fn () => $this->withHeaders(['Accept' => '*/*'])->get($link);
        $this->app['auth']->forgetGuards();
        $calendar = $nobody()->assertOk();
        self::assertSame('text/calendar; charset=UTF-8', $calendar->headers->get('Content-Type'));
        $this->assertReadsBack((string) $calendar->getContent());
        self::assertStringNotContainsString(basename($link), (string) json_encode(CalendarLink::query()->withoutGlobalScopes()->get()));

        $this->answer($this->isla(), 'GET', '/calendar-link');
        self::assertNull($this->as($this->isla(), 'GET', '/calendar-link')->json('link'), 'it is shown once');
        $this->as($this->isla(), 'DELETE', '/calendar-link')->assertOk();
        $this->app['auth']->forgetGuards();
        $nobody()->assertForbidden();
    }

    /** What a library for calendars finds in it: sittings from nine, as the plan has them. */
    private function assertReadsBack(string $calendar): void
    {
        $process = proc_open(['node', base_path('tests/Feature/calendar-reference.mjs')], [['pipe', 'r'], ['pipe', 'w'], STDERR], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], $calendar);
        fclose($pipes[0]);
        /** @var list<array{uid: string, from: string, until: string, summary: string, description: string}> $events */
        $events = json_decode((string) stream_get_contents($pipes[1]), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(0, proc_close($process));

        self::assertSame('2026-12-07T09:00:00Z', $events[0]['from']);
        self::assertStringContainsString('1st Lamplighters', $events[0]['summary']);
        self::assertMatchesRegularExpression('/^09:00 .+: \d+ .+/', $events[0]['description']);
        self::assertSame(count($events), count(array_unique(array_column($events, 'uid'))));
        foreach (explode("\r\n", $calendar) as $line) {
            self::assertLessThanOrEqual(75, strlen($line));
        }
    }

    /** The bosun's unit is nobody's in the demo. */
    private function giveOut(): void
    {
        Unit::query()->whereNull('painter_id')->update(['painter_id' => $this->deputy()->id]);
    }

    /** @return JobPlan */
    private function plan(): array
    {
        /** @var JobPlan */
        return $this->answer($this->isla(), 'GET', '/jobs/'.Job::query()->firstOrFail()->id.'/plan');
    }

    /** @return StudioPlan_ */
    private function studioPlan(): array
    {
        /** @var StudioPlan_ */
        return $this->answer($this->isla(), 'GET', '/plan');
    }

    /**
     * @param  array<string, mixed>  $body
     * @return JobPlan
     */
    private function change(string $what, array $body): array
    {
        $job = Job::query()->firstOrFail();

        /** @var JobPlan */
        return $this->answer($this->lead(), 'PUT', "/jobs/{$job->id}/{$what}", ['version' => $job->version] + $body);
    }
}
