<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use GuzzleHttp\Promise\PromiseInterface;

/** Somebody signed in who asks the application over HTTP. */
interface Asks
{
    /** @param  array<string, mixed>  $body */
    public function send(string $method, string $path, array $body = []): PromiseInterface;

    /**
     * @param  array<string, mixed>  $body
     * @return array<array-key, mixed> what was answered, whatever it was
     */
    public function ask(string $method, string $path, array $body = []): array;
}
