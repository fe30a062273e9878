<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use Illuminate\Contracts\Config\Repository;

/**
 * The heads of the chains as they were when they were signed, one line each in a file outside the database. A
 * chain that was shortened, rewritten or taken away does not contain them any more.
 */
final readonly class Anchors
{
    private const FILE = 'heads.jsonl';

    public function __construct(private Repository $config, private Keyring $keys)
    {
    }

    /** @param  bool  $baseline records up to this one were sealed before records were signed */
    public function append(int $studio, int $number, string $hash, bool $baseline = false): void
    {
        $line = ['studio' => $studio, 'number' => $number, 'hash' => $hash, 'baseline' => $baseline, ...$this->keys->sign(self::message($studio, $number, $hash, $baseline))];
        is_dir(dirname($this->path())) || mkdir(dirname($this->path()), 0700, true);
        file_put_contents($this->path(), json_encode($line, JSON_THROW_ON_ERROR)."\n", FILE_APPEND | LOCK_EX);
    }

    /** @return list<Anchor> of a studio those that are a baseline: until these, records were sealed before they were signed */
    public function baselines(int $studio): array
    {
        return $this->of($studio, PHP_INT_MAX);
    }

    /**
     * @param  int  $after number of a record; of earlier ones those that are a baseline alone
     * @return list<Anchor> of a studio, as they were written
     */
    public function of(int $studio, int $after = 0): array
    {
        $anchors = [];
        foreach (is_file($this->path()) ? file($this->path(), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] : [] as $at => $text) {
            $line = json_decode($text, true);
            if (! is_array($line) || ($line['studio'] ?? null) !== $studio) {
                continue;
            }
            $isEarlier = is_int($line['number'] ?? null) && $line['number'] <= $after && ($line['baseline'] ?? false) !== true;
            if (! $isEarlier) {
                $anchors[] = $this->anchor($line, $studio, $at + 1);
            }
        }

        return $anchors;
    }

    /** @param  array<array-key, mixed>  $line */
    private function anchor(array $line, int $studio, int $at): Anchor
    {
        $number = is_int($line['number'] ?? null) ? $line['number'] : 0;
        $hash = is_string($line['hash'] ?? null) ? $line['hash'] : '';
        $baseline = ($line['baseline'] ?? false) === true;
        $key = is_string($line['key'] ?? null) ? $line['key'] : '';
        $signature = is_string($line['signature'] ?? null) ? $line['signature'] : '';

        return new Anchor($number, $hash, $baseline, $this->keys->verifies($key, $signature, self::message($studio, $number, $hash, $baseline)), $at);
    }

    private static function message(int $studio, int $number, string $hash, bool $baseline): string
    {
        return "ordotype-head\n{$studio}\n{$number}\n{$hash}\n".($baseline ? 'baseline' : 'signed');
    }

    private function path(): string
    {
        return $this->config->string('records.folder').'/'.self::FILE;
    }
}
