<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Actions\Composing\ComposedFigure;
use App\Http\Bench\BenchSheetResource;
use App\Http\Jobs\SchoolEffectsResource;
use App\Http\Jobs\SchoolsResource;
use App\Models\Figure;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/**
 * Schools of a job: what decides the order of its steps, and what each choice would change.
 *
 * @phpstan-import-type JobSchools from SchoolsResource
 * @phpstan-import-type SchoolEffects_ from SchoolEffectsResource
 * @phpstan-import-type EffectOnSheet from SchoolEffectsResource
 * @phpstan-import-type BenchSheet_ from BenchSheetResource
 * @phpstan-import-type BenchStep from BenchSheetResource
 */
final class SchoolsTest extends TestCase
{
    public function test_a_job_is_painted_by_the_schools_of_its_standard(): void
    {
        $schools = $this->schools();

        self::assertSame(['metals', 'ground-cover', 'path'], array_column($schools['questions'], 'id'));
        self::assertSame([null, null, null], array_column($schools['questions'], 'own'));
        self::assertSame(['first', 'early', 'step-by-step'], array_column($schools['questions'], 'standard'));
    }

    public function test_each_choice_says_what_it_would_do_to_the_sheets(): void
    {
        [$first, $last] = $this->effects('metals')['effects'];

        self::assertSame(['first', 'last'], [$first['choice'], $last['choice']]);
        self::assertSame([true, false], [$first['governs'], $last['governs']]);
        self::assertSame('a slip on a finished neighbour is mended layer by layer', $last['risk']);
        self::assertEqualsWithDelta($last['minutes'] - $last['tidy_minutes'], $first['minutes'] - $first['tidy_minutes'], 1e-6, 'the same is painted');
        self::assertSame(array_sum(array_column($first['sheets'], 'minutes')), $first['minutes']);
        self::assertSame(['lamp cage', 'lamp glass'], array_slice(self::sheet($last['sheets'])['areas'], -2), 'what sits in the metal comes after it');
        self::assertSame('lamp cage', self::sheet($first['sheets'])['areas'][0]);
        self::assertSame([], self::sheet($first['sheets'])['not_held']);
    }

    public function test_a_job_holds_to_its_own_school_and_its_sheets_say_so(): void
    {
        $changed = $this->choose('metals', 'last');
        $steps = $this->steps();
        $place = static fn (string $area, string $use): int => (int) array_search([$area, $use], array_map(static fn (array $step): array => [$step['area'], $step['use']], $steps), true);

        self::assertSame('last', $changed['questions'][0]['own']);
        self::assertGreaterThan($place('figure', 'matt'), $place('lamp cage', 'metal-base'));
        $varnish = $steps[$place('figure', 'matt')];
        self::assertSame('not over lamp cage, not over lamp glass', $varnish['degree']);
        self::assertContains('In this school metals come last: it is kept off lamp cage; lamp glass.', array_column($varnish['why'], 'sentence'));
        self::assertSame([false, true], array_column($this->effects('metals')['effects'], 'governs'));

        $back = $this->choose('metals', null);
        self::assertNull($back['questions'][0]['own']);
        self::assertLessThan(6, (int) array_search('lamp cage', array_column($this->steps(), 'area'), true), 'as the standard has it');
    }

    public function test_one_area_holds_to_a_school_of_its_own_and_its_figures_have_a_sheet_of_theirs(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $before = $this->steps();
        $this->chooseOn($figure, 'lamp cage', 'metals', 'last')->assertOk();
        $steps = $this->steps();
        $areas = array_column($steps, 'area');

        self::assertSame([9], $this->numbersOfSheet($figure));
        self::assertGreaterThan((int) array_search('matt', array_column($steps, 'use'), true), (int) array_search('lamp cage', $areas, true), 'after the varnish');
        self::assertEqualsCanonicalizing(self::painted($before), self::painted($steps), 'the same is painted');
        $school = $this->layersOf($figure->id, 'lamp cage')['schools'][0];
        self::assertSame(['metals', 'Metals', 'last', 'first'], [$school['question'], $school['name'], $school['own'], $school['wider']]);

        $this->chooseOn($figure, 'lamp cage', 'metals', null)->assertOk();
        self::assertSame(array_column($before, 'area'), array_column($this->steps(), 'area'));
        self::assertGreaterThan(1, count($this->numbersOfSheet($figure)));
    }

    public function test_a_school_of_an_area_is_one_that_is_asked_of_it(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);

        $this->assertRefused($this->chooseOn($figure, 'oilskin coat', 'metals', 'last'), 422, 'not-of-this-area', '/question');
        $this->assertRefused($this->chooseOn($figure, 'lamp cage', 'metals', 'apart'), 422, 'unknown-value', '/choice');
        $this->assertRefused($this->chooseOn($figure, 'lamp cage', 'path', 'step-by-step'), 422, 'not-of-this-area', '/question');
        $this->assertRefused($this->chooseOn($figure, 'tail', 'metals', 'last'), 422, 'unknown-area', '/area');
    }

    public function test_what_is_marked_stands_when_the_order_changes(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->answer($this->isla(), 'POST', '/bench-marks', ['area' => 'face', 'use' => 'base', 'reason' => null, 'state' => 'done', 'figures' => $this->seen([$figure->id], 'face', 'base')]);
        $this->choose('metals', 'last');

        self::assertNotNull($this->seen([$figure->id], 'face', 'base')[0]['seen']);
    }

    public function test_a_stale_or_senseless_choice_is_refused_at_its_place(): void
    {
        $job = $this->job();
        $this->choose('ground-cover', 'apart');

        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job->id}/schools", ['version' => $job->version, 'question' => 'metals', 'choice' => 'last']), 409, 'stale');
        $version = $job->refresh()->version;
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job->id}/schools", ['version' => $version, 'question' => 'metals', 'choice' => 'apart']), 422, 'unknown-value', '/choice');
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job->id}/schools", ['version' => $version, 'question' => 'brush', 'choice' => 'finest']), 422, 'unknown-value', '/question');
        $this->assertRefused($this->as($this->isla(), 'PUT', "/jobs/{$job->id}/schools", ['version' => $version, 'question' => 'metals', 'choice' => 'last']), 403, 'not-allowed');
        $this->assertRefused($this->as($this->lead(), 'GET', "/jobs/{$job->id}/schools/brush"), 404, 'not-found');
        self::assertSame(['ground-cover' => 'apart'], $job->refresh()->schools->choices);
    }

    public function test_three_choices_take_as_many_queries_as_two(): void
    {
        $count = function (string $question): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->effects($question);

            return count(DB::getQueryLog());
        };
        // Who asks first reads more.
        $count('metals');

        self::assertSame($count('metals'), $count('ground-cover'));
    }

    /** @return JobSchools */
    private function schools(): array
    {
        /** @var JobSchools */
        return $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/schools");
    }

    /** @return SchoolEffects_ */
    private function effects(string $question): array
    {
        /** @var SchoolEffects_ */
        return $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/schools/{$question}");
    }

    /** @return JobSchools */
    private function choose(string $question, ?string $choice): array
    {
        $job = $this->job();

        /** @var JobSchools */
        return $this->answer($this->lead(), 'PUT', "/jobs/{$job->id}/schools", ['version' => $job->version, 'question' => $question, 'choice' => $choice]);
    }

    /**
     * @param  list<BenchStep>  $steps
     * @return list<string> uses, what is tidied left out
     */
    private static function painted(array $steps): array
    {
        return array_column(array_filter($steps, static fn (array $step): bool => ! $step['tidy']), 'use');
    }

    /** @return TestResponse<Response> */
    private function chooseOn(Figure $figure, string $area, string $question, ?string $choice): TestResponse
    {
        return $this->as($this->lead(), 'PUT', "/units/{$figure->unit_id}/area-schools", [
            'version' => $figure->unit->refresh()->version, 'figures' => [$figure->id], 'area' => $area, 'question' => $question, 'choice' => $choice,
        ]);
    }

    /** @return list<int> */
    private function numbersOfSheet(Figure $figure): array
    {
        return array_map(static fn (ComposedFigure $one): int => $one->row->number, $this->app->make(BenchSheets::class)->ofFigure($figure)->figures);
    }

    /** @return list<BenchStep> of the plain lamplighters */
    private function steps(): array
    {
        $key = $this->app->make(BenchSheets::class)->ofFigure($this->figure('1st Lamplighters', 9))->key;
        /** @var BenchSheet_ $sheet */
        $sheet = $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/bench-sheets/{$key}");

        return $sheet['steps'];
    }

    /**
     * @param  list<EffectOnSheet>  $sheets
     * @return EffectOnSheet of the plain lamplighters
     */
    private static function sheet(array $sheets): array
    {
        foreach ($sheets as $sheet) {
            if ([$sheet['unit'], $sheet['tier']] === ['1st Lamplighters', 'Muster']) {
                return $sheet;
            }
        }
        self::fail('The plain lamplighters have no sheet.');
    }
}
