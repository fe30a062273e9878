<?php

declare(strict_types=1);

namespace Tests\Browser;

use GuzzleHttp\Client;
use PHPUnit\Framework\Attributes\TestWith;

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
}
