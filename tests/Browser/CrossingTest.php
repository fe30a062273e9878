<?php

declare(strict_types=1);

namespace Tests\Browser;

use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\AtOnce;
use Tests\Browser\Support\Visitor;

/** Lead, deputy and painter act on the same figures in the same moment, against a server as a studio has it. */
final class CrossingTest extends TestCase
{
    private const AT_ONCE = 12;

    public static function setUpBeforeClass(): void
    {
        BrowserTestCase::setUpBeforeClass();
    }

    public function test_crossing_actions_are_done_or_refused_in_words_and_what_was_acknowledged_is_kept(): void
    {
        $address = (string) getenv('ORDOTYPE_BROWSER_ADDRESS');
        $lead = Visitor::signedIn($address, 'lead@kittiwake.example');
        $deputy = Visitor::signedIn($address, 'deputy@kittiwake.example');
        $isla = Visitor::signedIn($address, 'isla@kittiwake.example');
        $unit = DB::table('units')->where('name', '1st Lamplighters')->value('id');
        self::assertIsInt($unit);
        /** @var list<int> $figures */
        $figures = DB::table('figures')->where('unit_id', $unit)->orderBy('number')->pluck('id')->all();
        $todo = [];
        foreach (range(0, 7) as $round) {
            foreach (['figure' => 'clean', 'boots' => 'base'] as $area => $use) {
                foreach (array_slice($figures, 7, 4) as $figure) {
                    $key = sprintf('00000000-0000-4000-8000-%04d%04d%04d', $round, $use === 'clean' ? 1 : 2, $figure);
                    $todo[] = ["mark {$figure} {$key}", fn (): PromiseInterface => $isla->send('POST', '/bench-marks', ['figures' => [['id' => $figure, 'seen' => null]], 'area' => $area, 'use' => $use, 'state' => 'done', 'key' => $key])];
                }
            }
            $todo[] = ['hand over', fn (): PromiseInterface => $isla->send('POST', '/hand-overs', ['figures' => array_slice($figures, 7, 4)])];
            foreach (array_slice($figures, 1, 3) as $figure) {
                $todo[] = ["open {$figure}", fn (): PromiseInterface => $deputy->send('POST', "/figures/{$figure}/checks")];
                $todo[] = ["open {$figure}", fn (): PromiseInterface => $lead->send('POST', "/figures/{$figure}/checks")];
            }
            $todo[] = ['tier of the unit', fn (): PromiseInterface => $lead->send('PATCH', "/units/{$unit}", ['version' => DB::table('units')->where('id', $unit)->value('version'), 'tier' => $round % 2 === 0 ? 'watch' : 'muster'])];
            $todo[] = ['tier of a figure', fn (): PromiseInterface => $lead->send('PATCH', '/figures', ['figures' => array_map(static fn (int $id): array => ['id' => $id, 'version' => DB::table('figures')->where('id', $id)->value('version')], array_slice($figures, 6, 4)), 'tier' => $round % 2 === 0 ? 'guard' : null])];
            $todo[] = ['who is waiting', fn (): PromiseInterface => $deputy->send('GET', '/checks')];
        }
        mt_srand(8);
        usort($todo, static fn (): int => mt_rand(-1, 1));

        $sent = AtOnce::send(array_column($todo, 1), self::AT_ONCE);
        self::assertCount(count($todo), $sent, 'each was answered');
        self::assertGreaterThan(98, count($sent));
        AtOnce::assertInWords(array_combine(array_map(static fn (int $at): string => "{$at} {$todo[$at][0]}", array_keys($sent)), $sent));
        $done = array_map(static fn (int $at): string => $todo[$at][0], AtOnce::done($sent));
        self::assertNotEmpty(array_filter($done, static fn (string $one): bool => str_starts_with($one, 'mark')));
        self::assertNotEmpty(array_filter($done, static fn (string $one): bool => str_starts_with($one, 'open')));
        self::assertNotEmpty(array_filter($done, static fn (string $one): bool => str_starts_with($one, 'tier')));

        // Each mark that was acknowledged is there, and none that was refused.
        $acknowledged = array_map(static fn (string $one): array => explode(' ', $one), array_values(array_filter($done, static fn (string $one): bool => str_starts_with($one, 'mark'))));
        foreach ($acknowledged as [, $figure, $key]) {
            self::assertSame(1, DB::table('bench_marks')->where(['figure_id' => (int) $figure, 'request_key' => $key])->count(), "{$figure} {$key}");
        }
        self::assertSame(count($acknowledged), DB::table('bench_marks')->where('request_key', 'like', '00000000-0000-4000-8000-%')->count());
        // Each of them saw that nothing was marked yet, so of a step of a figure only the first is taken. What another tier asks for in its place is another step.
        $steps = DB::table('bench_marks')->where('request_key', 'like', '00000000-0000-4000-8000-%')->groupBy('figure_id', 'area', 'use', 'technique', 'coats', 'steps', 'extent')->selectRaw('COUNT(*) AS marks')->pluck('marks')->all();
        self::assertSame(array_fill(0, count($steps), 1), $steps);
    }
}
