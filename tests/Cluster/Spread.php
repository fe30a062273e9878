<?php

declare(strict_types=1);

namespace Tests\Cluster;

use GuzzleHttp\Promise\PromiseInterface;
use Tests\Browser\Support\Asks;
use Tests\Browser\Support\Visitor;

/** Somebody whose requests go to one machine after the other. */
final class Spread implements Asks
{
    private int $asked = 0;

    /** @param  non-empty-list<Visitor>  $atEach the same person at each machine */
    private function __construct(private readonly array $atEach)
    {
    }

    /** @param  non-empty-list<string>  $machines addresses */
    public static function over(array $machines, string $email): self
    {
        return new self(array_map(static fn (string $address): Visitor => Visitor::signedIn($address, $email), $machines));
    }

    public function at(int $machine): Visitor
    {
        return $this->atEach[$machine % count($this->atEach)];
    }

    public function send(string $method, string $path, array $body = []): PromiseInterface
    {
        return $this->at($this->asked++)->send($method, $path, $body);
    }

    public function ask(string $method, string $path, array $body = []): array
    {
        return $this->at($this->asked++)->ask($method, $path, $body);
    }
}
