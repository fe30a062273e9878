<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\TestWith;

/** What takes seconds has workers of its own; the server and the routes say the same of which that is. */
final class WorkersTest extends TestCase
{
    public function test_every_heavy_address_and_no_other_goes_to_the_heavy_workers(): void
    {
        $heavy = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            /** @var Route $route */
            $address = $route->methods()[0].' /'.preg_replace('/\{\w+\}/', '12', $route->uri());
            $expected = in_array('throttle:heavy', $route->gatherMiddleware(), true);
            $heavy += (int) $expected;
            self::assertSame($expected, $this->isSentToHeavy($address), $address);
            self::assertSame($expected, $this->isSentToHeavy("{$address}?type=x"), $address);
        }
        self::assertGreaterThan(10, $heavy);
    }

    #[TestWith(['GET /standards/12/compare'])]
    #[TestWith(['GET /api/standards/12/comparisons'])]
    #[TestWith(['POST /x/api/chain/verifications'])]
    public function test_what_only_looks_like_it_does_not(string $address): void
    {
        self::assertFalse($this->isSentToHeavy($address));
    }

    private function isSentToHeavy(string $address): bool
    {
        preg_match_all('/^\s*"~(.+)" heavy;$/m', (string) file_get_contents(base_path('bin/nginx.conf')), $found);
        self::assertNotEmpty($found[1]);

        return array_filter($found[1], static fn (string $pattern): bool => preg_match("~{$pattern}~", $address) === 1) !== [];
    }
}
