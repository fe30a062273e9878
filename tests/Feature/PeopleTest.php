<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\People\PasswordRule;
use App\Actions\People\SignInTry;
use App\Actions\People\Totp;
use App\Models\Clearance;
use App\Models\Invitation;
use App\Models\LogEntry;
use App\Models\LogKind;
use App\Models\Role;
use App\Models\User;
use Illuminate\Mail\Mailer;
use Illuminate\Mail\MailManager;
use Illuminate\Mail\Transport\ArrayTransport;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Mailer\SentMessage;

/** Accounts, invitations, second factors, sessions, and the log of what matters. */
final class PeopleTest extends TestCase
{
    private const GOOD = 'wet rope, cold tar';

    private const SENARA = ['name' => 'Senara Bolitho', 'email' => 'senara@kittiwake.example', 'role' => 'painter', 'signing_rank' => null];

    /** @return iterable<string, array{string, int, string}> seconds since 1970, and the code: RFC 6238, appendix B, SHA-1, eight digits */
    public static function publishedCodes(): iterable
    {
        foreach ([59 => '94287082', 1111111109 => '07081804', 1111111111 => '14050471', 1234567890 => '89005924', 2000000000 => '69279037', 20000000000 => '65353130'] as $time => $code) {
            yield "RFC 6238, appendix B: {$time}" => ['12345678901234567890', $time, $code];
        }
    }

    #[DataProvider('publishedCodes')]
    public function test_codes_are_those_of_the_published_vectors(string $secret, int $time, string $code): void
    {
        self::assertSame($code, Totp::ofBytes($secret)->at($time, 8));
    }

    /** RFC 4648, section 10. */
    public function test_base32_is_that_of_the_published_vectors(): void
    {
        foreach (['f' => 'MY', 'fo' => 'MZXQ', 'foo' => 'MZXW6', 'foob' => 'MZXW6YQ', 'fooba' => 'MZXW6YTB', 'foobar' => 'MZXW6YTBOI'] as $bytes => $text) {
            self::assertSame($text, Totp::ofBytes($bytes)->base32());
            self::assertSame(Totp::ofBytes($bytes)->at(59), Totp::ofBase32("{$text}==")->at(59));
        }
    }

    /** Against otpauth 9.5.0 of the npm registry, run by Node. */
    public function test_codes_are_those_of_another_library(): void
    {
        $asked = array_map(static fn (int $i): array => [Totp::ofBytes(hash('sha1', "secret {$i}", true))->base32(), 1_700_000_000 + $i * 12_345_677], range(0, 99));
        $process = proc_open(['node', __DIR__.'/otp-reference.mjs'], [['pipe', 'r'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], (string) json_encode($asked));
        fclose($pipes[0]);
        $theirs = json_decode((string) stream_get_contents($pipes[1]), true);

        self::assertSame(0, proc_close($process));
        self::assertSame($theirs, array_map(static fn (array $one): string => Totp::ofBase32($one[0])->at($one[1]), $asked));
    }

    public function test_a_code_of_the_step_before_or_after_is_taken_and_none_twice(): void
    {
        $totp = Totp::fresh();
        $step = 57_000_000;
        $time = $step * 30 + 3;

        self::assertSame($step, $totp->stepOf($totp->at($time), $time, 0));
        self::assertSame($step - 1, $totp->stepOf($totp->at($time - 30), $time, 0));
        self::assertSame($step + 1, $totp->stepOf($totp->at($time + 30), $time, 0));
        self::assertNull($totp->stepOf($totp->at($time - 60), $time, 0));
        self::assertNull($totp->stepOf($totp->at($time), $time, $step), 'it was taken already');
    }

    public function test_somebody_is_invited_by_a_link_that_is_used_once(): void
    {
        $token = $this->invite();
        self::assertSame(0, Invitation::query()->where('token_hash', $token)->count(), 'what stands in the link is not kept');
        $this->browser('GET', "/invitations/{$token}")->assertOk()->assertJsonPath('studio', 'Kittiwake Row')->assertJsonPath('name', 'Senara Bolitho');
        $this->browser('POST', "/invitations/{$token}", ['password' => self::GOOD])->assertOk()->assertJsonPath('user.role', 'painter');

        $this->assertRefused($this->browser('POST', "/invitations/{$token}", ['password' => self::GOOD]), 403, 'no-invitation');
        $this->browser('POST', '/session', ['email' => 'senara@kittiwake.example', 'password' => self::GOOD])->assertOk();
        self::assertSame([LogKind::SignedIn, LogKind::Joined, LogKind::Invited], LogEntry::query()->orderByDesc('id')->limit(3)->pluck('kind')->all());
    }

    public function test_a_link_expires_can_be_withdrawn_and_cannot_be_guessed(): void
    {
        $token = $this->invite();
        $this->travel(8)->days();
        $this->assertRefused($this->browser('GET', "/invitations/{$token}"), 403, 'no-invitation');
        $this->travelBack();
        $this->answer($this->lead(), 'DELETE', '/invitations/'.Invitation::query()->firstOrFail()->id);
        $this->assertRefused($this->browser('GET', "/invitations/{$token}"), 403, 'no-invitation');
        for ($i = 0; $i < 10; $i++) {
            $last = $this->browser('GET', "/invitations/guess-{$i}");
        }
        $this->assertRefused($last, 429, 'too-often');
    }

    public function test_only_the_lead_invites_and_a_signing_rank_is_a_deputys_only(): void
    {
        $this->assertRefused($this->as($this->deputy(), 'POST', '/invitations', self::SENARA), 403, 'not-allowed');
        $token = $this->invite(['signing_rank' => 3]);
        $this->browser('POST', "/invitations/{$token}", ['password' => self::GOOD])->assertOk();

        self::assertNull(User::query()->where('name', 'Senara Bolitho')->firstOrFail()->signing_rank);
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
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('wrongPeople')]
    public function test_an_account_that_cannot_be_is_refused_at_its_place(array $change, string $code, string $path): void
    {
        $this->assertRefused($this->as($this->lead(), 'POST', '/invitations', $change + self::SENARA), 422, $code, $path);
        self::assertSame(0, Invitation::query()->count());
    }

    /** @return iterable<string, array{string, string|null}> the password, and the code of its refusal */
    public static function passwords(): iterable
    {
        yield 'eleven signs' => ['wet rope, t', 'password-short'];
        yield 'twelve signs' => ['wet rope, ta', null];
        yield 'the first name' => ['i am isla and tired', 'password-telling'];
        yield 'the name before the at sign' => ['harbourmaster of it', 'password-telling'];
        yield 'the studio' => ['kittiwakes are loud', 'password-telling'];
        yield 'three letters of a name are in many words' => ['a Row of wet boots', null];
        yield 'a common one, written out' => ['password1234', 'password-common'];
        yield 'a common one twice' => ['dragondragon', 'password-common'];
        yield 'a common one with signs round it' => ['!!!letmein!!!', 'password-common'];
        yield 'figures only' => ['918273645566', 'password-common'];
        yield 'one sign' => ['aaaaaaaaaaaa', 'password-common'];
        yield 'a few words' => [self::GOOD, null];
    }

    #[DataProvider('passwords')]
    public function test_a_password_is_long_uncommon_and_tells_nothing(string $password, ?string $code): void
    {
        try {
            PasswordRule::require($password, 'Isla Coade', 'harbourmaster@skerry.example', $this->lead()->studio()->firstOrFail());
            $refused = null;
        } catch (\App\Refusals\NotRight $wrong) {
            $refused = $wrong->errorCode();
        }

        self::assertSame($code, $refused);
    }

    public function test_a_changed_password_ends_the_other_sessions_and_only_who_knows_the_old_one_changes_it(): void
    {
        $isla = $this->isla();
        $this->openSessions($isla, ['one', 'two']);
        $this->openSessions($this->jory(), ['three']);

        $this->assertRefused($this->as($isla, 'PUT', '/account/password', ['current_password' => 'x', 'password' => self::GOOD]), 422, 'wrong-password', '/current_password');
        $this->assertRefused($this->as($isla, 'PUT', '/account/password', ['current_password' => 'lamplight', 'password' => 'short']), 422, 'password-short', '/password');
        $this->answer($isla, 'PUT', '/account/password', ['current_password' => 'lamplight', 'password' => self::GOOD]);

        self::assertSame(['three'], DB::table('sessions')->pluck('id')->all());
        $this->browser('POST', '/session', ['email' => 'isla@kittiwake.example', 'password' => self::GOOD])->assertOk();
    }

    public function test_a_second_factor_is_confirmed_by_a_code_and_asked_at_each_sign_in(): void
    {
        $this->assertRefused($this->browser('POST', '/account/second-factor', [], $this->isla()), 423, 'confirm-password');
        $secret = $this->prepare($this->isla());
        self::assertStringStartsWith('<?xml', $secret['picture']);
        $totp = Totp::ofBase32(str_replace(' ', '', $secret['secret']));
        self::assertStringContainsString($totp->base32(), $secret['address']);
        $this->browser('POST', '/session', ['email' => 'isla@kittiwake.example', 'password' => 'lamplight'])->assertOk();
        $this->assertRefused($this->as($this->isla(), 'PUT', '/account/second-factor', ['code' => '000000']), 422, 'wrong-code', '/code');
        $codes = $this->answer($this->isla(), 'PUT', '/account/second-factor', ['code' => $totp->at(now()->getTimestamp())])['codes'];
        self::assertIsArray($codes);
        self::assertCount(8, array_unique(array_filter($codes, is_string(...))));
        self::assertStringNotContainsString($totp->base32(), (string) json_encode(DB::table('users')->get()), 'the secret is encrypted');

        $signIn = fn (?string $code): TestResponse => $this->browser('POST', '/session', ['email' => 'isla@kittiwake.example', 'password' => 'lamplight', 'code' => $code]);
        $this->assertRefused($signIn(null), 422, 'needs-code', '/code');
        $this->assertRefused($signIn($totp->at(now()->getTimestamp())), 422, 'wrong-code', '/code');
        $this->travel(1)->minutes();
        $signIn($totp->at(now()->getTimestamp()))->assertOk();
        $recovery = $codes[3];
        self::assertIsString($recovery);
        $signIn(strtoupper($recovery))->assertOk();
        $this->assertRefused($signIn($recovery), 422, 'wrong-code', '/code');
        self::assertSame(7, $this->answer($this->isla(), 'GET', '/account')['recovery_left']);
    }

    public function test_wrong_codes_are_counted_like_wrong_passwords(): void
    {
        $this->withSecondFactor($this->isla());
        for ($i = 0; $i < 10; $i++) {
            $this->browser('POST', '/session', ['email' => 'isla@kittiwake.example', 'password' => 'lamplight', 'code' => '000000']);
        }

        $this->assertRefused($this->browser('POST', '/session', ['email' => 'isla@kittiwake.example', 'password' => 'lamplight']), 429, 'too-often');
    }

    public function test_where_the_studio_asks_for_a_second_factor_nothing_else_is_done_before(): void
    {
        $settings = ['single_keys' => true, 'allows_self_check' => false, 'time_zone' => 'Europe/London', 'name' => 'Kittiwake Row', 'currency' => 'EUR', 'requires_second_factor' => true];
        $this->assertRefused($this->as($this->lead(), 'PUT', '/studio', $settings), 403, 'second-factor-first');
        $this->withSecondFactor($this->lead());
        $this->answer($this->lead(), 'PUT', '/studio', $settings);

        $this->assertRefused($this->as($this->isla(), 'GET', '/jobs'), 403, 'second-factor-needed');
        $this->answer($this->isla(), 'GET', '/session');
        $this->answer($this->isla(), 'GET', '/account');
        $this->withSecondFactor($this->isla());
        $this->answer($this->isla(), 'GET', '/jobs');
        $this->assertRefused($this->confirmed('DELETE', '/account/second-factor', [], $this->isla()), 403, 'second-factor-required');
    }

    public function test_the_lead_changes_a_role_after_saying_the_password_once_more(): void
    {
        $isla = $this->isla();
        $change = ['version' => $isla->version, 'role' => 'deputy', 'signing_rank' => 2];
        $this->assertRefused($this->browser('PUT', "/people/{$isla->id}", $change, $this->lead()), 423, 'confirm-password');
        $this->confirmed('PUT', "/people/{$isla->id}", $change, $this->lead())->assertOk();

        self::assertSame([Role::Deputy, 2], [$isla->refresh()->role, $isla->signing_rank]);
        $this->assertRefused($this->confirmed('PUT', "/people/{$isla->id}", $change, $this->lead()), 409, 'stale');
        $this->assertRefused($this->confirmed('PUT', "/people/{$isla->id}", ['version' => $isla->version] + $change, $this->deputy()), 403, 'not-allowed');
        $this->assertRefused($this->confirmed('PUT', "/people/{$this->lead()->id}", ['version' => $this->lead()->version] + $change, $this->lead()), 403, 'last-lead');
        self::assertSame('Isla Coade: painter to deputy, signs up to rank 2', LogEntry::query()->where('kind', LogKind::RoleChanged)->firstOrFail()->about);
    }

    public function test_an_ended_account_signs_in_no_more_and_its_marks_stay(): void
    {
        $isla = $this->isla();
        $this->openSessions($isla, ['one']);
        $marks = DB::table('bench_marks')->where('user_id', $isla->id)->count();
        $this->confirmed('DELETE', "/people/{$isla->id}?version={$isla->version}", [], $this->lead())->assertOk();

        self::assertSame([0, $marks], [DB::table('sessions')->where('user_id', $isla->id)->count(), DB::table('bench_marks')->where('user_id', $isla->id)->count()]);
        $this->assertRefused($this->browser('POST', '/session', ['email' => 'isla@kittiwake.example', 'password' => 'lamplight']), 422, 'wrong-password', '/password');
        $this->assertRefused($this->as($isla->refresh(), 'GET', '/jobs'), 401, 'signed-out');
        $this->assertRefused($this->confirmed('DELETE', "/people/{$this->lead()->id}?version={$this->lead()->version}", [], $this->lead()), 403, 'last-lead');
    }

    public function test_a_confirmation_holds_for_a_quarter_of_an_hour(): void
    {
        $isla = $this->isla();
        $change = ['version' => $isla->version, 'role' => 'deputy', 'signing_rank' => 2];
        $this->assertRefused($this->browser('POST', '/account/confirmation', ['password' => 'x'], $this->lead()), 422, 'wrong-password', '/password');
        $this->browser('POST', '/account/confirmation', ['password' => 'lamplight'], $this->lead())->assertOk();
        $this->travel(16)->minutes();
        $this->assertRefused($this->browser('PUT', "/people/{$isla->id}", $change, $this->lead()), 423, 'confirm-password');
    }

    public function test_each_sees_and_ends_own_sessions(): void
    {
        $this->openSessions($this->isla(), ['one', 'two']);
        $this->openSessions($this->jory(), ['three']);
        $sessions = $this->answer($this->isla(), 'GET', '/account')['sessions'];
        self::assertIsArray($sessions);
        self::assertCount(2, $sessions);
        self::assertStringNotContainsString('"one"', (string) json_encode($sessions), 'what opens a session is not shown');
        $theirs = $this->answer($this->jory(), 'GET', '/account')['sessions'];
        self::assertIsArray($theirs);
        self::assertIsArray($theirs[0]);
        self::assertIsArray($sessions[0]);
        self::assertIsString($theirs[0]['key']);
        self::assertIsString($sessions[0]['key']);

        $this->assertRefused($this->browser('DELETE', "/account/sessions/{$theirs[0]['key']}", [], $this->isla()), 404, 'not-found');
        $this->browser('DELETE', "/account/sessions/{$sessions[0]['key']}", [], $this->isla())->assertOk();
        self::assertSame(2, DB::table('sessions')->count());
    }

    public function test_failed_tries_are_counted_for_the_account_and_for_where_they_come_from_each_for_itself(): void
    {
        for ($i = 0; $i < 10; $i++) {
            $this->comingFrom("10.0.0.{$i}")->browser('POST', '/session', ['email' => 'isla@kittiwake.example', 'password' => 'x']);
        }
        $this->assertRefused($this->comingFrom('10.0.0.99')->browser('POST', '/session', ['email' => 'isla@kittiwake.example', 'password' => 'lamplight']), 429, 'too-often');
        $this->comingFrom('10.0.0.99')->browser('POST', '/session', ['email' => 'jory@kittiwake.example', 'password' => 'lamplight'])->assertOk();
        for ($i = 0; $i < 50; $i++) {
            $last = $this->comingFrom('10.0.1.1')->browser('POST', '/session', ['email' => "nobody{$i}@kittiwake.example", 'password' => 'x']);
        }
        $last = $this->comingFrom('10.0.1.1')->browser('POST', '/session', ['email' => 'jory@kittiwake.example', 'password' => 'lamplight']);
        $this->assertRefused($last, 429, 'too-often');
        self::assertGreaterThan(200, (int) $last->headers->get('Retry-After'));
        self::assertStringContainsString('5 minutes', (string) $last->getContent());
    }

    public function test_an_unknown_account_takes_as_long_as_a_wrong_password(): void
    {
        config(['hashing.bcrypt.rounds' => 10]);
        DB::table('users')->where('email', 'isla@kittiwake.example')->update(['password' => password_hash('lamplight', PASSWORD_BCRYPT, ['cost' => 10])]);
        $trying = $this->app->make(SignInTry::class);
        $time = static function (string $email) use ($trying): float {
            $from = microtime(true);
            try {
                $trying->handle($email, 'x', bin2hex(random_bytes(4)));
            } catch (\App\Refusals\NotRight) {
            }

            return microtime(true) - $from;
        };
        $time('nobody@kittiwake.example');
        $median = static function (string $email) use ($time): float {
            $times = array_map(static fn (): float => $time($email), range(1, 7));
            sort($times);

            return $times[3];
        };
        $ratio = $median('nobody@kittiwake.example') / $median('isla@kittiwake.example');

        self::assertGreaterThan(0.5, $ratio);
        self::assertLessThan(2.0, $ratio);
    }

    public function test_the_lead_reads_the_log_by_page_and_nobody_changes_it(): void
    {
        $this->browser('POST', '/session', ['email' => 'isla@kittiwake.example', 'password' => 'x']);
        $this->browser('POST', '/session', ['email' => 'isla@kittiwake.example', 'password' => 'lamplight'])->assertOk();
        $log = $this->answer($this->lead(), 'GET', '/log');
        self::assertIsArray($log['lines']);
        self::assertSame(['signed in', 'sign-in refused'], array_column($log['lines'], 'what'));
        self::assertSame([1, 2], [$log['pages'], $log['all']]);
        $this->assertRefused($this->as($this->deputy(), 'GET', '/log'), 403, 'not-allowed');
        self::assertSame(0, $this->answer($this->stranger(), 'GET', '/log')['all']);

        $this->expectExceptionMessage('The log is only ever added to.');
        DB::table('log_entries')->delete();
    }

    /** Whoever was in the browser before is out of it. */
    protected function as(User $user, string $method, string $path, array $body = []): TestResponse
    {
        $this->flushSession();
        $this->flushHeaders();

        return parent::as($user, $method, $path, $body);
    }

    /** @param  array<string, mixed>  $change */
    private function invite(array $change = []): string
    {
        $link = $this->answer($this->lead(), 'POST', '/invitations', $change + self::SENARA)['link'];
        self::assertIsString($link);

        return basename($link);
    }

    /** @return array{secret: string, address: string, picture: string} */
    private function prepare(User $user): array
    {
        /** @var array{secret: string, address: string, picture: string} */
        return $this->confirmed('POST', '/account/second-factor', [], $user)->assertOk()->json();
    }

    private function withSecondFactor(User $user): void
    {
        $user->update(['second_factor' => Totp::fresh()->base32(), 'second_factor_at' => now(), 'recovery_codes' => []]);
    }

    /** @param  list<string>  $ids */
    private function openSessions(User $user, array $ids): void
    {
        foreach ($ids as $id) {
            DB::table('sessions')->insert(['id' => $id, 'user_id' => $user->id, 'ip_address' => '127.0.0.1', 'user_agent' => 'A browser', 'payload' => '', 'last_activity' => now()->getTimestamp()]);
        }
    }

    private function comingFrom(string $address): self
    {
        return $this->withServerVariables(['REMOTE_ADDR' => $address]);
    }

    /**
     * A request as a page sends it, with a session.
     *
     * @param  array<string, mixed>  $body
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function browser(string $method, string $path, array $body = [], ?User $user = null): TestResponse
    {
        Auth::forgetGuards();
        $test = $user === null ? $this : $this->actingAs($user, 'web');

        return $test->withHeader('Origin', 'http://localhost')->json($method, "/api{$path}", $body);
    }

    public function test_an_invitation_is_mailed_where_a_mail_server_is_set_up_and_stands_without(): void
    {
        config(['mail.default' => 'none']);
        self::assertSame('not-set-up', $this->answer($this->lead(), 'POST', '/invitations', self::SENARA)['mailed']);

        config(['mail.default' => 'array']);
        $sent = $this->answer($this->lead(), 'POST', '/invitations', ['name' => 'Perran Nance', 'email' => 'perran@kittiwake.example'] + self::SENARA);
        self::assertSame('sent', $sent['mailed']);
        self::assertIsString($sent['link']);
        $mailer = $this->app->make(MailManager::class)->mailer();
        assert($mailer instanceof Mailer);
        $transport = $mailer->getSymfonyTransport();
        assert($transport instanceof ArrayTransport);
        $mails = array_values($transport->messages()->map(static fn (mixed $mail): string => $mail instanceof SentMessage ? quoted_printable_decode($mail->toString()) : '')->all());
        self::assertCount(1, $mails);
        self::assertStringContainsString('To: Perran Nance <perran@kittiwake.example>', $mails[0]);
        self::assertStringContainsString($sent['link'], $mails[0]);
        self::assertStringContainsString('Marsali Teague invites you into the studio Kittiwake Row as painter', $mails[0]);

        // A port on which nobody listens.
        config(['mail.default' => 'smtp', 'mail.mailers.smtp.host' => '127.0.0.1', 'mail.mailers.smtp.port' => 9]);
        $failed = $this->answer($this->lead(), 'POST', '/invitations', ['name' => 'Jenifer Nance', 'email' => 'jenifer@kittiwake.example'] + self::SENARA);
        self::assertSame('failed', $failed['mailed']);
        self::assertIsString($failed['link']);
        self::assertSame(3, Invitation::query()->count());
    }

    public function test_the_lead_says_what_somebody_may_do_unsupervised_and_the_bench_follows(): void
    {
        $isla = $this->isla();
        $path = "/people/{$isla->id}/clearances";
        $cleared = fn (): array => array_column($this->sheetFor($isla)['steps'], 'cleared', 'technique');
        self::assertSame([null], array_values(array_unique($cleared(), SORT_REGULAR)), 'where nothing is said, nothing is said');

        $before = $this->answer($this->lead(), 'GET', $path);
        $given = ['version' => $before['version'], 'clearances' => [['technique' => 'base', 'up_to_rank' => 999], ['technique' => 'wash', 'up_to_rank' => 0]]];
        $after = $this->answer($this->lead(), 'PUT', $path, $given);
        self::assertIsArray($after['techniques']);
        self::assertSame(['base' => 999, 'wash' => 0], array_filter(array_column($after['techniques'], 'up_to_rank', 'technique'), static fn (mixed $rank): bool => $rank !== null));
        self::assertSame([true, false, false], [$cleared()['base'], $cleared()['wash'], $cleared()['clean']], 'wash only below the tier of this figure, cleaning not at all');
        self::assertNotContains(false, array_column($this->sheetFor($this->deputy())['steps'], 'cleared'), 'who checks needs nobody beside them');
        self::assertSame(1, LogEntry::query()->where('kind', LogKind::ClearanceChanged)->count());

        $this->assertRefused($this->as($this->lead(), 'PUT', $path, $given), 409, 'stale');
        $unknown = ['version' => $after['version'], 'clearances' => [['technique' => 'base', 'up_to_rank' => 1], ['technique' => 'silvering', 'up_to_rank' => 1]]];
        $this->assertRefused($this->as($this->lead(), 'PUT', $path, $unknown), 422, 'unknown-technique', '/clearances/1/technique');
        $this->assertRefused($this->as($this->isla(), 'PUT', $path, $given), 403, 'not-allowed');
        self::assertSame(2, Clearance::query()->where('user_id', $isla->id)->count(), 'what was refused changed nothing');

        $this->answer($this->lead(), 'PUT', $path, ['version' => $after['version'], 'clearances' => []]);
        self::assertSame([null], array_values(array_unique($cleared(), SORT_REGULAR)));
    }

    /** @return array{steps: list<array{technique: string, cleared: bool|null}>} */
    private function sheetFor(User $person): array
    {
        $sheets = $this->benchOf($person);
        self::assertIsString($sheets[0]['key']);

        /** @var array{steps: list<array{technique: string, cleared: bool|null}>} */
        return $this->answer($person, 'GET', "/jobs/{$this->job()->id}/bench-sheets/{$sheets[0]['key']}");
    }

    /**
     * By somebody who said the password just now.
     *
     * @param  array<string, mixed>  $body
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function confirmed(string $method, string $path, array $body, User $user): TestResponse
    {
        $this->flushSession();
        $this->withSession(['password_confirmed_at' => now()->getTimestamp()]);
        $response = $this->browser($method, $path, $body, $user);
        $this->flushSession();

        return $response;
    }
}
