<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\History\JobHistory;
use App\Actions\History\JobRows;
use App\Models\AreaTier;
use App\Models\Figure;
use App\Models\FigureArea;
use App\Models\JobChange;
use App\Models\Unit;
use Core\Plan\FigureState;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** What was changed of a job is told with who did it, and is taken back where nothing came of it. */
final class JobHistoryTest extends CheckTestCase
{
    /** @param  callable(self): mixed  $deed */
    #[DataProvider('deeds')]
    public function test_a_change_is_told_and_taken_back_to_the_last_row(callable $deed, string $told): void
    {
        $before = JobRows::of($this->job()->id);
        $deed($this);
        $after = JobRows::of($this->job()->id);
        $change = $this->last();

        self::assertNotEquals($before, $after);
        self::assertSame([$told], $change->words);
        self::assertSame($this->lead()->id, $change->user_id);

        $this->takeBack($change);
        self::assertEquals($before, JobRows::of($this->job()->id));
        self::assertSame($change->id, $this->last()->takes_back_id);

        $this->takeBack($this->last());
        self::assertEquals($after, JobRows::of($this->job()->id), 'what was taken back is taken back in its turn');
    }

    /** @return iterable<string, array{callable(self): mixed, string}> */
    public static function deeds(): iterable
    {
        $unit = static fn (self $test, string $method, string $of, array $body): array => $test->answer($test->lead(), $method, '/units/'.$test->unit('2nd Lamplighters')->id.$of, ['version' => $test->unit('2nd Lamplighters')->version, ...$body]);
        yield 'tier of a unit' => [static fn (self $test) => $unit($test, 'PATCH', '', ['tier' => 'watch']), '2nd Lamplighters: tier Watch, was Muster.'];
        yield 'painter of a unit' => [static fn (self $test) => $unit($test, 'PATCH', '', ['painter_id' => $test->jory()->id]), '2nd Lamplighters: painter Jory Vean, was Isla Coade.'];
        yield 'name and note' => [static fn (self $test) => $unit($test, 'PUT', '', ['name' => 'Second lamps', 'note' => 'late']), 'Second lamps: name Second lamps, was 2nd Lamplighters, note late, was nothing.'];
        yield 'further figures' => [static fn (self $test) => $unit($test, 'POST', '/figures', ['count' => 3]), '2nd Lamplighters, figures 13 to 15: taken in.'];
        yield 'figures taken away' => [static fn (self $test) => $unit($test, 'POST', '/removals', ['figures' => [$test->figure('2nd Lamplighters', 4)->id, $test->figure('2nd Lamplighters', 6)->id]]), '2nd Lamplighters, figures 4, 6: taken away.'];
        yield 'tier of figures' => [static fn (self $test) => $test->answer($test->lead(), 'PATCH', '/figures', ['figures' => array_map(static fn (int $number): array => ['id' => $test->figure('2nd Lamplighters', $number)->id, 'version' => 1], [3, 4, 5, 9]), 'tier' => 'banner']), '2nd Lamplighters, figures 3 to 5, 9: tier Banner, was as the unit.'];
        yield 'tier of an area' => [static fn (self $test) => $unit($test, 'PUT', '/area-tiers', ['figures' => null, 'area' => 'face', 'tier' => 'banner']), '2nd Lamplighters, face: tier Banner.'];
        yield 'school of an area' => [static fn (self $test) => $unit($test, 'PUT', '/area-schools', ['figures' => null, 'area' => 'lamp cage', 'question' => 'metals', 'choice' => 'last']), '2nd Lamplighters, lamp cage: school of metals: last.'];
        yield 'left out' => [static fn (self $test) => $unit($test, 'POST', '/waivers', ['figures' => null, 'area' => 'face', 'use' => 'wash', 'reason' => 'kept clean']), '2nd Lamplighters, face: "wash" left out, kept clean.'];
        yield 'added on some' => [static fn (self $test) => $unit($test, 'POST', '/additions', ['figures' => [$test->figure('2nd Lamplighters', 5)->id], 'area' => 'straps and pouches', 'tier' => 'watch', 'use' => 'edge-line', 'reason' => 'seen from near', 'price' => 90]), '2nd Lamplighters, figure 5, straps and pouches: "edge-line" of Watch added, seen from near.'];
        yield 'a part that is missing' => [static fn (self $test) => $unit($test, 'POST', '/lacking', ['figures' => [$test->figure('2nd Lamplighters', 6)->id], 'area' => 'lamp pole']), '2nd Lamplighters, figure 6, lamp pole: missing on the sculpt, the sculpt has none.'];
        yield 'method' => [static fn (self $test) => $test->answer($test->lead(), 'PUT', "/units/{$test->unit('Quay watch')->id}/choices", ['version' => 1, 'figures' => null, 'area' => 'hands', 'use' => 'first-light', 'technique' => 'drybrush']), 'Quay watch, hands: "first-light" by drybrush.'];
        yield 'another type' => [static fn (self $test) => $unit($test, 'PUT', '/type', ['figures' => [$test->figure('2nd Lamplighters', 5)->id], 'figure_type' => 'tide-diver']), '2nd Lamplighters, figure 5: figure type Tide diver in plate, was as the unit.'];
        $grouped = static fn (self $test, int ...$numbers): array => ['name' => 'Shelves', 'groups' => [['name' => 'Upper', 'figures' => array_map(static fn (int $number): int => $test->figure('2nd Lamplighters', $number)->id, array_values($numbers))]]];
        $make = static fn (self $test, int ...$numbers): array => $test->answer($test->lead(), 'POST', "/jobs/{$test->job()->id}/groupings", $grouped($test, ...$numbers));
        yield 'a grouping' => [static fn (self $test) => $make($test, 4, 5), 'Grouping Shelves: made, 2 figures otherwise.'];
        yield 'the job' => [static fn (self $test) => $test->answer($test->lead(), 'PUT', "/jobs/{$test->job()->id}", ['version' => $test->job()->version, 'name' => 'Guard of the harbour', 'client' => $test->job()->client, 'due' => $test->job()->due?->toDateString(), 'state' => 'open']), 'The job: name Guard of the harbour, was Harbour guard of Port Ember.'];
    }

    public function test_it_is_a_list_for_the_lead_with_what_was_taken_back(): void
    {
        $this->change('2nd Lamplighters', 'watch');
        $this->change('2nd Lamplighters', 'guard');
        $this->takeBack($this->last());
        $page = $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/changes");

        self::assertSame(
            [['2nd Lamplighters: tier Watch, was Guard.'], ['2nd Lamplighters: tier Guard, was Watch.'], ['2nd Lamplighters: tier Watch, was Muster.']],
            array_column((array) $page['changes'], 'words'),
        );
        self::assertSame([[true, false, false], [false, true, false]], [array_column((array) $page['changes'], 'takes_back'), array_column((array) $page['changes'], 'taken_back')]);
        self::assertSame([1, 1, 3], [$page['page'], $page['pages'], $page['all']]);
        $this->assertRefused($this->as($this->lead(), 'POST', '/job-changes/'.JobChange::query()->orderBy('id')->skip(1)->firstOrFail()->id.'/taking-back'), 403, 'taken-back');
    }

    public function test_what_changes_nothing_is_no_change_and_what_is_refused_leaves_none(): void
    {
        $this->change('2nd Lamplighters', 'muster');
        $this->as($this->lead(), 'PATCH', "/units/{$this->unit('2nd Lamplighters')->id}", ['version' => 99, 'tier' => 'watch']);

        self::assertSame(0, JobChange::query()->count());
    }

    public function test_what_was_changed_again_since_is_not_taken_back(): void
    {
        $this->change('2nd Lamplighters', 'watch');
        $first = $this->last();
        $this->change('2nd Lamplighters', 'guard');

        $refused = $this->as($this->lead(), 'POST', "/job-changes/{$first->id}/taking-back");
        $this->assertRefused($refused, 403, 'changed-since');
        $refused->assertJsonPath('error.message', '2nd Lamplighters was changed since. Take the later change back first.');
        $this->takeBack($this->last());
        $this->takeBack($first);
        self::assertSame('muster', $this->unit('2nd Lamplighters')->tier->key);
    }

    public function test_what_came_stays_where_it_was_worked_on_or_something_hangs_on_it(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $this->answer($this->lead(), 'POST', "/units/{$unit->id}/figures", ['version' => $unit->version, 'count' => 1]);
        $came = $this->last();
        $figure = $this->figure('2nd Lamplighters', 13);
        $this->answer($this->lead(), 'PUT', "/units/{$unit->id}/area-tiers", ['version' => $unit->refresh()->version, 'figures' => [$figure->id], 'area' => 'face', 'tier' => 'banner']);
        $this->assertRefused($this->as($this->lead(), 'POST', "/job-changes/{$came->id}/taking-back"), 403, 'changed-since');
        $this->takeBack($this->last());

        $this->answer($this->isla(), 'POST', '/bench-marks', ['figures' => [['id' => $figure->id, 'seen' => null]], 'area' => 'figure', 'use' => 'clean', 'state' => 'done', 'reason' => null]);
        $this->assertRefused($this->as($this->lead(), 'POST', "/job-changes/{$came->id}/taking-back"), 403, 'worked-on');
        self::assertTrue(Figure::query()->whereKey($figure->id)->exists());
    }

    public function test_a_figure_in_check_goes_back_to_painting_and_a_signed_one_holds_the_change(): void
    {
        $unit = $this->unit('1st Lamplighters');
        $place = ['unit_id' => $unit->id, 'figure_area_id' => FigureArea::query()->where(['figure_type_id' => $unit->figure_type_id, 'key' => 'face'])->firstOrFail()->id];
        JobHistory::recorded($unit->job_id, $this->lead(), static fn () => AreaTier::query()->create([...$place, 'tier_id' => $unit->tier_id + 1]));
        $change = $this->last();
        self::assertSame(FigureState::ToCheck, $this->figure('1st Lamplighters', 2)->state);
        $this->takeBack($change);
        self::assertSame(FigureState::Painting, $this->figure('1st Lamplighters', 2)->state);

        JobHistory::recorded($unit->job_id, $this->lead(), static fn () => Figure::query()->where('unit_id', $unit->id)->where('number', 3)->update(['painter_id' => null, 'tier_id' => $unit->tier_id + 1]));
        $change = $this->last();
        Figure::query()->where('unit_id', $unit->id)->where('number', 3)->update(['state' => FigureState::Signed]);
        $this->assertRefused($this->as($this->lead(), 'POST', "/job-changes/{$change->id}/taking-back"), 403, 'signed');
    }

    public function test_who_read_a_row_before_it_was_taken_back_reads_it_anew(): void
    {
        $this->change('2nd Lamplighters', 'watch');
        $read = $this->unit('2nd Lamplighters')->version;
        $this->takeBack($this->last());

        $this->assertRefused($this->as($this->lead(), 'PATCH', "/units/{$this->unit('2nd Lamplighters')->id}", ['version' => $read, 'tier' => 'guard']), 409, 'stale');
    }

    public function test_a_whole_roster_is_taken_back(): void
    {
        $before = JobRows::of($this->job()->id);
        $this->as($this->lead(), 'POST', "/jobs/{$this->job()->id}/roster", ['text' => "unit,figure_type,count,tier\nNight watch,\"Lamplighter, on foot\",40,Muster\n"])->assertCreated();
        self::assertSame(['Night watch: taken into the job at Muster.', 'Night watch, figures 1 to 40: taken in.'], $this->last()->words);

        $this->takeBack($this->last());
        self::assertEquals($before, JobRows::of($this->job()->id));
        self::assertFalse(Unit::query()->where('name', 'Night watch')->exists());
    }

    public function test_the_database_keeps_what_was_said(): void
    {
        $this->change('2nd Lamplighters', 'watch');
        $this->expectException(QueryException::class);
        DB::table('job_changes')->update(['words' => '["nothing"]']);
    }

    private function change(string $unit, string $tier): void
    {
        $this->answer($this->lead(), 'PATCH', "/units/{$this->unit($unit)->id}", ['version' => $this->unit($unit)->version, 'tier' => $tier]);
    }

    private function takeBack(JobChange $change): void
    {
        $this->answer($this->lead(), 'POST', "/job-changes/{$change->id}/taking-back");
    }

    private function last(): JobChange
    {
        return JobChange::query()->orderByDesc('id')->firstOrFail();
    }
}
