<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CurrentStudio;
use App\Models\Figure;
use App\Models\SignOff;
use App\Models\User;
use Core\Plan\FigureState;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** A studio of each delivered state comes through the migrations and goes on working. */
final class UpgradeTest extends LaravelTestCase
{
    private ?RecordsFolder $records = null;

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
        config(['records.folder' => $this->records->path]);
    }

    protected function tearDown(): void
    {
        $this->records?->remove();
        // The next test class begins on tables of its own.
        Artisan::call('db:wipe', ['--force' => true]);
        RefreshDatabaseState::$migrated = false;
        parent::tearDown();
    }

    /** @return iterable<string, array{string}> */
    public static function states(): iterable
    {
        foreach (glob(__DIR__.'/../upgrades/*.sql.gz') ?: [] as $file) {
            yield basename($file, '.sql.gz') => [$file];
        }
    }

    #[DataProvider('states')]
    public function test_a_studio_of_this_state_comes_to_the_head_and_is_walked(string $file): void
    {
        Artisan::call('db:wipe', ['--force' => true]);
        $this->load($file);
        // Public keys and heads of that studio; its secret key is nobody's, so what is signed from now on has another.
        foreach (glob(preg_replace('/\.sql\.gz$/', '.records/*', $file) ?? '') ?: [] as $kept) {
            copy($kept, "{$this->records?->path}/".basename($kept));
        }
        $sealed = DB::table('sign_offs')->orderBy('number')->pluck('record', 'hash')->all();
        $marks = DB::table('bench_marks')->count();
        self::assertNotSame([], $sealed, 'the state has records');

        self::assertSame(0, Artisan::call('migrate', ['--force' => true]), Artisan::output());
        self::assertSame(0, Artisan::call('records:prepare'));
        is_file("{$this->records?->path}/secret.key") || self::assertSame(0, Artisan::call('records:renew-key'));

        self::assertSame($sealed, DB::table('sign_offs')->orderBy('number')->pluck('record', 'hash')->all(), 'what was sealed has the same bytes and hashes');
        self::assertSame($marks, DB::table('bench_marks')->count());
        self::assertSame(0, DB::table('check_answers as w')->join('check_actions as a', 'a.id', '=', 'w.check_action_id')->join('checks as c', 'c.id', '=', 'a.check_id')->join('figures as f', 'f.id', '=', 'c.figure_id')
            ->where('f.state', '<>', 'signed')->whereNull('w.text')->count(), 'answers of running checks have their words');
        $this->compareAnswers(preg_replace('/\.sql\.gz$/', '.answers.json.gz', $file) ?? '');
        $this->walk();
    }

    /** Every unit was taken for a hundredth; what was typed as 5,000 yen was kept as 500,000. */
    #[TestWith(['JPY', 2250, 23, 3900, 39])]
    #[TestWith(['KWD', 2250, 22500, 3900, 39000])]
    #[TestWith(['EUR', 2250, 2250, 3900, 3900])]
    public function test_prices_are_carried_to_the_smallest_unit_of_their_currency(string $currency, int $foot, int $footAfter, int $hour, int $hourAfter): void
    {
        Artisan::call('db:wipe', ['--force' => true]);
        $this->load(__DIR__.'/../upgrades/2026-11-29.sql.gz');
        DB::table('studios')->update(['currency' => $currency]);
        [$listed, $hourly] = DB::table('tiers')->orderBy('id')->limit(2)->pluck('id')->all();
        DB::table('tiers')->where('id', $listed)->update(['optional' => json_encode(['price' => ['list' => ['foot' => $foot]]])]);
        DB::table('tiers')->where('id', $hourly)->update(['optional' => json_encode(['price' => ['hourly' => $hour]])]);

        self::assertSame(0, Artisan::call('migrate', ['--force' => true]), Artisan::output());

        $price = static fn (mixed $tier, string $path): mixed => DB::table('standard_pieces')->join('tiers', 'tiers.standard_piece_id', '=', 'standard_pieces.id')->where('tiers.id', $tier)->selectRaw("JSON_VALUE(value, '$.price.{$path}') AS price")->value('price');
        self::assertSame((string) $footAfter, $price($listed, 'list.foot'));
        self::assertSame((string) $hourAfter, $price($hourly, 'hourly'));
    }

    /** It held for every figure of its type; now each scheme that such figures are painted in has it. */
    public function test_what_a_job_mixes_is_carried_to_each_scheme_of_its_figures(): void
    {
        Artisan::call('db:wipe', ['--force' => true]);
        $this->load(__DIR__.'/../upgrades/2026-11-29.sql.gz');
        DB::table('job_mix_parts')->delete();
        DB::table('job_mixes')->delete();
        $unit = DB::table('units')->orderBy('id')->first();
        self::assertNotNull($unit);
        $scheme = DB::table('schemes')->value('id');
        DB::table('units')->where('id', $unit->id)->update(['scheme_id' => $scheme]);
        $mix = ['studio_id' => $unit->studio_id, 'job_id' => $unit->job_id, 'area' => 'coat', 'use' => 'base', 'step' => 1];
        DB::table('job_mixes')->insert([$mix + ['figure_type_id' => $unit->figure_type_id], ['area' => 'hat'] + $mix + ['figure_type_id' => null]]);
        foreach (DB::table('job_mixes')->pluck('id') as $id) {
            DB::table('job_mix_parts')->insert(['studio_id' => $unit->studio_id, 'job_mix_id' => $id, 'paint_id' => DB::table('paints')->where('studio_id', $unit->studio_id)->value('id'), 'parts' => 2.5, 'position' => 1]);
        }

        self::assertSame(0, Artisan::call('migrate', ['--force' => true]), Artisan::output());

        $carried = DB::table('job_mixes')->join('job_mix_parts', 'job_mix_id', '=', 'job_mixes.id')->orderBy('area')->orderBy('scheme_id')->get(['area', 'scheme_id', 'parts']);
        self::assertSame([['coat', null, 2.5], ['coat', $scheme, 2.5], ['hat', null, 2.5], ['hat', $scheme, 2.5]], $carried->map(static fn (object $row): array => [$row->area, $row->scheme_id, $row->parts])->all());
    }

    /** A list without numbers became pots with nothing in them. */
    #[TestWith([0.0, null, null])]
    #[TestWith([5.0, 5.0, 0.0], 'who counted one knows of the others')]
    public function test_paint_that_a_studio_never_counted_is_not_said_to_have_run_out(float $first, ?float $firstAfter, ?float $secondAfter): void
    {
        Artisan::call('db:wipe', ['--force' => true]);
        $this->load(__DIR__.'/../upgrades/2026-11-29.sql.gz');
        DB::table('paints')->update(['stock_ml' => 0]);
        [$one, $two] = DB::table('paints')->orderBy('id')->limit(2)->pluck('id')->all();
        DB::table('paints')->where('id', $one)->update(['stock_ml' => $first]);

        self::assertSame(0, Artisan::call('migrate', ['--force' => true]), Artisan::output());

        $left = static fn (mixed $paint): mixed => DB::table('paints')->where('id', $paint)->value('stock_ml');
        self::assertSame([$firstAfter, $secondAfter], [$left($one), $left($two)]);
    }

    /** What the application of that time answered to questions after what is kept. */
    private function compareAnswers(string $file): void
    {
        if (! is_file($file)) {
            return;
        }
        $answers = json_decode((string) gzdecode((string) file_get_contents($file)), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($answers);
        $this->travelTo('2026-11-30T10:00:00Z');
        foreach ($answers as $question => $answer) {
            [$who, $path] = explode(' ', (string) $question, 2);
            $person = User::query()->where('email', $who)->firstOrFail();
            $this->app->make(CurrentStudio::class)->enter($person->studio_id);
            Auth::forgetGuards();
            // 2 and 2.0 are the same JSON value.
            self::assertEquals($answer, self::saidThen($answer, $this->actingAs($person, 'web')->getJson("/api{$path}")->json()), $question);
        }
        $this->travelBack();
    }

    /** What is said now, without members that nobody said anything in at the time. */
    private static function saidThen(mixed $then, mixed $now): mixed
    {
        if (! is_array($then) || ! is_array($now)) {
            return $now;
        }
        foreach (array_is_list($then) ? [] : array_keys(array_diff_key($now, $then)) as $member) {
            unset($now[$member]);
        }
        foreach ($now as $member => $one) {
            $now[$member] = self::saidThen($then[$member] ?? null, $one);
        }

        return $now;
    }

    /** Everything that was under way goes on: records are shown and verified, a refused figure is mended, checked and signed. */
    private function walk(): void
    {
        $this->app->make(CurrentStudio::class)->enter($this->person('lead')->studio_id);
        foreach (['/today', '/jobs', '/jobs/1', '/jobs/1/figures', '/bench-sheets', '/checks', '/sign-offs', '/schemes', '/schemes/1', '/paints', '/standards', '/figure-types'] as $path) {
            $this->ask('lead', 'GET', $path);
        }
        foreach (SignOff::query()->pluck('id') as $id) {
            self::assertIsArray($this->ask('lead', 'GET', '/sign-offs/'.(is_int($id) ? $id : 0))['record']);
        }
        $read = ['whole' => true];
        self::assertSame([true, []], [($chain = $this->ask('lead', 'POST', '/chain/verifications', $read))['holds'], $chain['faults']]);

        $refused = Figure::query()->where('state', FigureState::Refused)->firstOrFail();
        $before = SignOff::query()->count();
        $faults = $this->ask('isla', 'GET', "/figures/{$refused->id}/faults")['faults'];
        foreach (is_array($faults) ? $faults : [] as $fault) {
            self::assertIsArray($fault);
            self::assertIsInt($fault['id']);
            $this->ask('isla', 'POST', "/faults/{$fault['id']}/mending");
        }
        $this->ask('isla', 'POST', '/hand-overs', ['figures' => [$refused->id]]);
        $this->finish($refused);
        // The check that was half way at the time goes on where it was.
        $this->finish(Figure::query()->whereHas('checks', static fn ($checks) => $checks->where('state', 'open'))->firstOrFail());

        self::assertSame($before + 2, SignOff::query()->count());
        self::assertTrue($this->ask('lead', 'POST', '/chain/verifications', $read)['holds']);
    }

    private function finish(Figure $figure): void
    {
        $check = $this->ask('deputy', 'POST', "/figures/{$figure->id}/checks");
        $id = $check['id'];
        self::assertIsInt($id);
        foreach (is_array($check['items']) ? $check['items'] : [] as $item) {
            if (is_array($item) && $item['alone'] !== null && $item['answer'] === null && is_array($item['answers'])) {
                $check = $this->ask('deputy', 'POST', "/checks/{$id}/answers", ['version' => $check['version'], 'item' => $item['item'], 'area' => $item['area'], 'criterion' => $item['criterion'], 'answer' => $item['answers'][0]]);
            }
        }
        foreach (is_array($check['sides']) ? $check['sides'] : [] as $side) {
            if (! in_array($side, is_array($check['passed']) ? $check['passed'] : [], true)) {
                $check = $this->ask('deputy', 'POST', "/checks/{$id}/sides", ['version' => $check['version'], 'side' => $side]);
            }
        }
        $this->ask('deputy', 'POST', "/checks/{$id}/sign-off", ['version' => $check['version']]);
    }

    private function load(string $file): void
    {
        $sql = gzdecode((string) file_get_contents($file));
        self::assertIsString($sql);
        // As its own client reads it: a line that names a delimiter changes what ends a statement.
        $delimiter = ';';
        $statement = '';
        foreach (explode("\n", $sql) as $line) {
            if (str_starts_with($line, 'DELIMITER ')) {
                $delimiter = trim(substr($line, 10));

                continue;
            }
            $statement .= "{$line}\n";
            if (str_ends_with(rtrim($line), $delimiter)) {
                DB::unprepared(substr(rtrim($statement), 0, -strlen($delimiter)));
                $statement = '';
            }
        }
    }

    private function person(string $name): User
    {
        return User::query()->where('email', "{$name}@kittiwake.example")->firstOrFail();
    }

    /**
     * @param  array<array-key, mixed>  $body
     * @return array<array-key, mixed>
     */
    private function ask(string $who, string $method, string $path, array $body = []): array
    {
        Auth::forgetGuards();
        $response = $this->actingAs($this->person($who), 'web')->json($method, "/api{$path}", $body);
        self::assertTrue($response->isSuccessful(), "{$method} {$path}: ".$response->getContent());
        $answer = $response->json();

        return is_array($answer) ? $answer : [];
    }
}
