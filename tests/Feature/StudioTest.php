<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;

final class StudioTest extends TestCase
{
    private const PERSON = ['name' => 'Senara Bolitho', 'email' => 'senara@kittiwake.example', 'role' => 'painter', 'signing_rank' => null, 'password' => 'salt and spray'];

    public function test_the_lead_changes_settings_and_everybody_has_them(): void
    {
        $this->answer($this->lead(), 'PUT', '/studio', ['single_keys' => false, 'allows_self_check' => true, 'time_zone' => 'Atlantic/Faroe']);
        $studio = $this->answer($this->isla(), 'GET', '/session')['studio'];

        self::assertIsArray($studio);
        self::assertSame([false, true, 'Atlantic/Faroe'], [$studio['single_keys'], $studio['allows_self_check'], $studio['time_zone']]);
        self::assertFalse($this->stranger()->studio()->firstOrFail()->allows_self_check);
    }

    public function test_a_time_zone_that_is_none_is_refused(): void
    {
        $this->assertRefused($this->as($this->lead(), 'PUT', '/studio', ['single_keys' => true, 'allows_self_check' => false, 'time_zone' => 'Port/Ember']), 422, 'invalid', '/time_zone');
    }

    public function test_the_lead_adds_somebody_who_can_then_sign_in(): void
    {
        $people = $this->answer($this->lead(), 'POST', '/people', self::PERSON);

        self::assertContains('Senara Bolitho', array_column($people, 'name'));
        $this->app->make('auth')->forgetGuards();
        $this->withHeader('Origin', 'http://localhost')->postJson('/api/session', ['email' => 'senara@kittiwake.example', 'password' => 'salt and spray'])->assertOk()->assertJsonPath('user.role', 'painter');
    }

    public function test_a_signing_rank_is_a_deputys_only(): void
    {
        $this->answer($this->lead(), 'POST', '/people', ['signing_rank' => 3] + self::PERSON);
        $this->answer($this->lead(), 'POST', '/people', ['name' => 'Tamsin Rowe', 'email' => 'tamsin@kittiwake.example', 'role' => 'deputy', 'signing_rank' => 3] + self::PERSON);

        self::assertNull(User::query()->where('name', 'Senara Bolitho')->firstOrFail()->signing_rank);
        $deputy = User::query()->where('name', 'Tamsin Rowe')->firstOrFail();
        self::assertTrue($deputy->maySignRank(3));
        self::assertFalse($deputy->maySignRank(4));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrongPeople(): iterable
    {
        yield 'no name' => [['name' => ''], 'invalid', '/name'];
        yield 'a name of 300 characters' => [['name' => str_repeat('x', 300)], 'invalid', '/name'];
        yield 'a name that somebody has' => [['name' => 'Isla Coade'], 'name-taken', '/name'];
        yield 'an address that is none' => [['email' => 'senara'], 'invalid', '/email'];
        yield 'an address that somebody has, in capitals' => [['email' => 'ISLA@kittiwake.example'], 'address-taken', '/email'];
        yield 'an address of another studio' => [['email' => 'lead@skerry.example'], 'address-taken', '/email'];
        yield 'a role that is none' => [['role' => 'owner'], 'invalid', '/role'];
        yield 'a short password' => [['password' => 'seven77'], 'invalid', '/password'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('wrongPeople')]
    public function test_an_account_that_cannot_be_is_refused_at_its_place(array $change, string $code, string $path): void
    {
        $before = User::query()->count();
        $this->assertRefused($this->as($this->lead(), 'POST', '/people', $change + self::PERSON), 422, $code, $path);
        self::assertSame($before, User::query()->count());
    }

    public function test_an_account_is_made_by_command_with_its_studio(): void
    {
        $this->withoutMockingConsoleOutput();
        $add = fn (array $change): int => (int) Artisan::call('user:add', $change + ['studio' => 'Gannet Head', 'name' => 'Merryn Tull', 'email' => 'merryn@gannet.example', 'role' => 'lead', '--password' => 'salt and spray']);

        self::assertSame(1, $add(['role' => 'owner']));
        self::assertSame(1, $add(['--password' => 'short']));
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
            ['POST', '/people', self::PERSON],
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
