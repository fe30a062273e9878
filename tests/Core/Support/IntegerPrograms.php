<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use PHPUnit\Framework\Assert;

/** Solves mixed-integer programs by HiGHS (Huangfu and Hall 2018), a solver that knows nothing of ours. */
final readonly class IntegerPrograms
{
    /**
     * @param  list<string>  $programs in the format of LP files
     * @return list<float> the value of each
     */
    public static function solved(array $programs): array
    {
        $process = proc_open(['node', __DIR__.'/milp.mjs'], [['pipe', 'r'], ['pipe', 'w']], $pipes);
        Assert::assertIsResource($process);
        fwrite($pipes[0], json_encode($programs, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $values = json_decode((string) stream_get_contents($pipes[1]), true);
        Assert::assertSame(0, proc_close($process));
        Assert::assertIsArray($values);

        return array_map(static fn (mixed $value): float => is_numeric($value) ? (float) $value : Assert::fail('A program has no solution.'), array_values($values));
    }
}
