<?php

declare(strict_types=1);

namespace Tests\Browser;

use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\TestCase;
use Psr\Http\Message\ResponseInterface;
use Tests\Browser\Support\Visitor;

/** What takes long never holds what does not. */
final class HeldTest extends TestCase
{
    public static function setUpBeforeClass(): void
    {
        BrowserTestCase::setUpBeforeClass();
    }

    public function test_a_mark_does_not_wait_behind_pictures_that_are_made(): void
    {
        $lead = self::lead();
        $ended = [];
        $note = static function (string $what) use (&$ended): callable {
            return static function (ResponseInterface $response) use ($what, &$ended): void {
                $ended[] = "{$what} {$response->getStatusCode()}";
            };
        };

        // More at once than there are workers of both kinds together, in the size that takes longest and that nobody has made.
        $promises = array_map(static fn (string $large): PromiseInterface => $lead->fetch($large)->then($note('picture')), self::pictures($lead, 8));
        $promises[] = $lead->send('GET', '/bench-sheets')->then($note('bench'));
        Utils::all($promises)->wait();

        self::assertSame(8, count(array_keys($ended, 'picture 200', true)), implode(', ', $ended));
        // With workers in common, five pictures would have to be done before somebody had time for the bench.
        self::assertLessThan(5, array_search('bench 200', $ended, true), implode(', ', $ended));
    }

    public function test_a_paper_that_eight_ask_for_is_made_once_by_the_worker(): void
    {
        $lead = self::lead();
        $scheme = DB::table('schemes')->value('id');
        assert(is_int($scheme));
        $paper = ['POST', "/schemes/{$scheme}/proof-sheet", ['type' => 'sea-troll']];
        $asked = $lead->ask(...$paper);
        $answers = Utils::all(array_map(static fn (): PromiseInterface => $lead->send(...$paper), range(1, 8)))->wait();
        assert(is_array($answers));
        self::assertSame(array_fill(0, 8, 202), array_map(static fn (mixed $answer): int => $answer instanceof ResponseInterface ? $answer->getStatusCode() : 0, $answers));

        for ($tries = 0; in_array($asked['state'], ['waiting', 'drawing'], true) && $tries < 600; $tries++) {
            usleep(200_000);
            assert(is_int($asked['id']));
            $asked = $lead->ask('GET', "/papers/{$asked['id']}");
        }
        self::assertSame('made', $asked['state']);
        self::assertLessThan(9, DB::table('papers')->count());
    }

    private static function lead(): Visitor
    {
        return Visitor::signedIn((string) getenv('ORDOTYPE_BROWSER_ADDRESS'), 'lead@kittiwake.example');
    }

    /** @return list<string> addresses of so many plates, each as large as it is ever shown */
    private static function pictures(Visitor $lead, int $many): array
    {
        $version = DB::table('standard_versions')->where('state', 'in-force')->value('id');
        assert(is_int($version));
        $sets = array_merge(...array_map(static fn (string $surface): array => array_column(array_column($lead->ask('GET', "/standards/{$version}/plates?surface={$surface}"), 'picture'), 'srcset'), ['face', 'cloth', 'plate']));
        preg_match_all('~/drawn/[0-9a-f]{64}-992\.png~', implode(' ', array_filter($sets, is_string(...))), $found);
        $large = array_slice(array_values(array_unique($found[0])), 0, $many);
        self::assertCount($many, $large);

        return $large;
    }
}
