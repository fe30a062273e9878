<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Actions\Composing\JobFigures;
use App\Actions\SignOffs\VerifyChain;
use App\Models\Figure;
use App\Models\JobChange;
use App\Models\JobMix;
use App\Models\Quote;
use App\Models\SignOff;
use App\Models\User;
use Core\Composition\ComposedUse;
use Core\Composition\Origin;
use Core\Plan\FigureState;
use Core\School\SchoolQuestion;
use Core\School\Schools;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

/** A signed figure comes back: only what its new tier adds is painted, all of that tier is judged, and a second record names the first. */
final class RaiseTest extends CheckTestCase
{
    public function test_what_it_takes_is_told_before_it_is_booked(): void
    {
        $record = $this->signed();
        $offer = $this->answer($this->lead(), 'GET', "/sign-offs/{$record->id}/raise");

        self::assertSame(['1st Lamplighters', 2, 'Muster', 'watch'], [$offer['unit'], $offer['figure'], $offer['from'], $offer['to']]);
        self::assertSame(['Muster', 'Watch', 'Guard', 'Banner', 'Cabinet', 'Open brief'], array_column((array) $offer['tiers'], 'name'));
        // By list the difference of both tiers: 45.00 and 18.00 for a foot figure.
        self::assertSame(2700, $offer['price']);
        self::assertLessThan(Arr::float($offer, 'plan.whole_minutes'), Arr::float($offer, 'plan.minutes'));
        self::assertSame([[$record->id, null]], array_map(static fn (mixed $one): array => [Arr::get((array) $one, 'record'), Arr::get((array) $one, 'raised_in')], (array) $offer['figures']));

        // The standard's own page says the same of such a figure.
        $page = $this->answer($this->lead(), 'GET', '/standards/'.$this->job()->standard_version_id.'/raise?'.http_build_query(['figure_type' => $this->figure('1st Lamplighters', 2)->unit->figure_type_id, 'from' => 'muster', 'to' => 'watch']));
        self::assertSame(array_map(self::place(...), (array) Arr::get($page, 'uses')), array_map(self::place(...), (array) Arr::get($offer, 'plan.uses')));
        $this->assertRefused($this->as($this->lead(), 'GET', "/sign-offs/{$record->id}/raise?to=royal"), 422, 'unknown-tier', '/to');
    }

    public function test_only_what_is_added_is_painted_and_all_of_the_tier_is_judged(): void
    {
        $this->figure('1st Lamplighters', 2)->update(['name' => 'Serjeant Anka']);
        $record = $this->signed($this->figure('1st Lamplighters', 2));
        $figure = $this->raised($record);
        self::assertSame('Serjeant Anka', $figure->name, 'it is who it was');
        $composed = $this->app->make(JobFigures::class)->ofFigure($figure);
        $laid = array_map(static fn (ComposedUse $use): string => "{$use->area->id} {$use->use->id}", $composed->composition->uses);

        self::assertContains('boots wash', $laid);
        self::assertNotContains('figure prime', $laid, 'it lies under paint that is finished');
        $again = array_filter($composed->composition->uses, static fn (ComposedUse $use): bool => $use->origin === Origin::Again);
        self::assertContains('oilskin coat', array_map(static fn (ComposedUse $use): string => $use->area->id, $again));

        $sheet = $this->sheetOf($figure, $this->lead());
        self::assertSame(['Muster'], Arr::get($sheet, 'raises.from'));
        $coat = Arr::first($sheet['steps'], static fn (array $step): bool => $step['area'] === 'oilskin coat');
        self::assertSame(['Middle colour again on raised parts', 'base', 'Oilskin Ochre'], [Arr::get((array) $coat, 'title'), Arr::get((array) $coat, 'use'), Arr::get((array) $coat, 'mixes.0.text')], 'in the colour that it was laid in with');
        self::assertSame('figure', $sheet['steps'][count($sheet['steps']) - 1]['area'], 'new paint, new varnish, a last look');

        $this->answer($this->lead(), 'POST', "/units/{$figure->unit_id}/not-asked", ['version' => $figure->unit()->firstOrFail()->version, 'figures' => null, 'area' => 'guard badge', 'reason' => 'freehand comes later', 'agreed_with' => 'the client']);
        $second = $this->through($figure);
        $said = (array) json_decode($second->record, true);
        self::assertSame([$record->number, $record->hash, 'Muster'], [Arr::get($said, 'raises.number'), Arr::get($said, 'raises.hash'), Arr::get($said, 'raises.tier')]);
        self::assertSame('Watch', Arr::get($said, 'tier.name'));
        self::assertContains('Middle colour again on raised parts', array_column((array) $said['painted'], 'technique'));
        self::assertTrue($this->app->make(VerifyChain::class)->keep()->holds());

        $first = $this->answer($this->lead(), 'GET', "/sign-offs/{$record->id}");
        self::assertSame([$second->id, $second->number], [Arr::get($first, 'raised_by.record'), Arr::get($first, 'raised_by.number')]);
        self::assertSame($record->id, $this->answer($this->lead(), 'GET', "/sign-offs/{$second->id}")['first']);
    }

    public function test_who_painted_it_before_does_not_check_it_now(): void
    {
        $figure = $this->raised($this->signed());
        Figure::query()->whereKey($figure->id)->update(['painter_id' => $this->jory()->id]);
        DB::table('bench_marks')->insert([
            ...(array) DB::table('bench_marks')->where('figure_id', $this->figure('1st Lamplighters', 5)->id)->first(['studio_id', 'area', 'use', 'technique', 'coats', 'steps', 'extent', 'state', 'reason', 'agreed_with', 'is_look']),
            'figure_id' => $figure->id, 'user_id' => $this->lead()->id, 'created_at' => now(), 'updated_at' => now(),
        ]);
        Figure::query()->whereKey($figure->id)->update(['state' => FigureState::ToCheck]);
        self::assertSame('own-work', $this->as($this->lead(), 'POST', "/figures/{$figure->id}/checks")->json('error.code'));
        // Isla painted it the first time; made a deputy, she is still its painter.
        User::query()->whereKey($this->isla()->id)->update(['role' => 'deputy', 'signing_rank' => 6]);
        self::assertSame('own-work', $this->as($this->isla(), 'POST', "/figures/{$figure->id}/checks")->json('error.code'));
        $this->open($figure);
    }

    public function test_a_record_is_raised_once_where_its_scheme_is(): void
    {
        $record = $this->signed();
        $elsewhere = $this->answer($this->lead(), 'POST', '/jobs', ['name' => 'Of others', 'client' => 'Nobody', 'force' => 'Fog wardens']);
        $into = static fn (array $job): array => ['records' => [$record->id], 'to' => 'watch', 'job_id' => $job['id'], 'version' => $job['version']];
        $this->assertRefused($this->as($this->lead(), 'POST', '/raises', $into($elsewhere)), 422, 'another-force', '/job_id');

        $job = $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}");
        $this->assertRefused($this->as($this->lead(), 'POST', '/raises', ['to' => 'royal'] + $into($job)), 422, 'unknown-tier', '/to');
        $this->assertRefused($this->as($this->lead(), 'POST', '/raises', ['to' => 'muster'] + $into($job)), 422, 'nothing-to-add', '/to');
        $this->assertRefused($this->as($this->lead(), 'POST', '/raises', ['version' => 99] + $into($job)), 409, 'stale');
        $this->answer($this->lead(), 'POST', '/raises', $into($job));
        self::assertSame('1st Lamplighters, raised', Figure::query()->where('raises_id', $record->id)->firstOrFail()->unit->name, 'the same job has a unit of that name');
        $this->assertRefused($this->as($this->lead(), 'POST', '/raises', $into($this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}"))), 403, 'already-raised');

        // Taken back while nothing is painted, it can be booked anew.
        $this->answer($this->lead(), 'POST', '/job-changes/'.JobChange::query()->where('job_id', $this->job()->id)->orderByDesc('id')->firstOrFail()->id.'/taking-back');
        self::assertFalse(Figure::query()->where('raises_id', $record->id)->exists());
        $this->raised($record);
        self::assertSame(404, $this->as($this->stranger(), 'POST', '/raises', ['records' => [$record->id], 'to' => 'watch', 'name' => 'Not ours', 'client' => 'Nobody'])->getStatusCode());
    }

    public function test_what_was_agreed_goes_on_and_what_was_left_for_later_is_asked(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $unit = $figure->unit;
        $this->answer($this->lead(), 'POST', "/units/{$unit->id}/waivers", ['version' => $unit->refresh()->version, 'figures' => [$figure->id], 'area' => 'boots', 'use' => 'base', 'reason' => 'stay as they are', 'agreed_with' => 'the client']);
        $this->answer($this->lead(), 'POST', "/units/{$unit->id}/additions", ['version' => $unit->refresh()->version, 'figures' => [$figure->id], 'area' => 'straps and pouches', 'tier' => 'watch', 'use' => 'wash', 'reason' => 'seen from near', 'agreed_with' => 'the client', 'price' => 90]);
        $excused = ['hands wash' => 'later', 'trousers base' => 'not-on-figure'];
        foreach ($this->app->make(BenchSheets::class)->ofFigure($figure)->steps as $step) {
            $state = $excused["{$step->area} {$step->use}"] ?? 'done';
            $this->as($this->isla(), 'POST', '/bench-marks', ['figures' => $this->seen([$figure->id], $step->area, $step->use), 'area' => $step->area, 'use' => $step->use, 'state' => $state, 'reason' => $state === 'done' ? null : 'sculpted so']);
        }
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]);
        $check = $this->open($figure);
        foreach ($check['items'] as $item) {
            if ($item['alone'] !== null && $item['answer'] === null) {
                $check = $this->act($check, 'answers', ['item' => $item['item'], 'area' => $item['area'], 'criterion' => $item['criterion'], 'answer' => $item['answers'][0], 'side' => $item['sides'][0], 'reason' => in_array($item['answers'][0], ['not-on-figure', 'unreachable'], true) ? 'sculpted so' : '']);
            }
        }
        foreach ($check['faults'] as $fault) {
            $check = (array) $this->answer($this->lead(), 'POST', "/faults/{$fault['id']}/waiver", ['version' => $fault['version'], 'agreed_with' => 'the client', 'reason' => 'comes back for it']) + $check;
        }
        $record = $this->signed($figure);
        $raised = $this->raised($record);
        $composed = $this->app->make(JobFigures::class)->ofFigure($raised);
        $laid = array_map(static fn (ComposedUse $use): string => "{$use->area->id} {$use->use->id}", $composed->composition->uses);

        self::assertContains('hands wash', $laid, 'it was left for later');
        self::assertNotContains('boots base', $laid, 'it was agreed to be left out');
        self::assertNotContains('trousers base', $laid, 'there are none');
        self::assertNotContains('straps and pouches wash', $laid, 'it was added the first time and is there');
        self::assertEqualsCanonicalizing([['boots', 'base', 'stay as they are'], ['trousers', 'base', 'not on this figure: sculpted so']], array_map(static fn ($waiver): array => [$waiver->area, $waiver->use, $waiver->reason], $composed->figure->waivers));
        self::assertSame([], $composed->figure->additions);
    }

    public function test_a_quote_says_what_it_is_raised_from_what_that_costs_and_what_cannot_be_added(): void
    {
        $record = $this->signed();
        $this->answer($this->lead(), 'POST', '/raises', ['records' => [$record->id], 'to' => 'guard', 'name' => 'Comes back', 'client' => 'Nobody', 'due' => null]);
        $job = Figure::query()->where('raises_id', $record->id)->firstOrFail()->unit->job_id;
        $terms = ['valid_until' => now()->addMonth()->format('Y-m-d'), 'discount' => 0, 'tax' => 0, 'tax_name' => '', 'materials' => [], 'by_hand' => [], 'text' => '', 'round_to' => 1];
        $preview = $this->answer($this->lead(), 'POST', "/jobs/{$job}/quote-previews", $terms);
        $this->answer($this->lead(), 'POST', "/jobs/{$job}/quotes", ['digest' => $preview['digest']] + $terms);
        $content = Quote::query()->where('job_id', $job)->firstOrFail()->content;

        self::assertSame('Guard, raised from Muster', Arr::get($preview, 'lines.0.tier'));
        self::assertSame([['Guard, raised from Muster', 7100]], array_map(static fn (array $line): array => [$line['tier'], $line['each']], $content['lines']));
        self::assertContains('Light from above over the primer', array_column($content['lines'][0]['left_out'], 'work'));
    }

    public function test_the_mixes_of_its_job_go_with_it(): void
    {
        $figure = $this->figure('1st Lamplighters', 2);
        $this->answer($this->isla(), 'PUT', "/jobs/{$this->job()->id}/mixes", ['figure_type_id' => $figure->unit->figure_type_id, 'scheme_id' => null, 'area' => 'oilskin coat', 'use' => 'base', 'step' => 1, 'mix' => 'Kelp Bed', 'version' => null]);
        $raised = $this->raised($this->signed());

        self::assertSame(1, JobMix::query()->where('job_id', $raised->unit->job_id)->count());
        self::assertSame('Kelp Bed', Arr::get((array) $this->firstOn($raised, 'oilskin coat'), 'mixes.0.text'));
    }

    public function test_so_do_its_schools(): void
    {
        $this->job()->fill(['schools' => (new Schools)->with(SchoolQuestion::AfterShade, 'straight-light')])->save();
        $raised = $this->raised($this->signed());

        self::assertSame('straight-light', $raised->unit->job->schools->choice(SchoolQuestion::AfterShade));
        self::assertSame('Layer', Arr::get((array) $this->firstOn($raised, 'oilskin coat'), 'title'), 'straight onto what is there: no middle colour in this school');
    }

    public function test_it_is_done_as_it_was_when_it_was_signed_though_its_job_was_moved_since(): void
    {
        $record = $this->signed();
        $this->travel(1)->minutes();
        $before = $this->app->make(JobFigures::class)->signed([$record->id])[$record->id]->done->signature();
        DB::table('job_moves')->insert(['studio_id' => $record->studio_id, 'job_id' => $this->job()->id, 'from_version_id' => $this->job()->standard_version_id, 'to_version_id' => $this->job()->standard_version_id, 'user_id' => $this->lead()->id, 'created_at' => now(), 'updated_at' => now()]);

        self::assertSame($before, $this->app->make(JobFigures::class)->signed([$record->id])[$record->id]->done->signature());
    }

    public function test_three_cost_no_more_queries_than_one(): void
    {
        $records = array_map(fn (int $number): SignOff => $this->signed($this->figure('1st Lamplighters', $number)), [2, 3]);
        $one = $this->raised($records[0]);
        $queries = fn (Figure $figure): int => count($this->queries(fn () => $this->sheetOf($figure, $this->lead())));
        $few = $queries($one);
        $job = $this->answer($this->lead(), 'GET', "/jobs/{$one->unit->job_id}");
        $this->answer($this->lead(), 'POST', '/raises', ['records' => [$records[1]->id], 'to' => 'watch', 'job_id' => $job['id'], 'version' => $job['version']]);

        self::assertLessThanOrEqual($few, $queries(Figure::query()->where('raises_id', $records[1]->id)->firstOrFail()));
    }

    public function test_a_figure_from_elsewhere_is_judged_first_and_raised_then(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $figure = $this->figure('2nd Lamplighters', 6);
        $say = fn (bool $finished, Figure ...$figures) => $this->as($this->lead(), 'PUT', "/units/{$unit->id}/finished", ['version' => $unit->refresh()->version, 'figures' => array_map(static fn (Figure $one): int => $one->id, $figures), 'finished' => $finished]);
        $this->assertRefused($say(true, $this->figure('1st Lamplighters', 2)), 404, 'not-found');
        $say(true, $figure)->assertOk();

        self::assertSame(FigureState::ToCheck, $figure->refresh()->state);
        self::assertSame(0.0, $this->app->make(JobFigures::class)->ofFigure($figure)->composition->minutes, 'nothing is painted on it');
        self::assertSame([], $this->sheetOf($figure, $this->lead())['steps']);
        $say(false, $figure)->assertOk();
        self::assertSame(FigureState::ToPaint, $figure->refresh()->state);
        $say(true, $figure)->assertOk();

        $record = $this->signed($figure);
        $said = (array) json_decode($record->record, true);
        self::assertSame([true, [], []], [$said['elsewhere'], $said['painted'], $said['painters']]);
        $this->assertRefused($say(false, $figure), 403, 'signed');
        $raised = $this->raised($record);
        $laid = array_map(static fn (ComposedUse $use): string => "{$use->area->id} {$use->use->id}", $this->app->make(JobFigures::class)->ofFigure($raised)->composition->uses);
        self::assertContains('boots wash', $laid);
        self::assertNotContains('figure prime', $laid);
    }

    public function test_what_was_painted_here_or_comes_back_did_not_come_finished(): void
    {
        $record = $this->signed();
        $raised = $this->raised($record);
        $body = static fn (Figure $figure): array => ['version' => $figure->unit()->firstOrFail()->version, 'figures' => [$figure->id], 'finished' => true];
        $this->assertRefused($this->as($this->lead(), 'PUT', "/units/{$raised->unit_id}/finished", $body($raised)), 403, 'comes-back');
        $painted = $this->figure('1st Lamplighters', 3);
        $this->assertRefused($this->as($this->lead(), 'PUT', "/units/{$painted->unit_id}/finished", $body($painted)), 403, 'worked-on');
    }

    /** The first step of its sheet on an area. */
    private function firstOn(Figure $figure, string $area): mixed
    {
        return Arr::first($this->sheetOf($figure, $this->lead())['steps'], static fn (array $step): bool => $step['area'] === $area);
    }

    private function raised(SignOff $record): Figure
    {
        $this->answer($this->lead(), 'POST', '/raises', ['records' => [$record->id], 'to' => 'watch', 'name' => 'Comes back', 'client' => 'Nobody', 'due' => null]);
        $figure = Figure::query()->where('raises_id', $record->id)->firstOrFail();
        $this->answer($this->lead(), 'PATCH', "/units/{$figure->unit_id}", ['version' => $figure->unit->version, 'painter_id' => $this->isla()->id]);

        return $figure->refresh();
    }

    /** Painted, handed over, checked and signed. */
    private function through(Figure $figure): SignOff
    {
        foreach ($this->app->make(BenchSheets::class)->ofFigure($figure)->steps as $step) {
            $this->answer($this->isla(), 'POST', '/bench-marks', ['figures' => $this->seen([$figure->id], $step->area, $step->use), 'area' => $step->area, 'use' => $step->use, 'state' => 'done', 'reason' => null]);
        }
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]);

        return $this->signed($figure->refresh());
    }

    /** @return list<mixed> */
    private static function place(mixed $use): array
    {
        return [Arr::get((array) $use, 'area'), Arr::get((array) $use, 'use'), Arr::get((array) $use, 'minutes')];
    }

    /** @return list<mixed> */
    private function queries(callable $ask): array
    {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $ask();
        $log = DB::getQueryLog();
        DB::disableQueryLog();

        return $log;
    }
}
