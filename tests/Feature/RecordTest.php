<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Models\BenchMark;
use App\Models\Fault;
use App\Models\Figure;
use App\Models\JobRequirement;
use App\Models\StandardPiece;
use App\Models\Studio;
use Core\Plan\FigureState;
use Document\Standard\PieceKind;
use Illuminate\Support\Arr;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * What a record says is what happened, in the words that stood.
 *
 * @phpstan-import-type CheckData from CheckTestCase
 */
final class RecordTest extends CheckTestCase
{
    public function test_a_record_names_who_agreed_to_the_waiver_of_its_own_figure(): void
    {
        [$one, $other] = [$this->figure('1st Lamplighters', 9), $this->figure('1st Lamplighters', 10)];
        $this->waive(null, 'the unit together');
        $this->waive($one, 'client of nine');
        $this->waive($other, 'client of ten');
        $this->paintAll($one);

        $leftOut = Arr::get($this->recordOf($one), 'left_out');
        self::assertIsArray($leftOut);
        self::assertSame([['boots', 'client of nine', false]], array_map(static fn (mixed $waiver): array => is_array($waiver) ? [$waiver['area'], $waiver['agreed_with'], $waiver['whole_unit']] : [], $leftOut));
    }

    public function test_a_line_of_the_list_says_tier_verdict_and_checks_as_the_record_does(): void
    {
        $record = $this->signed();
        $row = Arr::array($this->answer($this->isla(), 'GET', '/sign-offs'), 'rows.0');
        /** @var array{tier: array{name: string}, verdict: array{is: string}, rounds: list<mixed>} $said */
        $said = json_decode($record->record, true, flags: JSON_THROW_ON_ERROR);

        self::assertSame([$said['tier']['name'], $said['verdict']['is'], count($said['rounds'])], [$row['tier'], $row['verdict'], $row['checks']]);
    }

    public function test_what_is_signed_is_counted_week_by_week_from_monday_in_the_studios_zone(): void
    {
        Carbon::setTestNow('2026-12-09 12:00:00');
        Studio::query()->whereKey($this->lead()->studio_id)->update(['time_zone' => 'Pacific/Auckland']);
        $sign = function (int $number, string $at, int $round, string $verdict): void {
            $figure = $this->figure('2nd Lamplighters', $number);
            $check = DB::table('checks')->insertGetId(['studio_id' => $figure->studio_id, 'figure_id' => $figure->id, 'round' => $round, 'signature' => '', 'opened_by' => $this->deputy()->id, 'state' => 'open']);
            DB::table('sign_offs')->insert(['studio_id' => $figure->studio_id, 'figure_id' => $figure->id, 'check_id' => $check, 'signed_by' => $this->deputy()->id, 'number' => $number, 'previous' => '', 'hash' => '', 'record' => json_encode(['verdict' => ['is' => $verdict]], JSON_THROW_ON_ERROR), 'signed_at' => $at]);
        };
        // In Auckland, thirteen hours ahead, Monday the seventh begins at 11 o'clock on Sunday.
        $sign(1, '2026-12-06 10:59:59', 1, 'accept');
        $sign(2, '2026-12-06 11:00:00', 1, 'accept');
        $sign(3, '2026-12-08 00:00:00', 2, 'accept');
        $sign(4, '2026-12-08 00:00:00', 3, 'concession');
        // The twelfth week back, and what is before it.
        $sign(5, '2026-09-20 12:00:00', 1, 'accept');
        $sign(6, '2026-09-20 11:59:59', 1, 'accept');

        $weeks = $this->answer($this->isla(), 'GET', '/signed-weeks');
        self::assertCount(12, $weeks);
        self::assertSame(['from' => '2026-12-07', 'first' => 1, 'mended' => 1, 'conceded' => 1], $weeks[11]);
        self::assertSame(['from' => '2026-11-30', 'first' => 1, 'mended' => 0, 'conceded' => 0], $weeks[10]);
        self::assertSame(['from' => '2026-09-21', 'first' => 1, 'mended' => 0, 'conceded' => 0], $weeks[0], 'in September Auckland is twelve hours ahead');
        self::assertSame(4 + 1, array_sum(array_map(static fn (mixed $week): int => is_array($week) ? array_sum(array_filter($week, is_int(...))) : 0, $weeks)));
        self::assertSame(0, array_sum(array_column($this->answer($this->stranger(), 'GET', '/signed-weeks'), 'first')));
    }

    public function test_the_grid_shows_the_figures_own_waiver_over_that_of_its_unit(): void
    {
        $one = $this->figure('1st Lamplighters', 9);
        $this->waive($one, 'client of nine');
        $this->waive(null, 'the unit together');
        $shown = [];
        foreach ((array) Arr::get($this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/figures"), 'units.0.groups') as $group) {
            /** @var list<int> $figures */
            $figures = array_column((array) Arr::get((array) $group, 'figures'), 'id');
            $agreed = $this->layersOf($figures[0], 'boots')['uses'][0]['waiver']['agreed_with'] ?? null;
            if ($agreed !== null) {
                $shown[] = [in_array($one->id, $figures, true), $agreed];
            }
        }

        self::assertContains([true, 'client of nine'], $shown);
        self::assertContains([false, 'the unit together'], $shown);
        self::assertNotContains([true, 'the unit together'], $shown);
    }

    public function test_answers_keep_the_words_that_were_answered_when_the_tier_changes_between_two_rounds(): void
    {
        $figure = $this->figure('1st Lamplighters', 2);
        $check = $this->act($this->open(), 'answers', ['area' => 'boots', 'criterion' => 'leather-cover', 'answer' => 'not-done', 'side' => 'front']);
        $this->act($check, 'refusal');
        $this->answer($this->lead(), 'PATCH', '/figures', ['figures' => [['id' => $figure->id, 'version' => $figure->refresh()->version]], 'tier' => 'guard']);
        $this->paintAll($figure->refresh());

        $answers = Arr::get($this->recordOf($figure), 'rounds.0.answers');
        self::assertIsArray($answers);
        self::assertCount(1, $answers);
        self::assertNotSame('', Arr::get($answers, '0.text'));
        self::assertSame(['minor', 'not-done'], [Arr::get($answers, '0.severity'), Arr::get($answers, '0.answer')]);
        self::assertStringContainsString('2026.1, Muster, ', (string) json_encode(Arr::get($answers, '0.source')));
    }

    public function test_an_answer_to_other_words_than_are_asked_now_is_asked_again(): void
    {
        $check = $this->act($this->open(), 'answers', ['area' => 'face', 'criterion' => 'face-read', 'answer' => 'holds', 'side' => 'front']);
        $this->rewriteCriteria(static fn (array $criterion): array => ($criterion['id'] === 'face-read' ? ['text' => 'Eyes look the same way.'] : []) + $criterion);
        $this->readAnew();

        self::assertNull($this->item($this->open(), 'face', 'face-read')['answer']);
        self::assertSame('Features can be read.', DB::table('check_answers')->value('text'), 'what was answered stays as it was');
        self::assertSame($check['id'], $this->open()['id']);
    }

    public function test_what_was_not_done_is_sealed_as_critical_and_a_flaw_with_all_that_it_was_judged_by(): void
    {
        $check = $this->finish($this->open());
        $check = $this->act($check, 'answers', ['area' => 'face', 'criterion' => 'face-read', 'answer' => 'not-done', 'side' => 'front']);
        $this->answer($this->lead(), 'POST', "/faults/{$check['faults'][0]['id']}/waiver", ['version' => $check['faults'][0]['version'], 'agreed_with' => 'the client', 'reason' => 'wanted blank']);
        $check = $this->act($this->open(), 'flaws', ['flaw' => 'patch', 'area' => 'boots', 'side' => 'left', 'size_mm' => 1.2]);
        $faults = Arr::get($this->signOff($check), 'rounds.0.faults');
        self::assertIsArray($faults);
        [$missing, $flaw] = array_values($faults);

        self::assertIsArray($missing);
        self::assertIsArray($flaw);
        self::assertSame(['missing', 'critical', 'none', true], [$missing['kind'], $missing['own_severity'], $missing['severity'], $missing['stands']]);
        self::assertSame(['flaw', 'patch', 'boots', 'left', 'plain', 1.2, 'minor'], Arr::only($flaw, ['kind', 'flaw', 'area', 'side', 'zone', 'size_mm', 'severity']) === [] ? [] : [$flaw['kind'], $flaw['flaw'], $flaw['area'], $flaw['side'], $flaw['zone'], $flaw['size_mm'], $flaw['severity']]);
        self::assertStringContainsString('minutes of arc', (string) json_encode($flaw['sentence']));
        self::assertNotEmpty(Arr::get($flaw, 'why.rule'));
    }

    public function test_what_was_painted_is_what_was_marked_done_and_tidying_is_no_paint(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->paintAll($figure, ['boots' => 'unreachable']);
        $record = $this->recordOf($figure);
        $painted = (array) Arr::get($record, 'painted');

        self::assertNotContains('boots', array_column($painted, 'area'));
        self::assertNotContains('Tidy back', array_column($painted, 'technique'));
        self::assertSame([], array_diff(array_map(strval(...), array_filter(array_column($painted, 'by'), is_string(...))), ['Isla Coade']));
        self::assertSame(['boots', 'cannot be reached', 'told so', 'Isla Coade'], array_map(static fn (string $member): mixed => Arr::get($record, "excused.0.{$member}"), ['area', 'words', 'reason', 'by']));
    }

    public function test_left_for_later_is_asked_by_itself_never_passes_with_a_side_and_rules_out_accept(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->paintAll($figure, ['boots' => 'later']);
        $check = $this->open($figure);
        foreach ($check['sides'] as $side) {
            $check = $this->act($check, 'sides', ['side' => $side]);
        }
        $item = $this->item($check, 'boots', 'base');

        self::assertSame(['excused', 'left for later at the bench', null, ['not-done']], [$item['item'], $item['alone'], $item['answer'], $item['answers']]);
        self::assertStringContainsString('Isla Coade says: told so', $item['text']);
        $refuse = fn (string $answer) => $this->as($this->deputy(), 'POST', "/checks/{$check['id']}/answers", ['version' => $check['version'], 'item' => 'excused', 'area' => 'boots', 'criterion' => 'base', 'answer' => $answer, 'reason' => 'x']);
        $this->assertRefused($refuse('holds'), 422, 'not-an-answer', '/answer');
        $this->assertRefused($refuse('not-on-figure'), 422, 'not-an-answer', '/answer');

        $check = $this->act($check, 'answers', ['item' => 'excused', 'area' => 'boots', 'criterion' => 'base', 'answer' => 'not-done', 'side' => $item['sides'][0]]);
        self::assertSame(['rework', 'critical'], [$check['verdict'], $check['faults'][0]['severity']]);
    }

    public function test_left_for_later_is_mended_and_then_judged_like_any_other(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->paintAll($figure, ['boots' => 'later']);
        $check = $this->finish($this->open($figure));
        $this->act($check, 'refusal');
        $fault = Fault::query()->firstOrFail();
        $repair = $this->answer($this->isla(), 'GET', "/faults/{$fault->id}/repair");
        self::assertSame(['base', ['base', 'whole/matt'], null, 1], [$repair['in'], array_column((array) $repair['steps'], 'layer'), $repair['first'], $repair['share']], 'it is laid now; nothing foreign lies there');
        $this->answer($this->isla(), 'POST', "/faults/{$fault->id}/mending");
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]);
        $check = $this->open($figure);

        self::assertNull($this->item($check, 'boots', 'leather-cover')['answer']);
        $record = $this->signOff($this->finish($check));
        self::assertSame([[], 'accept'], [Arr::get($record, 'excused'), Arr::get($record, 'verdict.is')]);
        self::assertContains('boots', array_column((array) Arr::get($record, 'painted'), 'area'));
    }

    public function test_left_for_later_may_be_agreed_as_a_concession(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->paintAll($figure, ['boots' => 'later']);
        $check = $this->finish($this->open($figure));
        $this->answer($this->lead(), 'POST', "/faults/{$check['faults'][0]['id']}/waiver", ['version' => $check['faults'][0]['version'], 'agreed_with' => 'the client', 'reason' => 'comes back in spring']);
        $record = $this->signOff($this->open($figure));

        self::assertSame(['concession', 'left for later'], [Arr::get($record, 'verdict.is'), Arr::get($record, 'excused.0.words')]);
    }

    public function test_a_step_left_out_at_the_bench_says_with_whom_and_is_confirmed_in_the_check(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $mark = ['figures' => $this->seen([$figure->id], 'boots', 'base'), 'area' => 'boots', 'use' => 'base', 'state' => 'waived', 'reason' => 'bare on purpose'];
        $this->assertRefused($this->as($this->isla(), 'POST', '/bench-marks', $mark), 422, 'nobody-agreed', '/agreed_with');
        $this->answer($this->isla(), 'POST', '/bench-marks', $mark + ['agreed_with' => 'the lead']);
        $this->paintAll($figure);
        $check = $this->open($figure);

        self::assertSame(['holds', 'not-done'], $this->item($check, 'boots', 'base')['answers']);
        $record = $this->signOff($this->finish($check));
        self::assertSame(['accept', 'the lead'], [Arr::get($record, 'verdict.is'), Arr::get($record, 'excused.0.agreed_with')]);
    }

    public function test_a_sheet_without_steps_is_not_handed_over_and_a_check_without_items_is_not_signed(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->emptyMuster();
        DB::table('figures')->where('id', $figure->id)->update(['state' => 'painting']);
        $this->assertRefused($this->as($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]), 403, 'no-steps');

        DB::table('figures')->where('id', $figure->id)->update(['state' => 'to-check']);
        $check = $this->open($figure);
        self::assertFalse($check['may_sign']);
        $this->assertRefused($this->as($this->deputy(), 'POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]), 403, 'nothing-asked');
    }

    public function test_an_undecided_area_is_an_open_question_until_it_is_agreed_as_not_asked(): void
    {
        $this->silence('leather');
        $figure = $this->figure('1st Lamplighters', 2);
        $check = $this->finish($this->open());
        self::assertSame([['boots', 'straps and pouches'], false], [$check['undecided'], $check['may_sign']]);
        $this->assertRefused($this->as($this->deputy(), 'POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]), 403, 'undecided');

        $unit = $this->unit('1st Lamplighters');
        $agree = ['version' => $unit->version, 'figures' => [$figure->id], 'area' => 'boots', 'reason' => 'hidden by the coat', 'agreed_with' => 'the harbour office'];
        $this->assertRefused($this->as($this->deputy(), 'POST', "/units/{$unit->id}/not-asked", $agree), 403, 'not-allowed');
        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$unit->id}/not-asked", ['area' => 'face'] + $agree), 422, 'not-undecided', '/area');
        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$unit->id}/not-asked", ['agreed_with' => ' '] + $agree), 422, 'invalid', '/agreed_with');
        $this->answer($this->lead(), 'POST', "/units/{$unit->id}/not-asked", $agree);
        self::assertSame(['straps and pouches'], $this->open()['undecided']);
        $this->answer($this->lead(), 'POST', "/units/{$unit->id}/not-asked", ['version' => $unit->version + 1, 'figures' => null, 'area' => 'straps and pouches'] + $agree);

        $check = $this->open();
        self::assertSame([[], true, FigureState::ToCheck], [$check['undecided'], $check['may_sign'], $figure->refresh()->state], 'the check goes on where it was');
        $agreed = array_map(static fn (mixed $one): array => is_array($one) ? [$one['area'], $one['agreed_with'], $one['whole_unit']] : [], (array) Arr::get($this->signOff($check), 'not_asked'));
        self::assertEqualsCanonicalizing([['boots', 'the harbour office', false], ['straps and pouches', 'the harbour office', true]], $agreed);
    }

    public function test_the_lead_sends_back_what_the_numbers_accept_with_a_reason_and_it_is_sealed_so(): void
    {
        $figure = $this->figure('1st Lamplighters', 2);
        $check = $this->finish($this->open());
        $send = fn (array $body) => $this->as($this->lead(), 'POST', "/checks/{$check['id']}/refusal", $body + ['version' => $check['version']]);
        $this->assertRefused($this->as($this->deputy(), 'POST', "/checks/{$check['id']}/refusal", ['version' => $check['version'], 'reason' => 'dull']), 403, 'nothing-to-rework');
        $this->assertRefused($send(['reason' => ' ']), 422, 'no-reason', '/reason');
        $this->assertRefused($send(['reason' => 'dull', 'area' => 'wings']), 422, 'unknown-area', '/area');
        $send(['reason' => 'The coat is dull beside the first figure.', 'area' => 'oilskin coat'])->assertOk()->assertJsonPath('verdict', 'rework')->assertJsonPath('sent_back.by', 'Marsali Teague');
        self::assertSame(FigureState::Refused, $figure->refresh()->state);

        $this->assertRefused($this->as($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]), 403, 'faults-left');
        $fault = Fault::query()->firstOrFail();
        $this->assertRefused($this->as($this->lead(), 'POST', "/faults/{$fault->id}/waiver", ['version' => $fault->version, 'agreed_with' => 'x', 'reason' => 'y']), 403, 'leads-word');
        $this->answer($this->isla(), 'POST', "/faults/{$fault->id}/mending", ['note' => 'one more light']);
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]);
        $second = $this->open();
        self::assertNull($this->item($second, 'oilskin coat', 'cloth-layers')['answer'], 'what was touched is asked again');
        $record = $this->signOff($this->finish($second));

        self::assertSame(['refused', 'Marsali Teague', 'The coat is dull beside the first figure.'], array_map(static fn (string $path): mixed => Arr::get($record, "rounds.0.{$path}"), ['ended', 'sent_back.by', 'sent_back.reason']));
        self::assertSame(['signed', null], [Arr::get($record, 'rounds.1.ended'), Arr::get($record, 'rounds.1.sent_back')]);
    }

    public function test_whoever_ever_marked_is_a_painter_even_when_a_colleague_marked_over_it(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        DB::table('units')->update(['painter_id' => null]);
        $mark = fn (string $state): array => ['figures' => $this->seen([$figure->id], 'figure', 'clean'), 'area' => 'figure', 'use' => 'clean', 'state' => $state];
        $this->answer($this->deputy(), 'POST', '/bench-marks', $mark('done'));
        $this->answer($this->lead(), 'POST', '/bench-marks', $mark('taken-back'));
        $this->answer($this->lead(), 'POST', '/bench-marks', $mark('done'));
        DB::table('figures')->where('id', $figure->id)->update(['state' => 'to-check']);

        $this->assertRefused($this->as($this->deputy(), 'POST', "/figures/{$figure->id}/checks"), 403, 'own-work');
        $this->assertRefused($this->as($this->lead(), 'POST', "/figures/{$figure->id}/checks"), 403, 'own-work');
    }

    public function test_a_mark_names_what_it_saw_and_a_stale_one_is_refused(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $mark = ['figures' => [['id' => $figure->id, 'seen' => null]], 'area' => 'figure', 'use' => 'clean', 'state' => 'done'];
        $this->answer($this->isla(), 'POST', '/bench-marks', $mark);

        $this->assertRefused($this->as($this->lead(), 'POST', '/bench-marks', $mark), 409, 'stale');
        $this->assertRefused($this->as($this->isla(), 'POST', '/bench-marks', ['state' => ''] + $mark), 422, 'invalid', '/state');
        $this->assertRefused($this->as($this->isla(), 'POST', '/bench-marks', ['figures' => [$figure->id]] + $mark), 422, 'invalid');
        self::assertSame(1, BenchMark::query()->where('figure_id', $figure->id)->count());
    }

    public function test_a_mark_that_arrives_twice_is_kept_once(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $mark = ['figures' => [['id' => $figure->id, 'seen' => null]], 'area' => 'figure', 'use' => 'clean', 'state' => 'done', 'key' => '3c0f6d4e-4c53-4b0e-9a53-0d7f3f0a4f11'];
        $this->answer($this->isla(), 'POST', '/bench-marks', $mark);
        $this->answer($this->isla(), 'POST', '/bench-marks', $mark);

        self::assertSame(1, BenchMark::query()->where('figure_id', $figure->id)->count());
    }

    public function test_an_answer_that_arrives_twice_is_kept_once(): void
    {
        $check = $this->open();
        $answer = ['version' => $check['version'], 'area' => 'face', 'criterion' => 'face-read', 'answer' => 'holds', 'side' => 'front', 'key' => '3c0f6d4e-4c53-4b0e-9a53-0d7f3f0a4f12'];
        $this->answer($this->deputy(), 'POST', "/checks/{$check['id']}/answers", $answer);
        $this->answer($this->deputy(), 'POST', "/checks/{$check['id']}/answers", $answer);

        self::assertSame(1, DB::table('check_answers')->count());
    }

    public function test_the_database_refuses_to_change_or_take_out_a_mark(): void
    {
        foreach (['UPDATE bench_marks SET user_id = user_id', 'DELETE FROM bench_marks'] as $attempt) {
            try {
                DB::statement($attempt);
                self::fail("{$attempt} went through.");
            } catch (\Illuminate\Database\QueryException $refused) {
                self::assertStringContainsString('A mark is never changed or taken out', $refused->getMessage());
            }
        }
    }

    public function test_the_time_of_the_last_look_is_kept_and_blocks_nothing(): void
    {
        $this->travelTo('2026-12-01 10:00:00');
        $check = $this->finish($this->open());
        $this->travelTo('2026-12-01 10:00:30');
        $record = $this->signOff($check);

        self::assertSame([0.5, 1.5, true], [Arr::get($record, 'look.minutes'), Arr::get($record, 'look.asked'), Arr::get($record, 'look.under')]);
        self::assertSame(['2026-12-01T10:00:00Z', '2026-12-01T10:00:30Z'], [Arr::get($record, 'rounds.0.opened.at'), Arr::get($record, 'rounds.0.closed.at')]);
    }

    public function test_a_job_has_a_list_of_its_own_for_a_tier_by_agreement(): void
    {
        $job = $this->job();
        $figure = $this->figure('1st Lamplighters', 9);
        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$job->id}/own-lists", ['version' => $job->version, 'tier' => 'guard', 'from' => 'muster']), 422, 'not-by-agreement', '/tier');
        $this->assertRefused($this->as($this->isla(), 'POST', "/jobs/{$job->id}/own-lists", ['version' => $job->version, 'tier' => 'open', 'from' => 'muster']), 403, 'not-allowed');
        $list = $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/own-lists", ['version' => $job->version, 'tier' => 'open', 'from' => 'muster']);
        self::assertSame(17, JobRequirement::query()->where('job_id', $job->id)->count());

        $this->answer($this->lead(), 'PATCH', '/figures', ['figures' => [['id' => $figure->id, 'version' => $figure->version]], 'tier' => 'open']);
        $before = $this->stepsOf($figure);
        self::assertSame(['base'], $before['boots']);
        $version = Arr::get($list, 'job.version');
        $this->answer($this->lead(), 'PUT', "/jobs/{$job->id}/own-lists", ['version' => $version, 'tier' => 'open', 'surface' => 'leather', 'requirement' => ['uses' => [['technique' => 'base', 'minutes' => 3], ['id' => 'second', 'technique' => 'wash', 'minutes' => 2]]]]);
        self::assertSame(['base', 'second'], array_slice($this->stepsOf($figure)['boots'], 0, 2));
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job->id}/own-lists", ['version' => $version, 'tier' => 'open', 'surface' => 'leather', 'requirement' => null]), 409, 'stale');
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job->id}/own-lists", ['version' => $job->refresh()->version, 'tier' => 'open', 'surface' => 'leather', 'requirement' => ['uses' => [['technique' => 'moonshine']]]]), 422, 'unknown-technique', '/uses/0/technique');
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job->id}/own-lists", ['version' => $job->version, 'tier' => 'open', 'surface' => 'leather', 'requirement' => ['uses' => [['technique' => 'base', 'minuts' => 3]]]]), 422, 'unknown-member', '/uses/0/minuts');
    }

    /** @return array<string, list<string>> uses of the sheet by area */
    private function stepsOf(Figure $figure): array
    {
        $steps = [];
        foreach ($this->app->make(BenchSheets::class)->ofFigure($figure->refresh())->steps as $step) {
            $steps[$step->area][] = $step->use;
        }

        return $steps;
    }

    private function waive(?Figure $figure, string $agreedWith): void
    {
        $unit = $this->unit('1st Lamplighters');
        $this->answer($this->lead(), 'POST', "/units/{$unit->id}/waivers", ['version' => $unit->version, 'figures' => $figure === null ? null : [$figure->id], 'area' => 'boots', 'use' => 'base', 'reason' => 'bare', 'agreed_with' => $agreedWith]);
    }

    /**
     * Everything on the sheet is marked as done and the figure handed over.
     *
     * @param  array<string, string>  $excused state by area, of steps that are not done
     */
    private function paintAll(Figure $figure, array $excused = []): void
    {
        $sheet = $this->app->make(BenchSheets::class)->ofFigure($figure);
        foreach ($sheet->steps as $step) {
            if ($sheet->step($figure->id, $step->area, $step->use) !== $step || $sheet->mark($step, $figure->id) !== null) {
                continue;
            }
            $state = $excused[$step->area] ?? 'done';
            $this->answer($this->isla(), 'POST', '/bench-marks', ['figures' => [['id' => $figure->id, 'seen' => null]], 'area' => $step->area, 'use' => $step->use, 'state' => $state, 'reason' => $state === 'done' ? null : 'told so']);
        }
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]);
    }

    /** @return array<array-key, mixed> */
    private function recordOf(Figure $figure): array
    {
        return $this->signOff($this->finish($this->open($figure)));
    }

    /**
     * @param  CheckData  $check
     * @return array<array-key, mixed>
     */
    private function signOff(array $check): array
    {
        $answer = $this->answer($this->deputy(), 'POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]);
        self::assertTrue($this->verified($this->isla())['holds'], 'what was signed is verified');
        $record = $answer['record'];
        self::assertIsArray($record);

        return $record;
    }

    private function silence(string $surface): void
    {
        StandardPiece::query()->where('kind', PieceKind::Cell)->where('surface', $surface)->delete();
        $this->readAnew();
    }

    private function emptyMuster(): void
    {
        StandardPiece::query()->where('kind', PieceKind::Cell)->delete();
        $this->readAnew();
    }
}
