<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Actions\Standards\StandardLibrary;
use App\Cluster\TurnQuery;
use App\Export\DrawPlates;
use App\Http\Bench\BenchSheetResource;
use App\Http\Jobs\AreaLayersResource;
use App\Models\CurrentStudio;
use App\Models\Figure;
use App\Models\Job;
use App\Models\Paper;
use App\Models\PaperState;
use App\Models\StandardPiece;
use App\Models\Unit;
use App\Models\User;
use Document\Standard\PieceKind;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;

/**
 * HTTP in, JSON and database out, on the demo, which each test finds as it was loaded.
 *
 * @phpstan-import-type AreaLayers from AreaLayersResource
 * @phpstan-import-type BenchSheet_ from BenchSheetResource
 */
abstract class TestCase extends LaravelTestCase
{
    use RefreshDatabase;

    protected bool $seed = true;

    /** Keys and heads of this test only. */
    private ?RecordsFolder $records = null;

    protected string $recordsFolder;

    /** @var list<string> tables */
    private array $lockedWithoutTurn = [];

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->records = RecordsFolder::make();
        $this->recordsFolder = $this->records->path;
        config(['records.folder' => $this->recordsFolder]);
        // What is made in tests lies with what else they make, and is found again: it is called by what it shows.
        config(['filesystems.disks.made.root' => base_path((getenv('ORDOTYPE_PLACE') ?: 'var/test').'/made')]);
        // Where the database is several nodes, a row is locked only if it has turns to take.
        DB::listen(function (QueryExecuted $query): void {
            if (str_ends_with($query->sql, 'for update') && preg_match('/ from `(\w+)`/', $query->sql, $table) === 1 && ! TurnQuery::knows($table[1])) {
                $this->lockedWithoutTurn[] = $table[1];
            }
        });
        // Pictures of every plate that a test is answered with would be drawn at once, for nobody.
        Bus::fake([DrawPlates::class]);
        $this->app->make(CurrentStudio::class)->enter($this->lead()->studio_id);
    }

    protected function tearDown(): void
    {
        $this->records?->remove();
        parent::tearDown();
        self::assertSame([], array_unique($this->lockedWithoutTurn), 'tables whose rows are locked and that TurnQuery does not know');
    }

    /**
     * Changes stored pieces of standards past the application, as whoever holds the database could.
     *
     * @param  callable(array<array-key, mixed>): array<array-key, mixed>  $change
     */
    protected function rewrite(PieceKind $kind, callable $change): void
    {
        foreach (StandardPiece::query()->where('kind', $kind)->orderBy('id')->get() as $piece) {
            $piece->update(['value' => $change($piece->value)]);
            $this->app->make(StandardLibrary::class)->forgetVersion($piece->standard_version_id);
        }
        // The first test of a run loads the demo, which keeps what it read.
        Cache::flush();
    }

    /**
     * Changes each criterion of the stored cells.
     *
     * @param  callable(array<array-key, mixed>): array<array-key, mixed>  $change
     */
    protected function rewriteCriteria(callable $change): void
    {
        $this->rewrite(PieceKind::Cell, static function (array $cell) use ($change): array {
            $criteria = array_filter((array) ($cell['criteria'] ?? []), is_array(...));

            return $criteria === [] ? $cell : ['criteria' => array_map($change, $criteria)] + $cell;
        });
    }

    protected function lead(): User
    {
        return $this->person('lead@kittiwake.example');
    }

    protected function deputy(): User
    {
        return $this->person('deputy@kittiwake.example');
    }

    protected function isla(): User
    {
        return $this->person('isla@kittiwake.example');
    }

    protected function jory(): User
    {
        return $this->person('jory@kittiwake.example');
    }

    protected function stranger(): User
    {
        return $this->person('lead@skerry.example');
    }

    private function person(string $email): User
    {
        return User::query()->where('email', $email)->firstOrFail();
    }

    protected function job(): Job
    {
        return Job::query()->firstOrFail();
    }

    protected function newJob(string $name): Job
    {
        $this->answer($this->lead(), 'POST', '/jobs', ['name' => $name, 'client' => 'Nobody', 'force' => 'Harbour guard']);

        return Job::query()->where('name', $name)->firstOrFail();
    }

    protected function unit(string $name): Unit
    {
        return Unit::query()->where('name', $name)->firstOrFail();
    }

    protected function figure(string $unit, int $number): Figure
    {
        return Figure::query()->where('unit_id', $this->unit($unit)->id)->where('number', $number)->firstOrFail();
    }

    /**
     * @param  array<array-key, mixed>  $body
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function as(User $user, string $method, string $path, array $body = []): TestResponse
    {
        // A guard remembers whom it has seen; the next request may be somebody else's.
        Auth::forgetGuards();

        return $this->actingAs($user, 'web')->json($method, "/api{$path}", $body);
    }

    /** @return BenchSheet_ the sheet that a figure is on */
    protected function sheetOf(Figure $figure, User $user): array
    {
        $key = $this->app->make(BenchSheets::class)->ofFigure($figure)->key;

        /** @var BenchSheet_ */
        return $this->answer($user, 'GET', "/jobs/{$figure->unit->job_id}/bench-sheets/{$key}");
    }

    /**
     * Figures with the mark that stands on each for a step, as a page that was just read names them.
     *
     * @param  list<int>  $ids
     * @return list<array{id: int, seen: int|null}>
     */
    protected function seen(array $ids, string $area, string $use): array
    {
        return array_map(function (int $id) use ($area, $use): array {
            $figure = Figure::query()->find($id);
            $sheet = $figure === null ? null : $this->app->make(BenchSheets::class)->ofFigure($figure);
            $step = $sheet?->step($id, $area, $use);

            return ['id' => $id, 'seen' => $sheet === null || $step === null ? null : $sheet->mark($step, $id)?->id];
        }, $ids);
    }

    /**
     * The answer as arrays, of a request that was not refused.
     *
     * @param  array<array-key, mixed>  $body
     * @return array<array-key, mixed>
     */
    protected function answer(User $user, string $method, string $path, array $body = []): array
    {
        $response = $this->as($user, $method, $path, $body);
        self::assertTrue($response->isSuccessful(), "{$method} {$path}: ".$response->getContent());
        $answer = $response->json();
        self::assertIsArray($answer);

        return $answer;
    }

    /**
     * Asserts that a request was refused with this status and code, in a sentence.
     *
     * @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $response
     */
    protected function assertRefused(TestResponse $response, int $status, string $code, ?string $path = null): void
    {
        self::assertSame($status, $response->getStatusCode(), (string) $response->getContent());
        $response->assertJsonPath('error.code', $code);
        $message = $response->json('error.message');
        self::assertIsString($message);
        self::assertMatchesRegularExpression('/\w+ .+[.)]$/u', $message);
        if ($path !== null) {
            $response->assertJsonPath('error.path', $path);
        }
    }

    /**
     * What is laid on one area of a figure, as the lead sees it beside the grid.
     *
     * @return AreaLayers
     */
    protected function layersOf(int $figure, string $area): array
    {
        /** @var AreaLayers */
        return $this->answer($this->lead(), 'GET', "/figures/{$figure}/layers?area=".urlencode($area));
    }

    /**
     * The chain of a studio, read whole as its page reads it.
     *
     * @return array<array-key, mixed>
     */
    protected function verified(User $by): array
    {
        return $this->answer($by, 'POST', '/chain/verifications', ['whole' => true]);
    }

    /** @param  array<string, mixed>  $body */
    protected function askedFor(User $by, string $path, array $body): Paper
    {
        $id = $this->answer($by, 'POST', $path, $body)['id'];
        self::assertIsInt($id);

        return Paper::query()->whereKey($id)->firstOrFail();
    }

    /**
     * A paper as who asks for it gets it, when the worker has made it.
     *
     * @param  array<string, mixed>  $body
     */
    protected function paper(User $by, string $path, array $body): string
    {
        $paper = $this->askedFor($by, $path, $body);
        self::assertSame([PaperState::Made, null], [$paper->state, $paper->said]);
        $file = $this->as($by, 'GET', "/papers/{$paper->id}/file")->assertOk();
        self::assertSame('application/pdf', $file->headers->get('Content-Type'));

        return (string) $file->getContent();
    }

    /** @return list<array<string, mixed>> the first page of what is listed at somebody's bench */
    protected function benchOf(User $user, string $query = ''): array
    {
        /** @var array{rows: list<array<string, mixed>>} $page */
        $page = $this->answer($user, 'GET', "/bench-sheets{$query}");

        return $page['rows'];
    }

    /** Something was changed behind the application: what it has read already is forgotten. */
    protected function readAnew(): void
    {
        cache()->flush();
        $this->newRequest();
    }

    /** What is read once a request is read again by the next one. */
    protected function newRequest(): void
    {
        $studio = $this->lead()->studio_id;
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
        $this->app->forgetScopedInstances();
        $this->app->make(CurrentStudio::class)->enter($studio);
    }
}
