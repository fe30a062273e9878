<?php

declare(strict_types=1);

// A studio as large as a real one: jobs of 200 figures under way, and thousands of sealed records. Required by the benchmarks.

use App\Actions\Bench\BenchSheets;
use App\Actions\Checks\OpenCheck;
use App\Actions\Jobs\CreateJob;
use App\Actions\Jobs\TakeRoster;
use App\Actions\SignOffs\Anchors;
use App\Actions\SignOffs\Keyring;
use App\Actions\SignOffs\RecordSeal;
use App\Import\GivenRoster;
use App\Models\Figure;
use App\Models\FigureType;
use App\Models\Job;
use App\Models\Scheme;
use App\Models\SignOff;
use App\Models\StandardVersion;
use App\Models\Tier;
use App\Models\Unit;
use App\Models\User;
use Core\Record\Link;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;

final class LargeStudio
{
    private const FIGURES = 200;

    /** Rows that are written in one statement. */
    private const AT_ONCE = 500;

    public function __construct(private readonly Application $app, private readonly User $lead)
    {
    }

    /** As many open jobs of 200 figures as are wanted, beside the demo's. */
    public function jobs(int $wanted): void
    {
        $people = User::query()->where('studio_id', $this->lead->studio_id)->where('role', 'painter')->orderBy('id')->pluck('id')->all();
        for ($at = Job::query()->where('name', 'like', 'Watch %')->count() + 1; $at <= $wanted; $at++) {
            $job = $this->app->make(CreateJob::class)->handle("Watch {$at}", 'The harbour office', 'Harbour guard', now()->addWeeks($at)->format('Y-m-d'), null)->refresh();
            $this->app->make(TakeRoster::class)->handle($job, new GivenRoster("unit,figure_type,count,tier,leader_count,leader_tier\n"
                ."Watch {$at} ranks,lamplighter,120,Muster,2,Guard\nWatch {$at} divers,tide-diver,50,Watch,1,Guard\nWatch {$at} riders,heron-rider,30,Guard,1,Banner\n"));
            Unit::query()->where('job_id', $job->id)->update(['painter_id' => $people[$at % count($people)]]);
        }
    }

    /** As many sealed records as are wanted, of closed jobs: one that was signed, sealed again with another number each time. */
    public function records(int $wanted): void
    {
        $model = SignOff::query()->orderByDesc('number')->first() ?? $this->signedOne();
        /** @var array<string, mixed> $said */
        $said = json_decode($model->record, true, 512, JSON_THROW_ON_ERROR);
        $link = Link::stored($model->number, $model->previous, $model->record, $model->hash);
        $keys = $this->app->make(Keyring::class);
        while ($link->number < $wanted) {
            $figures = $this->signedJob(min(self::AT_ONCE, $wanted - $link->number));
            $rows = [];
            foreach ($figures as $number => [$figure, $check]) {
                $said['figure'] = is_array($said['figure'] ?? null) ? ['number' => $number] + $said['figure'] : $number;
                $link = $link->next($said);
                $seal = $keys->sign(RecordSeal::message($this->lead->studio_id, $link->number, $link->hash));
                $rows[] = [
                    'studio_id' => $this->lead->studio_id, 'figure_id' => $figure, 'check_id' => $check, 'signed_by' => $model->signed_by, 'signed_at' => now()->subHours($wanted - $link->number),
                    'number' => $link->number, 'previous' => $link->previous, 'hash' => $link->hash, 'record' => $link->canonical, 'key_id' => $seal['key'], 'signature' => $seal['signature'],
                ];
            }
            DB::table('sign_offs')->insert($rows);
        }
        $this->app->make(Anchors::class)->append($this->lead->studio_id, $link->number, $link->hash);
    }

    public function inWords(): string
    {
        return sprintf('%d open jobs, %d figures, %d records', Job::query()->where('state', 'open')->count(), Figure::query()->count(), SignOff::query()->count());
    }

    public function job(): int
    {
        return Job::query()->where('state', 'open')->orderByDesc('id')->firstOrFail()->id;
    }

    public function unit(int $job): Unit
    {
        return Unit::query()->with('job')->where('job_id', $job)->orderBy('position')->firstOrFail();
    }

    public function sheet(Unit $unit): string
    {
        return $this->app->make(BenchSheets::class)->ofUnit($unit)[0]->key;
    }

    public function check(): int
    {
        $waits = Figure::query()->where('state', 'to-check')->orderBy('id')->firstOrFail();
        $deputy = User::query()->where('studio_id', $this->lead->studio_id)->where('role', 'deputy')->firstOrFail();

        return $this->app->make(OpenCheck::class)->handle($waits, $deputy)->id;
    }

    public function scheme(): int
    {
        return Scheme::query()->orderBy('id')->firstOrFail()->id;
    }

    public function standard(): int
    {
        return StandardVersion::inForce()?->id ?? throw new LogicException('The demo has a standard in force.');
    }

    /** The first record there is: the demo has figures that wait to be checked. */
    private function signedOne(): SignOff
    {
        $check = $this->check();
        $ask = signedInClient('deputy@kittiwake.example');
        $read = static fn (string $answer): array => (array) json_decode($answer, true, 512, JSON_THROW_ON_ERROR);
        $state = $read($ask('GET', "/api/checks/{$check}")[1]);
        foreach ($state['items'] as $item) {
            if ($item['alone'] !== null && $item['answer'] === null) {
                $state = $read($ask('POST', "/api/checks/{$check}/answers", ['version' => $state['version'], 'item' => $item['item'], 'area' => $item['area'], 'criterion' => $item['criterion'], 'answer' => $item['answers'][0], 'side' => $item['sides'][0]])[1]);
            }
        }
        foreach (array_diff($state['sides'], $state['passed']) as $side) {
            $state = $read($ask('POST', "/api/checks/{$check}/sides", ['version' => $state['version'], 'side' => $side])[1]);
        }
        $ask('POST', "/api/checks/{$check}/sign-off", ['version' => $state['version']]);

        return SignOff::query()->firstOrFail();
    }

    /** @return array<int, array{int, int}> figure and check by number, of a closed job of its own */
    private function signedJob(int $figures): array
    {
        $job = $this->app->make(CreateJob::class)->handle('Signed '.Job::query()->count(), 'The harbour office', 'Harbour guard', null, null)->refresh();
        $type = FigureType::query()->whereNull('job_id')->where('key', 'lamplighter')->firstOrFail();
        $tier = Tier::query()->where('standard_version_id', $job->standard_version_id)->where('key', 'muster')->firstOrFail();
        $unit = Unit::query()->create(['job_id' => $job->id, 'figure_type_id' => $type->id, 'tier_id' => $tier->id, 'name' => 'Signed', 'position' => 0]);
        $own = ['studio_id' => $this->lead->studio_id];
        DB::table('figures')->insert(array_map(static fn (int $number): array => [...$own, 'unit_id' => $unit->id, 'number' => $number, 'state' => 'signed', 'created_at' => now(), 'updated_at' => now()], range(1, $figures)));
        $ids = DB::table('figures')->where('unit_id', $unit->id)->orderBy('number')->pluck('id', 'number');
        DB::table('checks')->insert($ids->map(fn (int $figure): array => [...$own, 'figure_id' => $figure, 'round' => 1, 'state' => 'signed', 'signature' => str_repeat('0', 64), 'opened_by' => $this->lead->id, 'created_at' => now(), 'updated_at' => now()])->values()->all());
        $checks = DB::table('checks')->whereIn('figure_id', $ids)->pluck('id', 'figure_id');
        $job->update(['state' => 'closed']);

        return $ids->map(static fn (int $figure): array => [$figure, $checks[$figure]])->all();
    }
}
