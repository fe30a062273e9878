<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Invitation;
use App\Models\Proposal;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Arr;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Who may use which address, written down once for all of them and tried with each role. */
final class RoleTest extends DescribedTestCase
{
    /** Who has no account yet, or is not signed in. */
    private const ANYBODY = [
        'POST /session',
        'GET /invitations/{token}',
        'POST /invitations/{token}',
        'GET /calendars/{token}',
        'GET /offers/{token}',
        'GET /offers/{token}/paper',
        'POST /offers/{token}/agreement',
    ];

    /** Lead, deputy and painter. */
    private const EVERYBODY = [
        'GET /session',
        'DELETE /session',
        'GET /ping',
        'GET /account',
        'PUT /account/password',
        'POST /account/confirmation',
        'DELETE /account/sessions/{session}',
        'POST /account/second-factor',
        'PUT /account/second-factor',
        'DELETE /account/second-factor',
        'GET /today',
        'GET /found',
        'GET /standards',
        'GET /standards/{standardVersion}',
        'GET /standards/{standardVersion}/document',
        'GET /standards/{standardVersion}/matrix',
        'GET /standards/{standardVersion}/plates',
        'GET /standards/{standardVersion}/extents',
        'GET /standards/{standardVersion}/lies-among',
        'GET /standards/{standardVersion}/difference',
        'GET /standards/{standardVersion}/raise',
        'GET /ladders',
        'GET /vocabulary',
        'GET /proposals',
        'POST /jobs/{job}/proposals',
        'GET /figure-types',
        'GET /figure-types/{figureType}',
        'GET /figure-types/{figureType}/maps',
        'GET /figure-types/{figureType}/maps/{side}',
        'GET /figure-types/{figureType}/outlines',
        'GET /figure-pictures/{picture}',
        'GET /jobs/{job}/figure-types',
        'GET /paints',
        'GET /paint-needs',
        'GET /paint-list',
        'GET /starter-paints',
        'GET /paints/{paint}/substitutes',
        'POST /colour-trials',
        'GET /schemes',
        'GET /schemes/{scheme}',
        'GET /schemes/{scheme}/plates',
        'POST /schemes/{scheme}/proof-sheet',
        'GET /papers/{paper}',
        'GET /papers/{paper}/file',
        'GET /schemes/{scheme}/picture',
        'GET /units/{unit}/code',
        'GET /units/{unit}/estimate',
        'GET /jobs/{job}/groupings',
        'GET /people',
        'GET /scheme-rules',
        'GET /jobs',
        'GET /jobs/{job}',
        'GET /jobs/{job}/figures',
        'GET /figures/{figure}/layers',
        'GET /jobs/{job}/own-lists/{tier}',
        'GET /mishap-kinds',
        'GET /figures/{figure}/mishap-repair',
        'POST /figures/{figure}/mishaps',
        'POST /mishaps/{mishap}/end',
        'GET /jobs/{job}/schools',
        'GET /jobs/{job}/schools/{question}',
        'GET /jobs/{job}/plan',
        'GET /plan',
        'GET /hours',
        'PUT /people/{user}/hours',
        'GET /calendar-link',
        'POST /calendar-link',
        'DELETE /calendar-link',
        'PUT /jobs/{job}/mixes',
        'GET /jobs/{job}/bench-sheets/{key}',
        'GET /bench-sheets',
        'POST /bench-marks',
        'POST /further-coats',
        'GET /bench-runs',
        'GET /jobs/{job}/bench-sheets/{key}/at-hand',
        'POST /bench-clock',
        'DELETE /bench-clock',
        'PATCH /worked-times/{workedTime}',
        'POST /hand-overs',
        'GET /checks/{check}',
        'GET /figures/{figure}/faults',
        'GET /faults/{fault}/repair',
        'POST /faults/{fault}/mending',
        'GET /sign-offs',
        'GET /signed-weeks',
        'GET /sign-offs/{signOff}',
        'GET /chain',
        'POST /chain/verifications',
        'GET /chain/head',
    ];

    /** Lead and deputy. */
    private const CHECKERS = [
        'POST /standards/{standardVersion}/comparison',
        'POST /jobs/{job}/kept-mixes',
        'GET /people/{user}/clearances',
        'GET /checks',
        'POST /figures/{figure}/checks',
        'POST /checks/{check}/answers',
        'POST /checks/{check}/sides',
        'POST /checks/{check}/flaws',
        'DELETE /checks/{check}/flaws/{fault}',
        'POST /checks/{check}/undo',
        'POST /checks/{check}/refusal',
        'POST /checks/{check}/sign-off',
    ];

    /** The lead alone. */
    private const LEAD = [
        'GET /standards/{standardVersion}/jobs',
        'GET /standards/{standardVersion}/draft',
        'POST /standards',
        'DELETE /standards/{standardVersion}',
        'POST /standards/{standardVersion}/changes',
        'POST /standards/{standardVersion}/previews',
        'POST /standards/{standardVersion}/columns',
        'POST /standards/{standardVersion}/hours',
        'POST /standards/{standardVersion}/undo',
        'POST /standards/{standardVersion}/redo',
        'POST /standards/{standardVersion}/in-force',
        'POST /standard-file-previews',
        'POST /standard-files',
        'POST /jobs/{job}/move',
        'POST /proposals/{proposal}/answer',
        'POST /figure-types',
        'POST /figure-types/area-list',
        'POST /figure-types/outline',
        'POST /figure-types/measurement',
        'POST /figure-pictures',
        'PUT /figure-types/{figureType}',
        'PUT /figure-types/{figureType}/retired',
        'POST /jobs/{job}/figure-types/{figureType}',
        'POST /jobs/{job}/figure-types/{figureType}/known-areas',
        'POST /jobs/{job}/budget',
        'GET /jobs/{job}/effort',
        'PUT /jobs/{job}/effort',
        'PUT /jobs/{job}/mix',
        'POST /paints',
        'POST /swatch-readings',
        'POST /paint-files',
        'PUT /paints/{paint}',
        'POST /paints/{paint}/substitution',
        'POST /schemes',
        'PUT /schemes/{scheme}',
        'POST /schemes/{scheme}/areas',
        'POST /schemes/next-step',
        'POST /schemes/{scheme}/area-previews',
        'POST /schemes/{scheme}/recipes',
        'POST /schemes/{scheme}/recipe-readings',
        'POST /schemes/{scheme}/picture',
        'POST /schemes/{scheme}/picture-points',
        'POST /schemes/{scheme}/departures',
        'PUT /schemes/{scheme}/acceptances',
        'DELETE /schemes/{scheme}/acceptances',
        'PUT /scheme-areas/{schemeArea}',
        'DELETE /scheme-areas/{schemeArea}',
        'PUT /people/{user}',
        'DELETE /people/{user}',
        'PUT /people/{user}/clearances',
        'GET /invitations',
        'POST /invitations',
        'DELETE /invitations/{invitation}',
        'GET /log',
        'PUT /studio',
        'PUT /scheme-rules',
        'POST /jobs',
        'POST /jobs/{job}/roster-preview',
        'POST /jobs/{job}/roster',
        'POST /jobs/{job}/own-lists',
        'PUT /jobs/{job}/own-lists',
        'PUT /jobs/{job}/schools',
        'PUT /jobs/{job}/wishes',
        'PUT /jobs/{job}/promise',
        'PUT /jobs/{job}/aside',
        'PATCH /units/{unit}',
        'PUT /jobs/{job}',
        'DELETE /jobs/{job}',
        'PUT /units/{unit}',
        'PUT /units/{unit}/type',
        'PUT /figures/{figure}/name',
        'POST /units/{unit}/figures',
        'POST /units/{unit}/removals',
        'PUT /units/{unit}/place',
        'POST /units/{unit}/moves',
        'POST /units/{unit}/lacking',
        'PUT /units/{unit}/finished',
        'GET /sign-offs/{signOff}/raise',
        'POST /raises',
        'GET /jobs/{job}/painters',
        'PUT /units/{unit}/area-tiers',
        'PUT /units/{unit}/area-schools',
        'POST /units/{unit}/waivers',
        'POST /units/{unit}/additions',
        'GET /jobs/{job}/quotes',
        'POST /jobs/{job}/quote-previews',
        'POST /jobs/{job}/quotes',
        'GET /quotes/{quote}',
        'GET /quotes/{quote}/paper',
        'GET /quotes/{quote}/table',
        'POST /quotes/{quote}/withdrawal',
        'GET /units/{unit}/further-uses',
        'POST /units/{unit}/not-asked',
        'PUT /units/{unit}/choices',
        'POST /variations/{variation}/taking-back',
        'PATCH /jobs/{job}/rows',
        'POST /jobs/{job}/silences',
        'POST /jobs/{job}/groupings',
        'PUT /groupings/{grouping}',
        'DELETE /groupings/{grouping}',
        'GET /jobs/{job}/changes',
        'POST /job-changes/{change}/taking-back',
        'PATCH /figures',
        'POST /faults/{fault}/waiver',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->known['proposal'] = Proposal::query()->create(['standard_version_id' => $this->known['standardVersion'], 'user_id' => $this->isla()->id, 'tier' => 'guard', 'surface' => 'cloth', 'text' => 'More light.'])->id;
        $this->known['invitation'] = Invitation::query()->create(['token_hash' => str_repeat('0', 64), 'name' => 'N', 'email' => 'n@kittiwake.example', 'role' => 'painter', 'invited_by' => $this->lead()->id, 'expires_at' => now()->addDay()])->id;
    }

    public function test_every_address_stands_in_the_table(): void
    {
        $addresses = array_map(static fn (array $operation): string => "{$operation[0]} {$operation[1]}", $this->operations());

        self::assertEqualsCanonicalizing($addresses, [...self::ANYBODY, ...self::EVERYBODY, ...self::CHECKERS, ...self::LEAD]);
    }

    public function test_each_role_is_let_in_where_the_table_says_so_and_nowhere_else(): void
    {
        foreach ([[Role::Lead, $this->lead()], [Role::Deputy, $this->deputy()], [Role::Painter, $this->isla()]] as [$role, $person]) {
            foreach ($this->operations() as [$method, $path, $operation]) {
                $response = $this->asked($person, $method, $path, $operation);
                $turnedAway = $response->getStatusCode() === 403 && $response->json('error.code') === 'not-allowed';
                self::assertSame(! $this->mayUse($role, "{$method} {$path}"), $turnedAway, "{$role->value}: {$method} {$path}: {$response->getStatusCode()} ".mb_strimwidth((string) $response->getContent(), 0, 300));
                self::assertNotSame(401, $response->getStatusCode(), "{$role->value}: {$method} {$path}");
                $this->assertDescribed($operation, $response);
            }
        }
    }

    public function test_who_is_not_signed_in_reaches_nothing_but_the_way_in(): void
    {
        foreach ($this->operations() as [$method, $path, $operation]) {
            $response = $this->asked(null, $method, $path, $operation);
            $open = in_array("{$method} {$path}", self::ANYBODY, true);
            self::assertSame(! $open, $response->getStatusCode() === 401, "{$method} {$path}: {$response->getStatusCode()}");
            $this->assertDescribed($operation, $response);
        }
    }

    private function mayUse(Role $role, string $address): bool
    {
        return match (true) {
            in_array($address, [...self::ANYBODY, ...self::EVERYBODY], true) => true,
            in_array($address, self::CHECKERS, true) => $role !== Role::Painter,
            default => $role === Role::Lead,
        };
    }

    /**
     * @param  array<string, mixed>  $operation
     * @return TestResponse<Response>
     */
    private function asked(?User $person, string $method, string $path, array $operation): TestResponse
    {
        $schema = Arr::get($operation, 'requestBody.content.application/json.schema');
        $body = is_array($schema) ? (array) $this->filled($schema) : [];

        return $this->apart(function () use ($person, $method, $path, $body): TestResponse {
            $this->flushSession();
            if ($person === null) {
                return $this->json($method, '/api'.$this->address($path), $body);
            }
            $this->withSession(['password_confirmed_at' => now()->getTimestamp()]);

            return $this->actingAs($person, 'web')->json($method, '/api'.$this->address($path), $body, ['Origin' => 'http://localhost']);
        });
    }
}
