<?php

declare(strict_types=1);

namespace Tests\Browser;

use GuzzleHttp\Client;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Browser\Support\Visitor;

/** What the web server answers by itself, without a page of the application and without its cookies. */
final class WebServerTest extends BrowserTestCase
{
    /** A browser asks for the first beside every paper; an answer with a session came after signing out and signed in again. */
    #[TestWith(['/favicon.ico', 204])]
    #[TestWith(['/build/none.js', 404])]
    #[TestWith(['/other.php', 404])]
    public function test_what_is_no_page_begins_no_session(string $path, int $status): void
    {
        $response = (new Client(['http_errors' => false, 'timeout' => 60]))->get($this->page->addressOf($path));
        self::assertSame($status, $response->getStatusCode());
        self::assertSame([], $response->getHeader('Set-Cookie'));
    }

    /** The list of common passwords comes when somebody chooses one. */
    public function test_what_is_shipped_comes_in_small_pieces_that_are_compressed_already(): void
    {
        $pieces = array_filter((array) glob(public_path('build/assets/*.js')), is_string(...));
        $large = array_filter($pieces, static fn (string $file): bool => filesize($file) > 250_000);
        self::assertGreaterThan(20, count($pieces));
        self::assertSame([], array_filter($large, static fn (string $file): bool => ! str_contains((string) file_get_contents($file), 'qwertyuiop')));
        $file = array_values($pieces)[0];
        foreach (['br' => 'br', 'gzip' => 'gz'] as $encoding => $ending) {
            $response = (new Client(['decode_content' => false, 'timeout' => 60]))->get($this->page->addressOf('/build/assets/'.basename($file)), ['headers' => ['Accept-Encoding' => $encoding]]);
            self::assertSame([$encoding], $response->getHeader('Content-Encoding'));
            self::assertStringContainsString('immutable', $response->getHeaderLine('Cache-Control'));
            self::assertSame((string) file_get_contents("{$file}.{$ending}"), (string) $response->getBody());
        }
    }

    /** One that was never made is made by who asks first, then it lies there. */
    public function test_a_picture_of_a_plate_is_kept_by_everything_on_the_way(): void
    {
        $version = DB::table('standard_versions')->where('state', 'in-force')->value('id');
        assert(is_int($version));
        $plates = Visitor::signedIn((string) getenv('ORDOTYPE_BROWSER_ADDRESS'), 'lead@kittiwake.example')->ask('GET', "/standards/{$version}/plates?surface=cloth");
        $src = Arr::get($plates, '0.picture.src');
        assert(is_string($src));
        $client = new Client(['http_errors' => false, 'timeout' => 60]);
        foreach (['made', 'there'] as $how) {
            $response = $client->get($this->page->addressOf($src));
            self::assertSame([200, 'image/png', []], [$response->getStatusCode(), $response->getHeaderLine('Content-Type'), $response->getHeader('Set-Cookie')], $how);
            self::assertStringContainsString('immutable', $response->getHeaderLine('Cache-Control'));
            self::assertSame(248, ((array) getimagesizefromstring((string) $response->getBody()))[0]);
        }
        self::assertSame(404, $client->get($this->page->addressOf('/drawn/'.str_repeat('a', 64).'-248.png'))->getStatusCode());
    }
}
