<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BenchMark;
use App\Models\CurrentStudio;
use App\Models\Fault;
use App\Models\Figure;
use App\Models\FigureType;
use App\Models\FurtherCoat;
use App\Models\Grouping;
use App\Models\Invitation;
use App\Models\Job;
use App\Models\JobChange;
use App\Models\Mishap;
use App\Models\Paint;
use App\Models\Paper;
use App\Models\PaperKind;
use App\Models\PaperState;
use App\Models\Proposal;
use App\Models\Quote;
use App\Models\Scheme;
use App\Models\SchemeArea;
use App\Models\SignOff;
use App\Models\StandardVersion;
use App\Models\Unit;
use App\Models\Variation;
use App\Models\WorkedTime;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Facades\Schema;

/** A studio sees nothing of another studio. */
final class IsolationTest extends TestCase
{
    public function test_every_address_with_a_row_of_another_studio_is_404(): void
    {
        $figure = $this->figure('1st Lamplighters', 2);
        $check = $this->answer($this->deputy(), 'POST', "/figures/{$figure->id}/checks");
        self::assertIsInt($check['version']);
        $this->answer($this->deputy(), 'POST', '/checks/'.$this->number($check['id']).'/flaws', ['version' => $check['version'], 'flaw' => 'broken', 'area' => 'face', 'side' => 'front']);
        DB::table('sign_offs')->insert(['studio_id' => $this->lead()->studio_id, 'figure_id' => $figure->id, 'check_id' => $check['id'], 'signed_by' => $this->lead()->id, 'number' => 1, 'previous' => '', 'hash' => '', 'record' => '{}', 'signed_at' => now()]);
        $proposal = Proposal::query()->create(['standard_version_id' => StandardVersion::query()->firstOrFail()->id, 'user_id' => $this->lead()->id, 'tier' => 'guard', 'surface' => 'cloth', 'text' => 'More light.']);
        $invitation = Invitation::query()->create(['token_hash' => str_repeat('0', 64), 'name' => 'N', 'email' => 'n@kittiwake.example', 'role' => 'painter', 'invited_by' => $this->lead()->id, 'expires_at' => now()->addDay()]);
        $mishap = Mishap::query()->create(['figure_id' => $figure->id, 'area' => 'face', 'kind' => 'pool', 'layer' => 'wash', 'share' => 0.1, 'user_id' => $this->isla()->id]);
        $worked = WorkedTime::query()->create(['user_id' => $this->isla()->id, 'unit_id' => $figure->unit_id, 'area' => 'face', 'use' => 'base', 'technique' => 'base', 'figures' => [$figure->id], 'minutes' => 4, 'allowed' => 5]);
        $quote = Quote::query()->create(['job_id' => Job::query()->firstOrFail()->id, 'number' => 1, 'content' => [], 'total' => 0, 'valid_until' => now(), 'token_hash' => str_repeat('1', 64), 'made_by' => $this->lead()->id, 'made_at' => now()]);
        $change = JobChange::query()->create(['job_id' => $quote->job_id, 'user_id' => $this->lead()->id, 'words' => ['x'], 'rows' => [['table' => 'jobs', 'id' => $quote->job_id, 'before' => ['name' => 'x'], 'after' => ['name' => 'y']]], 'at' => now()]);
        $rows = [
            'quote' => $quote->id, 'change' => $change->id, 'grouping' => Grouping::query()->create(['job_id' => $quote->job_id, 'name' => 'Shelves'])->id,
            'figureType' => FigureType::query()->whereNull('job_id')->firstOrFail()->id, 'workedTime' => $worked->id, 'mishap' => $mishap->id, 'question' => 'metals', 'side' => 'front', 'picture' => 'x',
            'proposal' => $proposal->id, 'paint' => Paint::query()->firstOrFail()->id, 'scheme' => Scheme::query()->firstOrFail()->id, 'schemeArea' => SchemeArea::query()->firstOrFail()->id,
            'standardVersion' => StandardVersion::query()->firstOrFail()->id, 'job' => Job::query()->firstOrFail()->id, 'unit' => Unit::query()->firstOrFail()->id,
            'figure' => $figure->id, 'variation' => Variation::query()->firstOrFail()->id, 'check' => $this->number($check['id']),
            'paper' => Paper::query()->create(['user_id' => $this->lead()->id, 'kind' => PaperKind::Proof, 'subject' => [], 'same' => 'x', 'state' => PaperState::Waiting, 'asked_at' => now()])->id,
            'fault' => Fault::query()->firstOrFail()->id, 'signOff' => SignOff::query()->firstOrFail()->id, 'key' => 'x', 'tier' => 'guard', 'user' => $this->isla()->id, 'session' => 'x', 'invitation' => $invitation->id,
        ];
        $tried = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            /** @var Route $route */
            // A link of an invitation is for who has no account yet.
            if (str_starts_with($route->uri(), 'api/') && ! in_array($route->parameterNames(), [[], ['token']], true)) {
                $path = preg_replace_callback('/\{(\w+)\}/', static fn (array $match): string => (string) $rows[$match[1]], substr($route->uri(), 3));
                $response = $this->as($this->stranger(), $route->methods()[0], (string) $path, ['version' => 1]);
                self::assertSame(404, $response->getStatusCode(), $route->methods()[0]." {$path}: ".$response->getContent());
                $tried++;
            }
        }
        self::assertGreaterThan(25, $tried);
    }

    public function test_lists_hold_nothing_of_another_studio(): void
    {
        foreach (['/checks', '/sign-offs', '/bench-sheets'] as $path) {
            self::assertSame([[], 0], [($page = $this->answer($this->stranger(), 'GET', $path))['rows'], $page['all']], $path);
        }
        foreach (['/jobs', '/bench-runs', '/figure-types', '/paints', '/schemes', '/proposals'] as $path) {
            self::assertSame([], $this->answer($this->stranger(), 'GET', $path), $path);
        }
        self::assertSame(['Brenna Holm'], array_column($this->answer($this->stranger(), 'GET', '/people'), 'name'));
        self::assertSame(['Brenna Holm'], array_column($this->answer($this->stranger(), 'GET', '/hours'), 'name'));
        self::assertSame(['painters' => [], 'jobs' => [], 'nobody' => 0, 'looks' => []], $this->answer($this->stranger(), 'GET', '/plan'));
        self::assertSame([], $this->answer($this->stranger(), 'GET', '/today')['jobs']);
        self::assertSame(0, $this->answer($this->stranger(), 'GET', '/chain')['records']);
    }

    public function test_a_figure_of_another_studio_cannot_be_named_in_a_body(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);

        $this->assertRefused($this->as($this->stranger(), 'POST', '/bench-marks', ['figures' => [['id' => $figure->id, 'seen' => null]], 'area' => 'figure', 'use' => 'clean', 'state' => 'done']), 404, 'not-found');
        $this->assertRefused($this->as($this->stranger(), 'POST', '/further-coats', ['figures' => [$figure->id], 'area' => 'oilskin coat', 'use' => 'base', 'coats' => 1, 'seen' => 0]), 404, 'not-found');
        self::assertSame([0, 0], [BenchMark::query()->where('figure_id', $figure->id)->count(), FurtherCoat::query()->count()]);
    }

    public function test_every_table_with_rows_of_a_studio_names_it(): void
    {
        $apart = ['studios', 'sessions', 'migrations', 'queued_work'];
        foreach (Schema::getTables() as $table) {
            if ($table['schema'] === DB::getDatabaseName() && ! in_array($table['name'], $apart, true)) {
                self::assertTrue(Schema::hasColumn($table['name'], 'studio_id'), $table['name']);
            }
        }
    }

    public function test_without_a_studio_no_row_is_read(): void
    {
        $this->app->make(CurrentStudio::class)->leave();

        $this->expectExceptionMessage('No studio was entered');
        Figure::query()->count();
    }

    private function number(mixed $id): int
    {
        self::assertIsInt($id);

        return $id;
    }
}
