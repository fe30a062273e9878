<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use PHPUnit\Framework\Assert;

/**
 * Somebody who checks figures over HTTP and finds nothing wrong.
 *
 * @phpstan-type Item array{item: string, area: string, criterion: string, alone: ?string, answer: ?string, answers: list<string>, sides: list<string>}
 * @phpstan-type Check array{id: int, version: int, items: list<Item>, sides: list<string>, passed: list<string>, complete: bool}
 */
final readonly class Checker
{
    public function __construct(private Asks $by)
    {
    }

    /** @return Check */
    public function open(int $figure): array
    {
        return $this->check("/figures/{$figure}/checks");
    }

    /**
     * @param  Check  $check
     * @return Check
     */
    public function finished(array $check): array
    {
        foreach (self::asked($check) as $item) {
            $check = $this->check("/checks/{$check['id']}/answers", self::answer($check, $item));
        }
        foreach (array_diff($check['sides'], $check['passed']) as $side) {
            $check = $this->check("/checks/{$check['id']}/sides", ['version' => $check['version'], 'side' => $side]);
        }
        Assert::assertTrue($check['complete']);

        return $check;
    }

    /**
     * @param  Check  $check
     * @return list<Item> what passes with no side and is not answered yet
     */
    public static function asked(array $check): array
    {
        return array_values(array_filter($check['items'], static fn (array $item): bool => $item['alone'] !== null && $item['answer'] === null));
    }

    /**
     * @param  Check  $check
     * @param  Item  $item
     * @return array<string, int|string> that it holds
     */
    public static function answer(array $check, array $item): array
    {
        return ['version' => $check['version'], 'item' => $item['item'], 'area' => $item['area'], 'criterion' => $item['criterion'], 'answer' => $item['answers'][0], 'side' => $item['sides'][0]];
    }

    /**
     * @param  array<string, int|string>  $body
     * @return Check
     */
    private function check(string $path, array $body = []): array
    {
        $check = $this->by->ask('POST', $path, $body);
        Assert::assertArrayHasKey('items', $check, "{$path}: ".json_encode($check));

        /** @var Check */
        return $check;
    }
}
