<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Promise\PromiseInterface;
use Psr\Http\Message\ResponseInterface;

/** Somebody signed in over HTTP, without a browser, who may ask for many things at once. */
final readonly class Visitor implements Asks
{
    private function __construct(private Client $client, private CookieJar $jar)
    {
    }

    public static function signedIn(string $address, string $email): self
    {
        $visitor = self::arrived($address);
        $visitor->send('POST', '/session', ['email' => $email, 'password' => 'lamplight'])->wait();

        return $visitor;
    }

    /** Who has opened the page and not signed in yet. */
    public static function arrived(string $address): self
    {
        $jar = new CookieJar;
        $client = new Client(['base_uri' => $address, 'cookies' => $jar, 'http_errors' => false, 'timeout' => 60, 'headers' => ['Accept' => 'application/json', 'Origin' => $address, 'Referer' => "{$address}/"]]);
        $visitor = new self($client, $jar);
        $client->get('/sanctum/csrf-cookie');

        return $visitor;
    }

    public function send(string $method, string $path, array $body = []): PromiseInterface
    {
        return $this->client->requestAsync($method, "/api{$path}", ['json' => $body, 'headers' => ['X-XSRF-TOKEN' => urldecode((string) $this->jar->getCookieByName('XSRF-TOKEN')?->getValue())]]);
    }

    /** @param  string  $path of something beside the API, such as a picture */
    public function fetch(string $path): PromiseInterface
    {
        return $this->client->getAsync($path);
    }

    public function ask(string $method, string $path, array $body = []): array
    {
        $response = $this->send($method, $path, $body)->wait();
        assert($response instanceof ResponseInterface);

        return (array) json_decode((string) $response->getBody(), true);
    }
}
