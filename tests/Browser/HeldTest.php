<?php

declare(strict_types=1);

namespace Tests\Browser;

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

    public function test_a_mark_does_not_wait_behind_papers(): void
    {
        $address = (string) getenv('ORDOTYPE_BROWSER_ADDRESS');
        $lead = Visitor::signedIn($address, 'lead@kittiwake.example');
        $scheme = DB::table('schemes')->value('id');
        assert(is_int($scheme));
        $ended = [];
        $note = static function (string $what) use (&$ended): callable {
            return static function (ResponseInterface $response) use ($what, &$ended): void {
                $ended[] = "{$what} {$response->getStatusCode()}";
            };
        };

        $paper = ['POST', "/schemes/{$scheme}/proof-sheet", ['type' => 'sea-troll']];
        $asked = $lead->ask(...$paper);

        $promises = [];
        // More at once than there are workers of both kinds together.
        for ($i = 0; $i < 8; $i++) {
            $promises[] = $lead->send(...$paper)->then($note('paper'));
        }
        $promises[] = $lead->send('GET', '/bench-sheets')->then($note('bench'));
        Utils::all($promises)->wait();

        self::assertSame(8, count(array_keys($ended, 'paper 202', true)), implode(', ', $ended));
        // With workers in common, five papers would have to be done before somebody had time for the bench.
        self::assertLessThan(5, array_search('bench 200', $ended, true), implode(', ', $ended));

        // The worker makes it meanwhile, once for all nine.
        for ($tries = 0; in_array($asked['state'], ['waiting', 'drawing'], true) && $tries < 600; $tries++) {
            usleep(200_000);
            assert(is_int($asked['id']));
            $asked = $lead->ask('GET', "/papers/{$asked['id']}");
        }
        self::assertSame('made', $asked['state']);
        self::assertLessThan(9, DB::table('papers')->count());
    }
}
