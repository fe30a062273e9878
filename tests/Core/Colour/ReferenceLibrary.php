<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use RuntimeException;

/** Libraries of the npm registry that compute colours in their own way: culori 4.0.2 and spectral.js 3.0.0, run by Node. */
final readonly class ReferenceLibrary
{
    /**
     * @param  list<array{array{float, float, float}, array{float, float, float}}>  $pairs of L*a*b*
     * @return list<float>
     */
    public static function differences(array $pairs): array
    {
        return array_map(static fn (mixed $one): float => is_numeric($one) ? (float) $one : NAN, self::ask('difference', $pairs));
    }

    /**
     * @param  list<list<array{string, int|float}>>  $mixes hex and parts
     * @return list<string> hex
     */
    public static function mixes(array $mixes): array
    {
        return array_map(static fn (mixed $one): string => is_string($one) ? strtolower($one) : '', self::ask('mix', $mixes));
    }

    /** @return list<mixed> */
    private static function ask(string $command, mixed $question): array
    {
        $process = proc_open(['node', __DIR__.'/reference.mjs', $command], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        if (! is_resource($process)) {
            throw new RuntimeException('Node does not start.');
        }
        fwrite($pipes[0], json_encode($question, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $answer = (string) stream_get_contents($pipes[1]);
        $complaint = (string) stream_get_contents($pipes[2]);
        if (proc_close($process) !== 0) {
            throw new RuntimeException("The reference library fails: {$complaint}");
        }
        $list = json_decode($answer, true, 512, JSON_THROW_ON_ERROR);

        return is_array($list) ? array_values($list) : throw new RuntimeException("This is no list: {$answer}");
    }
}
