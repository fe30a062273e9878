<?php

declare(strict_types=1);

namespace Tests\Feature;

final class SessionTest extends TestCase
{
    public function test_name_and_password_open_a_session(): void
    {
        $this->withHeader('Origin', 'http://localhost')->postJson('/api/session', ['email' => 'Lead@Kittiwake.example', 'password' => 'lamplight'])
            ->assertOk()->assertJsonPath('user.role', 'lead')->assertJsonPath('studio.name', 'Kittiwake Row')->assertJsonPath('waiting.checks', 6);
        $this->withHeader('Origin', 'http://localhost')->getJson('/api/session')->assertOk();
    }

    public function test_a_wrong_password_says_so_and_not_which_of_the_two_was_wrong(): void
    {
        $wrong = $this->withHeader('Origin', 'http://localhost')->postJson('/api/session', ['email' => 'lead@kittiwake.example', 'password' => 'x']);
        $nobody = $this->withHeader('Origin', 'http://localhost')->postJson('/api/session', ['email' => 'nobody@kittiwake.example', 'password' => 'x']);

        $this->assertRefused($wrong, 422, 'wrong-password', '/password');
        self::assertSame($wrong->getContent(), $nobody->getContent());
    }

    public function test_signing_in_often_is_no_offence(): void
    {
        for ($i = 0; $i < 12; $i++) {
            $this->withHeader('Origin', 'http://localhost')->postJson('/api/session', ['email' => 'lead@kittiwake.example', 'password' => 'lamplight'])->assertOk();
        }
    }

    public function test_trying_too_often_is_stopped(): void
    {
        for ($i = 0; $i < 10; $i++) {
            $this->withHeader('Origin', 'http://localhost')->postJson('/api/session', ['email' => 'lead@kittiwake.example', 'password' => 'x']);
        }
        $this->assertRefused($this->withHeader('Origin', 'http://localhost')->postJson('/api/session', ['email' => 'lead@kittiwake.example', 'password' => 'lamplight']), 429, 'too-often');
    }

    public function test_an_empty_form_names_each_field(): void
    {
        $response = $this->withHeader('Origin', 'http://localhost')->postJson('/api/session', []);

        $this->assertRefused($response, 422, 'invalid');
        self::assertSame(['/email', '/password'], array_column((array) $response->json('error.problems'), 'path'));
    }

    public function test_nothing_is_shown_to_who_is_not_signed_in(): void
    {
        foreach (['/api/session', '/api/jobs', '/api/standards', '/api/chain'] as $path) {
            $this->assertRefused($this->getJson($path), 401, 'signed-out');
        }
    }

    public function test_each_sees_what_waits_for_them(): void
    {
        $lead = $this->answer($this->lead(), 'GET', '/today');
        $isla = $this->answer($this->isla(), 'GET', '/today');

        self::assertCount(6, (array) $lead['checks']);
        self::assertSame([], $isla['checks']);
        self::assertSame(['1st Lamplighters', '2nd Lamplighters', 'Quay watch', 'Sea troll'], array_column((array) $isla['bench'], 'unit'));
    }

    public function test_an_address_that_leads_nowhere_is_404_in_the_same_form(): void
    {
        $this->assertRefused($this->as($this->lead(), 'GET', '/nothing'), 404, 'not-found');
        $this->assertRefused($this->as($this->lead(), 'GET', '/jobs/999999'), 404, 'not-found');
        $this->assertRefused($this->as($this->lead(), 'GET', '/jobs/abc'), 404, 'not-found');
    }
}
