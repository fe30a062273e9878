<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Fault;
use App\Models\Figure;
use App\Models\Studio;
use App\Models\User;
use Core\Plan\FigureState;
use Core\Record\CanonicalJson;
use Document\Standard\PieceKind;
use Illuminate\Database\QueryException;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

/**
 * @phpstan-import-type CheckData from CheckTestCase
 * @phpstan-import-type Item from CheckTestCase
 */
final class CheckTest extends CheckTestCase
{
    public function test_painters_do_not_check_and_nobody_checks_own_work(): void
    {
        $figure = $this->figure('1st Lamplighters', 2);
        $this->assertRefused($this->as($this->isla(), 'POST', "/figures/{$figure->id}/checks"), 403, 'not-allowed');

        // The lead lends a hand: from then on the lead is one of its painters.
        $helped = $this->figure('1st Lamplighters', 9);
        $this->answer($this->lead(), 'POST', '/bench-marks', ['figures' => $this->seen([$helped->id], 'figure', 'clean'), 'area' => 'figure', 'use' => 'clean', 'state' => 'done']);
        DB::table('figures')->where('id', $helped->id)->update(['state' => 'to-check']);
        $this->assertRefused($this->as($this->lead(), 'POST', "/figures/{$helped->id}/checks"), 403, 'own-work');
        $this->answer($this->deputy(), 'POST', "/figures/{$helped->id}/checks");
    }

    public function test_a_figure_that_is_not_handed_over_is_not_checked(): void
    {
        $this->assertRefused($this->as($this->deputy(), 'POST', '/figures/'.$this->figure('1st Lamplighters', 9)->id.'/checks'), 403, 'not-to-check');
    }

    public function test_passing_every_side_answers_all_that_is_not_asked_one_by_one(): void
    {
        $check = $this->open();
        foreach ($check['sides'] as $side) {
            $check = $this->act($check, 'sides', ['side' => $side]);
        }
        $open = array_values(array_filter($check['items'], static fn (array $item): bool => $item['answer'] === null));

        self::assertNotSame([], $open);
        self::assertNotContains(null, array_column($open, 'alone'));
        self::assertFalse($check['may_sign']);
    }

    public function test_nothing_answered_is_lost_and_the_check_goes_on_where_it_was(): void
    {
        $check = $this->act($this->open(), 'answers', ['area' => 'face', 'criterion' => 'face-read', 'answer' => 'holds', 'side' => 'front']);
        $again = $this->open();

        self::assertSame([$check['id'], $check['version']], [$again['id'], $again['version']]);
        self::assertSame('holds', $this->item($again, 'face', 'face-read')['answer']);
    }

    public function test_a_criterion_that_does_not_hold_carries_its_own_severity_and_something_not_done_is_critical(): void
    {
        $check = $this->act($this->open(), 'answers', ['area' => 'face', 'criterion' => 'face-read', 'answer' => 'does-not-hold', 'side' => 'front']);
        self::assertSame(['minor', 'accept'], [$check['faults'][0]['severity'], $check['verdict']]);

        $check = $this->act($check, 'answers', ['area' => 'boots', 'criterion' => 'leather-cover', 'answer' => 'not-done', 'side' => 'front']);
        self::assertSame(['critical', 'rework'], [$check['faults'][1]['severity'], $check['verdict']]);
    }

    public function test_a_flaw_is_weighed_at_the_tiers_distance(): void
    {
        // Muster looks from 900 mm and notices from 3 minutes of arc: 0.785 mm.
        $check = $this->open();
        foreach ([['boots', 0.78, 'none'], ['boots', 0.79, 'minor'], ['face', 0.79, 'major'], ['boots', 2.36, 'major']] as $i => [$area, $size, $severity]) {
            $check = $this->act($check, 'flaws', ['flaw' => 'patch', 'area' => $area, 'side' => 'front', 'size_mm' => $size]);
            self::assertSame($severity, $check['faults'][$i]['severity'], "{$size} mm on {$area}");
        }
        self::assertSame(['critical' => 0, 'major' => 2, 'minor' => 1], $check['counts']);
    }

    public function test_a_flaw_on_a_side_that_does_not_count_is_noted_and_not_counted(): void
    {
        $check = $this->act($this->open(), 'flaws', ['flaw' => 'patch', 'area' => 'boots', 'side' => 'below', 'size_mm' => 9]);

        self::assertSame(['none', 'accept'], [$check['faults'][0]['severity'], $check['verdict']]);
    }

    public function test_undo_takes_back_the_last_deed_whatever_it_was(): void
    {
        $start = $this->open();
        $check = $this->act($start, 'sides', ['side' => 'right']);
        $check = $this->act($check, 'flaws', ['flaw' => 'broken', 'area' => 'lamp pole', 'side' => 'right']);
        self::assertSame('rework', $check['verdict']);
        $check = $this->act($check, 'undo');
        self::assertSame([[], 'accept', ['right']], [$check['faults'], $check['verdict'], $check['passed']]);
        $check = $this->act($check, 'undo');
        self::assertSame([$start['open'], [], null], [$check['open'], $check['passed'], $check['undo']]);
        $this->assertRefused($this->as($this->deputy(), 'POST', "/checks/{$check['id']}/undo", ['version' => $check['version']]), 403, 'nothing-to-undo');
    }

    public function test_a_later_answer_replaces_an_earlier_one_and_undo_brings_it_back(): void
    {
        $answer = ['area' => 'face', 'criterion' => 'face-read', 'side' => 'front'];
        $check = $this->act($this->open(), 'answers', $answer + ['answer' => 'does-not-hold']);
        $check = $this->act($check, 'answers', $answer + ['answer' => 'holds']);
        self::assertSame([], $check['faults']);
        self::assertCount(1, $this->act($check, 'undo')['faults']);
    }

    public function test_a_flaw_is_taken_away_again(): void
    {
        $check = $this->act($this->open(), 'flaws', ['flaw' => 'stray-dot', 'area' => 'face', 'side' => 'front', 'size_mm' => 2]);
        /** @var CheckData $gone */
        $gone = $this->answer($this->deputy(), 'DELETE', "/checks/{$check['id']}/flaws/{$check['faults'][0]['id']}?version={$check['version']}");

        self::assertSame([], $gone['faults']);
        self::assertCount(1, $this->act($gone, 'undo')['faults']);
    }

    public function test_two_people_answering_one_check_lose_nothing(): void
    {
        $check = $this->open();
        $this->act($check, 'answers', ['area' => 'face', 'criterion' => 'face-read', 'answer' => 'holds', 'side' => 'front'], $this->lead());
        $late = $this->as($this->deputy(), 'POST', "/checks/{$check['id']}/answers", ['version' => $check['version'], 'area' => 'face', 'criterion' => 'face-read', 'answer' => 'does-not-hold', 'side' => 'front']);

        $this->assertRefused($late, 409, 'stale');
        $late->assertJsonPath('now.version', $check['version'] + 1);
        self::assertSame('holds', $this->item($this->open(), 'face', 'face-read')['answer']);
    }

    public function test_wrong_input_is_refused_at_its_place(): void
    {
        $check = $this->open();
        $send = /** @param  array<string, mixed>  $body */ fn (string $deed, array $body) => $this->as($this->deputy(), 'POST', "/checks/{$check['id']}/{$deed}", $body + ['version' => $check['version']]);

        $this->assertRefused($send('answers', ['area' => 'face', 'criterion' => 'none', 'answer' => 'holds']), 422, 'unknown-item', '/criterion');
        $this->assertRefused($send('answers', ['area' => 'face', 'criterion' => 'face-read', 'answer' => 'perhaps']), 422, 'invalid', '/answer');
        $this->assertRefused($send('answers', ['area' => 'face', 'criterion' => 'face-read', 'answer' => 'not-on-figure']), 422, 'no-reason', '/reason');
        $this->assertRefused($send('sides', ['side' => 'below']), 422, 'side-not-counted', '/side');
        $this->assertRefused($send('flaws', ['flaw' => 'patch', 'area' => 'face', 'side' => 'front']), 422, 'invalid', '/size_mm');
        $this->assertRefused($send('flaws', ['flaw' => 'patch', 'area' => 'face', 'side' => 'front', 'size_mm' => -1]), 422, 'invalid', '/size_mm');
        $this->assertRefused($send('flaws', ['flaw' => 'patch', 'area' => 'wings', 'side' => 'front', 'size_mm' => 1]), 422, 'unknown-area', '/area');
        self::assertSame($check['version'], $this->open()['version']);
    }

    public function test_a_good_figure_cannot_be_sent_back_and_an_unfinished_check_not_signed(): void
    {
        $check = $this->open();

        $this->assertRefused($this->as($this->deputy(), 'POST', "/checks/{$check['id']}/refusal", ['version' => $check['version']]), 403, 'nothing-to-rework');
        $this->assertRefused($this->as($this->deputy(), 'POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]), 403, 'items-open');
    }

    public function test_a_faulty_figure_is_refused_mended_checked_again_and_signed(): void
    {
        $check = $this->finish($this->open());
        $check = $this->act($check, 'flaws', ['flaw' => 'broken', 'area' => 'lamp pole', 'side' => 'left', 'note' => 'snapped at the hand']);
        $this->assertRefused($this->as($this->deputy(), 'POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]), 403, 'verdict-rework');
        $this->act($check, 'refusal');
        $figure = $this->figure('1st Lamplighters', 2);
        self::assertSame(FigureState::Refused, $figure->state);

        $this->assertRefused($this->as($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]), 403, 'faults-left');
        $fault = Fault::query()->where('kind', 'broken')->firstOrFail();
        $this->assertRefused($this->as($this->jory(), 'POST', "/faults/{$fault->id}/mending"), 403, 'not-your-figure');
        $mend = $this->answer($this->isla(), 'POST', "/faults/{$fault->id}/mending", ['note' => 'pinned']);
        self::assertSame(0, $mend['to_mend']);
        self::assertSame(FigureState::Mended, $figure->refresh()->state);
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]);

        $second = $this->open();
        self::assertSame(2, $second['round']);
        // The pole borders on the hands and the lamp cage; the figure as a whole borders on everything.
        $again = array_values(array_unique(array_map(static fn (array $item): string => $item['area'], array_filter($second['items'], static fn (array $item): bool => $item['answer'] === null))));
        self::assertEqualsCanonicalizing(['lamp pole', 'hands', 'lamp cage', 'figure'], $again);
        self::assertTrue($this->item($second, 'face', 'face-read')['stands']);

        $this->assertRefused($this->as($this->deputy(), 'POST', "/checks/{$second['id']}/undo", ['version' => $second['version']]), 403, 'nothing-to-undo');
        $signed = $this->finish($second);
        self::assertSame([[], 'accept', true], [$signed['faults'], $signed['verdict'], $signed['may_sign']]);
        $this->as($this->deputy(), 'POST', "/checks/{$signed['id']}/sign-off", ['version' => $signed['version']])->assertCreated();
        self::assertSame(FigureState::Signed, $figure->refresh()->state);
    }

    public function test_what_failed_before_is_asked_one_by_one(): void
    {
        $check = $this->act($this->open(), 'answers', ['area' => 'boots', 'criterion' => 'leather-cover', 'answer' => 'not-done', 'side' => 'front']);
        $this->act($check, 'refusal');
        $fault = Fault::query()->firstOrFail();
        $this->answer($this->isla(), 'POST', "/faults/{$fault->id}/mending");
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$this->figure('1st Lamplighters', 2)->id]]);

        self::assertSame('failed before on this figure', $this->item($this->open(), 'boots', 'leather-cover')['alone']);
    }

    public function test_the_lead_alone_waives_with_who_agreed_and_why_and_it_is_a_concession(): void
    {
        $check = $this->finish($this->open());
        $check = $this->act($check, 'flaws', ['flaw' => 'broken', 'area' => 'lamp pole', 'side' => 'left']);
        $waive = /** @param  array<string, mixed>  $body */ fn (User $user, array $body) => $this->as($user, 'POST', "/faults/{$check['faults'][0]['id']}/waiver", $body + ['version' => $check['faults'][0]['version']]);

        $this->assertRefused($waive($this->deputy(), ['agreed_with' => 'client', 'reason' => 'wanted so']), 403, 'not-allowed');
        $this->assertRefused($waive($this->lead(), ['agreed_with' => 'client', 'reason' => '']), 422, 'invalid', '/reason');
        $waive($this->lead(), ['agreed_with' => 'the harbour office', 'reason' => 'broken pole wanted'])->assertOk()->assertJsonPath('verdict', 'concession')->assertJsonPath('faults.0.severity', 'none');
        $this->assertRefused($waive($this->lead(), ['agreed_with' => 'x', 'reason' => 'y']), 409, 'stale');

        $now = $this->open();
        $this->as($this->deputy(), 'POST', "/checks/{$now['id']}/sign-off", ['version' => $now['version']])->assertCreated()->assertJsonPath('record.verdict.is', 'concession');
    }

    public function test_a_deputy_signs_up_to_a_tier(): void
    {
        $figure = $this->figure('1st Lamplighters', 3);
        DB::table('users')->where('id', $this->deputy()->id)->update(['signing_rank' => 0]);
        $check = $this->finish($this->open($figure), $this->deputy());

        self::assertFalse($check['may_sign']);
        $this->assertRefused($this->as($this->deputy(), 'POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]), 403, 'above-signing-tier');
        $this->as($this->lead(), 'POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']])->assertCreated();
    }

    public function test_where_the_studio_allows_it_own_work_is_checked_and_the_record_says_so(): void
    {
        Studio::query()->whereKey($this->lead()->studio_id)->update(['allows_self_check' => true]);
        $unit = $this->unit('1st Lamplighters');
        DB::table('units')->where('id', $unit->id)->update(['painter_id' => $this->lead()->id]);
        $check = $this->finish($this->open(null, $this->lead()), $this->lead());

        $this->as($this->lead(), 'POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']])->assertCreated()->assertJsonPath('record.signed.self_checked', true);
    }

    public function test_the_record_says_who_when_by_what_and_every_answer_and_is_sealed(): void
    {
        $signOff = $this->signed();
        $record = $signOff->record;
        $decoded = json_decode($record, true, 512, JSON_THROW_ON_ERROR);
        self::assertIsArray($decoded);

        self::assertSame(hash('sha256', $record), $signOff->hash);
        self::assertSame($record, CanonicalJson::encode(json_decode($record)));
        self::assertSame([1, str_repeat('0', 64), '2026.1', 'Muster', 'Ruan Petherick'], array_map(static fn (string $path): mixed => Arr::get($decoded, $path), ['number', 'previous', 'standard.version', 'tier.name', 'signed.by']));
        self::assertSame(['Isla Coade'], $decoded['painters']);
        $answers = Arr::get($decoded, 'rounds.0.answers');
        self::assertIsArray($answers);
        self::assertCount(21, $answers);
        self::assertSame('Features can be read.', Arr::get($answers, '0.text'));
    }

    public function test_records_are_chained(): void
    {
        $first = $this->signed();
        $second = $this->signed($this->figure('1st Lamplighters', 3));

        self::assertSame([2, $first->hash], [$second->number, $second->previous]);
        self::assertSame([2, true], [$this->verified($this->isla())['records'], $this->verified($this->isla())['holds']]);
    }

    public function test_a_later_change_of_the_standard_does_not_touch_a_record(): void
    {
        $signOff = $this->signed();
        $this->rewriteCriteria(static fn (array $criterion): array => ['text' => 'Something else altogether.'] + $criterion);
        $this->rewrite(PieceKind::Tier, static fn (array $tier): array => ['name' => 'Renamed'] + $tier);

        self::assertSame('Muster', Arr::get($this->answer($this->isla(), 'GET', "/sign-offs/{$signOff->id}"), 'record.tier.name'));
        self::assertTrue($this->verified($this->isla())['holds']);
    }

    public function test_the_database_refuses_to_change_or_delete_what_is_signed(): void
    {
        $signOff = $this->signed();
        $check = $signOff->check_id;
        $attempts = [
            'UPDATE sign_offs SET record = "{}"', 'DELETE FROM sign_offs',
            "UPDATE figures SET state = 'painting' WHERE id = {$signOff->figure_id}", "DELETE FROM figures WHERE id = {$signOff->figure_id}",
            "UPDATE checks SET state = 'open' WHERE id = {$check}", "UPDATE check_actions SET undone_at = NOW() WHERE check_id = {$check}",
            "DELETE FROM check_answers WHERE check_action_id IN (SELECT id FROM check_actions WHERE check_id = {$check})",
            "DELETE FROM bench_marks WHERE figure_id = {$signOff->figure_id}",
        ];
        $refused = 0;
        foreach ($attempts as $attempt) {
            try {
                DB::statement($attempt);
            } catch (QueryException $exception) {
                $refused += (int) str_contains($exception->getMessage(), 'A signed record cannot be changed.');
            }
        }
        self::assertSame(count($attempts), $refused);
    }

    public function test_a_signed_figure_cannot_change_through_the_application(): void
    {
        $figure = $this->signed()->figure()->firstOrFail();

        $this->assertRefused($this->as($this->lead(), 'PATCH', '/figures', ['figures' => [['id' => $figure->id, 'version' => $figure->version]], 'tier' => 'guard']), 403, 'signed');
        $this->assertRefused($this->as($this->isla(), 'POST', '/bench-marks', ['figures' => $this->seen([$figure->id], 'figure', 'clean'), 'area' => 'figure', 'use' => 'clean', 'state' => 'taken-back']), 403, 'not-at-the-bench');
        $this->assertRefused($this->as($this->lead(), 'POST', "/figures/{$figure->id}/checks"), 403, 'signed');
    }

    public function test_an_altered_record_is_found(): void
    {
        $this->signed();
        DB::statement('DROP TRIGGER sign_offs_update');
        try {
            DB::statement('UPDATE sign_offs SET record = REPLACE(record, \'"accept"\', \'"concession"\')');
            $chain = $this->verified($this->isla());
        } finally {
            DB::unprepared("CREATE TRIGGER sign_offs_update BEFORE UPDATE ON sign_offs FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'A signed record cannot be changed.'");
        }

        self::assertFalse($chain['holds']);
        self::assertStringContainsString('Record 1 was altered', (string) json_encode($chain['faults']));
        $this->refreshAfterDdl();
    }

    /** Changes of triggers end the transaction that a test is undone with; the next test begins on a fresh database. */
    private function refreshAfterDdl(): void
    {
        \Illuminate\Foundation\Testing\RefreshDatabaseState::$migrated = false;
    }
}
