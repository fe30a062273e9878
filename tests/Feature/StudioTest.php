<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\Studio;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

final class StudioTest extends TestCase
{
    private const SETTINGS = ['single_keys' => true, 'allows_self_check' => false, 'time_zone' => 'Europe/London', 'name' => 'Kittiwake Row', 'currency' => 'EUR', 'requires_second_factor' => false];

    public function test_how_far_a_job_is_stands_by_what_its_figures_wait_for(): void
    {
        $job = (array) $this->answer($this->lead(), 'GET', '/jobs')[0];
        $states = array_column((array) $job['states'], 'figures', 'state');
        $counted = DB::table('figures')->join('units', 'units.id', '=', 'figures.unit_id')->where('units.job_id', $job['id'])->groupBy('figures.state')->selectRaw('figures.state, COUNT(*) AS figures')->pluck('figures', 'state')->all();

        self::assertEquals($counted, array_filter($states));
        self::assertSame([$job['figures'], 0], [array_sum($states), $states['signed']]);
        self::assertGreaterThan(1, count($counted));
    }

    public function test_the_lead_changes_settings_and_everybody_has_them(): void
    {
        $this->answer($this->lead(), 'PUT', '/studio', ['single_keys' => false, 'allows_self_check' => true, 'time_zone' => 'Atlantic/Faroe', 'name' => 'Kittiwake Yard', 'currency' => 'NOK'] + self::SETTINGS);
        $studio = $this->answer($this->isla(), 'GET', '/session')['studio'];

        self::assertIsArray($studio);
        self::assertSame([false, true, 'Atlantic/Faroe', 'Kittiwake Yard', 'NOK'], [$studio['single_keys'], $studio['allows_self_check'], $studio['time_zone'], $studio['name'], $studio['currency']]);
        self::assertFalse($this->stranger()->studio()->firstOrFail()->allows_self_check);
    }

    public function test_a_time_zone_that_is_none_is_refused(): void
    {
        $this->assertRefused($this->as($this->lead(), 'PUT', '/studio', ['time_zone' => 'Port/Ember'] + self::SETTINGS), 422, 'invalid', '/time_zone');
    }

    public function test_a_currency_that_is_none_and_a_name_that_is_taken_are_refused(): void
    {
        $this->assertRefused($this->as($this->lead(), 'PUT', '/studio', ['currency' => 'DEM'] + self::SETTINGS), 422, 'invalid', '/currency');
        $this->assertRefused($this->as($this->lead(), 'PUT', '/studio', ['name' => 'Stack Skerry'] + self::SETTINGS), 422, 'invalid', '/name');
        $this->assertRefused($this->as($this->lead(), 'PUT', '/studio', ['name' => ' '] + self::SETTINGS), 422, 'invalid', '/name');
    }

    public function test_an_account_is_made_by_command_with_its_studio(): void
    {
        $this->withoutMockingConsoleOutput();
        $add = fn (array $change): int => (int) Artisan::call('user:add', $change + ['studio' => 'Gannet Head', 'name' => 'Merryn Tull', 'email' => 'merryn@gannet.example', 'role' => 'lead', '--password' => 'salt and spray']);

        self::assertSame(1, $add(['role' => 'owner']));
        self::assertSame(1, $add(['--password' => 'short']));
        self::assertSame(1, $add(['--password' => 'gannet head, gannet head']), 'it holds the name of the studio');
        self::assertFalse(Studio::query()->where('name', 'Gannet Head')->exists(), 'what was refused leaves nothing');
        self::assertSame(0, $add([]));
        self::assertSame(1, $add(['name' => 'Somebody Else']), 'the address is taken');
        self::assertSame([Role::Lead, 'Gannet Head'], [User::query()->where('name', 'Merryn Tull')->firstOrFail()->role, User::query()->where('name', 'Merryn Tull')->firstOrFail()->studio()->firstOrFail()->name]);
    }

    public function test_what_is_the_leads_is_nobody_elses(): void
    {
        $figure = $this->figure('2nd Lamplighters', 3);
        $unit = $this->unit('2nd Lamplighters');
        $deeds = [
            ['PUT', '/studio', ['single_keys' => false, 'allows_self_check' => true, 'time_zone' => 'UTC']],
            ['POST', '/invitations', ['name' => 'Senara Bolitho', 'email' => 'senara@kittiwake.example', 'role' => 'painter', 'signing_rank' => null]],
            ['POST', '/jobs', ['name' => 'N', 'client' => 'C', 'force' => 'F']],
            ['POST', '/figure-types', ['name' => 'N', 'size_class' => 'foot', 'areas' => []]],
            ['PATCH', "/units/{$unit->id}", ['version' => 1, 'tier' => 'guard']],
            ['PATCH', '/figures', ['figures' => [['id' => $figure->id, 'version' => 1]], 'tier' => 'guard']],
            ['PUT', "/units/{$unit->id}/area-tiers", ['version' => 1, 'area' => 'face', 'tier' => 'guard']],
            ['POST', "/units/{$unit->id}/waivers", ['version' => 1, 'area' => 'face', 'use' => 'wash', 'reason' => 'r']],
            ['PUT', "/units/{$unit->id}/choices", ['version' => 1, 'area' => 'face', 'use' => 'wash', 'technique' => 'wash']],
        ];
        foreach ([$this->deputy(), $this->isla()] as $other) {
            foreach ($deeds as [$method, $path, $body]) {
                $this->assertRefused($this->as($other, $method, $path, $body), 403, 'not-allowed');
            }
        }
        $this->assertRefused($this->as($this->isla(), 'GET', '/checks'), 403, 'not-allowed');
    }

    public function test_some_figures_are_changed_together_or_not_at_all(): void
    {
        $one = $this->figure('2nd Lamplighters', 3);
        $two = $this->figure('2nd Lamplighters', 4);
        $stale = $this->as($this->lead(), 'PATCH', '/figures', ['figures' => [['id' => $one->id, 'version' => 1], ['id' => $two->id, 'version' => 7]], 'tier' => 'banner']);

        $this->assertRefused($stale, 409, 'stale');
        self::assertNull($one->refresh()->tier_id);
        $this->answer($this->lead(), 'PATCH', '/figures', ['figures' => [['id' => $one->id, 'version' => 1], ['id' => $two->id, 'version' => 1]], 'tier' => 'banner']);
        self::assertSame([2, 2], [$one->refresh()->version, $two->refresh()->version]);
    }

    public function test_figures_are_handed_over_together_or_not_at_all(): void
    {
        $ready = $this->figure('1st Lamplighters', 8);
        \Illuminate\Support\Facades\DB::table('figures')->where('id', $ready->id)->update(['state' => 'mended']);
        $this->assertRefused($this->as($this->isla(), 'POST', '/hand-overs', ['figures' => [$ready->id, $this->figure('1st Lamplighters', 9)->id]]), 403, 'steps-left');

        self::assertSame('mended', $ready->refresh()->state->value);
        $this->assertRefused($this->as($this->isla(), 'POST', '/hand-overs', ['figures' => []]), 422, 'invalid', '/figures');
    }

    public function test_figures_of_two_jobs_are_not_changed_in_one(): void
    {
        $job = $this->newJob('Other');
        $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => "unit,figure_type,count,tier\nA,lamplighter,1,muster"]);
        $other = \App\Models\Figure::query()->orderByDesc('id')->firstOrFail();
        $here = $this->figure('2nd Lamplighters', 3);

        $this->assertRefused($this->as($this->lead(), 'PATCH', '/figures', ['figures' => [['id' => $here->id, 'version' => 1], ['id' => $other->id, 'version' => 1]], 'tier' => 'guard']), 422, 'several-jobs', '/figures');
    }
}
