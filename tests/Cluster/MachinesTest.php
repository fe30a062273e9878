<?php

declare(strict_types=1);

namespace Tests\Cluster;

use Aws\S3\S3Client;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Support\Facades\DB;
use Psr\Http\Message\ResponseInterface;
use Tests\Browser\Support\AtOnce;
use Tests\Browser\Support\Checker;
use Tests\Browser\Support\Visitor;

/** The same figures, drafts and checks, changed on three machines in the same moment: whole, in order, and each thing once. */
final class MachinesTest extends ClusterTestCase
{
    private const AT_ONCE = 9;

    /** Each of three machines is asked for the same mark of the same figure; whoever is first has it. */
    public function test_marks(): void
    {
        $isla = Spread::over(Nodes::machines(), 'isla@kittiwake.example');
        $figures = array_slice(self::figures('Quay watch', 'to-paint'), -6);
        $acknowledged = [];
        foreach (['figure' => 'clean', 'boots' => 'base'] as $area => $use) {
            $todo = [];
            foreach ($figures as $figure) {
                foreach ([0, 1, 2] as $machine) {
                    $key = self::key($machine, $figure, $use === 'clean' ? 1 : 2);
                    $todo[$key] = static fn (): PromiseInterface => $isla->at($machine)->send('POST', '/bench-marks', ['figures' => [['id' => $figure, 'seen' => null]], 'area' => $area, 'use' => $use, 'state' => 'done', 'key' => $key]);
                }
            }
            $answers = AtOnce::send($todo, self::AT_ONCE);
            self::assertSame(count($todo), count($answers));
            AtOnce::assertInWords($answers);
            $acknowledged = [...$acknowledged, ...AtOnce::done($answers)];
        }

        $stored = DB::table('bench_marks')->whereIn('figure_id', $figures)->orderBy('figure_id')->orderBy('number')->get(['figure_id', 'number', 'area', 'request_key']);
        self::assertEqualsCanonicalizing($acknowledged, $stored->pluck('request_key')->all(), 'what was acknowledged is there, and nothing else');
        foreach ($figures as $figure) {
            $marks = $stored->where('figure_id', $figure)->values();
            self::assertSame([[1, 2], ['figure', 'boots']], [$marks->pluck('number')->all(), $marks->pluck('area')->all()], 'each step once, in their order');
        }
    }

    /**
     * One machine hands a figure over because every step of it is done, while another takes a step back because it is not
     * handed over. One of both is done, and the other is told so.
     */
    public function test_a_figure_is_handed_over_while_a_step_of_it_is_taken_back(): void
    {
        $isla = Spread::over(Nodes::machines(), 'isla@kittiwake.example');
        self::painted($isla, '2nd Lamplighters');
        $figures = self::figures('2nd Lamplighters', 'painting');
        self::assertCount(12, $figures);
        $todo = [];
        foreach ($figures as $at => $figure) {
            $last = DB::table('bench_marks')->where('figure_id', $figure)->orderByDesc('number')->first(['id', 'area', 'use']);
            self::assertNotNull($last);
            $todo["handed over {$figure}"] = static fn (): PromiseInterface => $isla->at($at)->send('POST', '/hand-overs', ['figures' => [$figure]]);
            $todo["taken back {$figure}"] = static fn (): PromiseInterface => $isla->at($at + 1)->send('POST', '/bench-marks', ['figures' => [['id' => $figure, 'seen' => $last->id]], 'area' => $last->area, 'use' => $last->use, 'state' => 'taken-back', 'reason' => null]);
        }
        $answers = AtOnce::send($todo, 12);

        self::assertSame(count($todo), count($answers));
        AtOnce::assertInWords($answers);
        $done = AtOnce::done($answers);
        foreach ($figures as $figure) {
            $one = array_values(array_intersect($done, ["handed over {$figure}", "taken back {$figure}"]));
            self::assertCount(1, $one, "of figure {$figure} one of both was done: ".implode(', ', $one));
            $row = DB::table('figures')->where('id', $figure)->value('state');
            $mark = DB::table('bench_marks')->where('figure_id', $figure)->orderByDesc('number')->value('state');
            self::assertSame($one[0] === "handed over {$figure}" ? ['to-check', 'done'] : ['painting', 'taken-back'], [$row, $mark]);
        }
    }

    /** Twelve cells changed at once, and one of them by three at once, each by who saw it as it was. */
    public function test_a_draft(): void
    {
        $lead = Spread::over(Nodes::machines(), 'lead@kittiwake.example');
        $inForce = DB::table('standard_versions')->where('studio_id', self::studio())->where('state', 'in-force')->value('id');
        $draft = $lead->ask('POST', '/standards', ['from' => $inForce])['id'];
        self::assertIsInt($draft);
        $before = $lead->ask('GET', "/standards/{$draft}/document");
        $todo = [];
        foreach (['muster', 'watch', 'guard'] as $machine => $tier) {
            foreach (['cloth', 'leather', 'metal', 'skin'] as $surface) {
                $cell = ['tier' => $tier, 'surface' => $surface, 'uses' => [['technique' => 'base', 'minutes' => 5]]];
                $todo["{$tier} {$surface}"] = self::change($lead->at($machine), $draft, $cell);
            }
        }
        foreach ([1, 2, 3] as $machine) {
            $todo["the same cell at {$machine}"] = self::change($lead->at($machine), $draft, ['tier' => 'guard', 'surface' => 'cloth', 'uses' => [['technique' => 'base', 'minutes' => 10 + $machine]]]);
        }
        // Who is told that somebody else was changing the draft sends it again, as the page does.
        $answers = [];
        for ($round = 0; $todo !== [] && $round < 20; $round++) {
            $now = AtOnce::send($todo, self::AT_ONCE);
            AtOnce::assertInWords($now);
            $todo = array_intersect_key($todo, array_filter($now, static fn (ResponseInterface $answer): bool => str_contains((string) $answer->getBody(), '"busy"')));
            $answers = [...$answers, ...array_diff_key($now, $todo)];
        }

        self::assertSame([], $todo);
        $done = AtOnce::done($answers);
        self::assertCount(12, $done, 'of four who changed the same cell one was first');
        self::assertCount(1, array_filter($done, static fn (string $asked): bool => str_contains($asked, 'same cell') || $asked === 'guard cloth'));
        $changes = DB::table('standard_changes')->where('standard_version_id', $draft)->orderBy('number')->get();
        self::assertSame(range(1, 12), $changes->pluck('number')->all());

        // Undone at one machine after the other, from the last to the first, nothing of them is left.
        foreach (range(1, 12) as $_) {
            self::assertArrayNotHasKey('error', $lead->ask('POST', "/standards/{$draft}/undo"));
        }
        self::assertEquals($before, $lead->ask('GET', "/standards/{$draft}/document"));
    }

    /** Lead and deputy answer the same checks on three machines; each answer that was acknowledged is there once, in order. */
    public function test_checks_and_sign_offs(): void
    {
        $checkers = [Spread::over(Nodes::machines(), 'deputy@kittiwake.example'), Spread::over(Nodes::machines(), 'lead@kittiwake.example')];
        $figures = self::figures('1st Lamplighters', 'to-check');
        self::assertCount(6, $figures);
        $checks = [];
        foreach ($figures as $figure) {
            $checks[$figure] = (new Checker($checkers[0]))->open($figure);
        }
        $acknowledged = [];
        for ($round = 0; array_filter($checks, static fn (array $check): bool => Checker::asked($check) !== []) !== []; $round++) {
            self::assertLessThan(60, $round, 'they get on with it');
            $todo = [];
            foreach ($checks as $check) {
                foreach (array_slice(Checker::asked($check), 0, 3) as $at => $item) {
                    $key = self::key($round, $check['id'], $at);
                    $todo[$key] = static fn (): PromiseInterface => $checkers[$at % 2]->at($at)->send('POST', "/checks/{$check['id']}/answers", ['key' => $key, ...Checker::answer($check, $item)]);
                }
            }
            $answers = AtOnce::send($todo, self::AT_ONCE);
            AtOnce::assertInWords($answers);
            $acknowledged = [...$acknowledged, ...AtOnce::done($answers)];
            foreach ($figures as $figure) {
                $checks[$figure] = (new Checker($checkers[0]))->open($figure);
            }
        }

        $actions = DB::table('check_actions')->whereIn('check_id', array_column($checks, 'id'))->orderBy('check_id')->orderBy('number')->get(['check_id', 'number', 'request_key']);
        self::assertEqualsCanonicalizing($acknowledged, $actions->pluck('request_key')->filter()->all());
        foreach ($actions->groupBy('check_id') as $of) {
            self::assertSame(range(1, count($of)), $of->pluck('number')->all());
        }

        $this->signedAtOnce($checkers[0], array_map(static fn (array $check): array => (new Checker($checkers[0]))->finished($check), $checks));
    }

    /** What was given to one machine is shown by the others. */
    public function test_a_picture_and_a_paper(): void
    {
        $lead = Spread::over(Nodes::machines(), 'lead@kittiwake.example');
        $scheme = DB::table('schemes')->where('studio_id', self::studio())->orderBy('id')->value('id');
        self::assertIsInt($scheme);
        $paper = $lead->at(0)->ask('POST', "/schemes/{$scheme}/proof-sheet", ['type' => 'sea-troll']);
        self::assertIsInt($paper['id'] ?? null, (string) json_encode($paper));
        $until = microtime(true) + 120;
        do {
            usleep(200_000);
            $state = $lead->at(1)->ask('GET', "/papers/{$paper['id']}");
        } while (($state['state'] ?? null) !== 'made' && microtime(true) < $until);
        $file = AtOnce::one(static fn (): PromiseInterface => $lead->at(2)->send('GET', "/papers/{$paper['id']}/file"));

        self::assertSame([200, '%PDF-'], [$file->getStatusCode(), substr((string) $file->getBody(), 0, 5)]);
        self::assertSame([], glob(dirname(__DIR__, 2).'/var/cluster/app*/storage/made/*') ?: [], 'no machine keeps it for itself');
    }

    public function test_tries_to_sign_in_are_counted_over_all_machines(): void
    {
        $statuses = [];
        foreach (range(0, 14) as $try) {
            $statuses[] = AtOnce::one(static fn (): PromiseInterface => Visitor::arrived(Nodes::machines()[$try % 3])->send('POST', '/session', ['email' => 'jory@kittiwake.example', 'password' => 'x']))->getStatusCode();
        }

        self::assertSame([422, 429], array_values(array_unique($statuses)));
        self::assertSame(10, array_count_values($statuses)[422], 'as many as on one machine');
    }

    public function test_a_session_is_known_to_every_machine_and_ends_on_all(): void
    {
        $visitor = Visitor::signedIn(Nodes::balancer(), 'deputy@kittiwake.example');
        foreach (range(1, 6) as $_) {
            self::assertSame('deputy', ((array) ($visitor->ask('GET', '/session')['user'] ?? []))['role'] ?? null);
        }
        $visitor->ask('DELETE', '/session');
        foreach (range(1, 6) as $_) {
            self::assertSame('signed-out', ((array) ($visitor->ask('GET', '/jobs')['error'] ?? []))['code'] ?? null);
        }
    }

    /** @param  array<int, array{id: int, version: int}>  $checks complete, by figure */
    private function signedAtOnce(Spread $deputy, array $checks): void
    {
        $before = DB::table('sign_offs')->where('studio_id', self::studio())->count();
        $todo = array_map(static fn (array $check): \Closure => static fn (): PromiseInterface => $deputy->send('POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]), $checks);
        for ($round = 0; $todo !== [] && $round < 20; $round++) {
            $answers = AtOnce::send($todo, self::AT_ONCE);
            AtOnce::assertInWords($answers);
            $todo = array_diff_key($todo, array_flip(AtOnce::done($answers)));
        }

        self::assertSame([], $todo);
        self::assertEqualsCanonicalizing(array_keys($checks), DB::table('sign_offs')->where('studio_id', self::studio())->where('number', '>', $before)->pluck('figure_id')->all());
        self::assertChainHolds($deputy, $before + count($checks));
        $heads = (new S3Client(['endpoint' => getenv('S3_ENDPOINT'), 'use_path_style_endpoint' => true, 'region' => 'eu-central-1', 'credentials' => ['key' => (string) getenv('S3_KEY'), 'secret' => (string) getenv('S3_SECRET')]]))
            ->listObjectsV2(['Bucket' => (string) getenv('RECORDS_BUCKET')]);
        self::assertSame($before + count($checks), $heads['KeyCount'], 'the head of each is outside the database');
    }

    /**
     * @param  array{tier: string, surface: string, uses: list<array<string, int|string>>}  $cell
     * @return \Closure(): PromiseInterface
     */
    private static function change(Visitor $by, int $draft, array $cell): \Closure
    {
        return static fn (): PromiseInterface => $by->send('POST', "/standards/{$draft}/changes", ['changes' => [['kind' => 'cell', 'id' => $cell['tier'], 'surface' => $cell['surface'], 'revision' => 1, 'value' => $cell]]]);
    }
}
