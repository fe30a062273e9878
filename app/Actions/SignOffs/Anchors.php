<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

/**
 * The heads of the chains as they were when they were signed, kept outside the database. A chain that was shortened,
 * rewritten or taken away does not contain them any more.
 */
final readonly class Anchors
{
    public function __construct(private HeadStore $heads, private Keyring $keys)
    {
    }

    /** @param  bool  $baseline records up to this one were sealed before records were signed */
    public function append(int $studio, int $number, string $hash, bool $baseline = false): void
    {
        $line = ['studio' => $studio, 'number' => $number, 'hash' => $hash, 'baseline' => $baseline, ...$this->keys->sign(self::message($studio, $number, $hash, $baseline))];
        $this->heads->add($studio, $number, $baseline, json_encode($line, JSON_THROW_ON_ERROR));
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
        foreach ($this->heads->of($studio, $after) as $place => $text) {
            $line = json_decode($text, true);
            if (! is_array($line) || ($line['studio'] ?? null) !== $studio) {
                continue;
            }
            $isEarlier = is_int($line['number'] ?? null) && $line['number'] <= $after && ($line['baseline'] ?? false) !== true;
            if (! $isEarlier) {
                $anchors[] = $this->anchor($line, $studio, $place);
            }
        }

        return $anchors;
    }

    /** @param  array<array-key, mixed>  $line */
    private function anchor(array $line, int $studio, string $place): Anchor
    {
        $number = is_int($line['number'] ?? null) ? $line['number'] : 0;
        $hash = is_string($line['hash'] ?? null) ? $line['hash'] : '';
        $baseline = ($line['baseline'] ?? false) === true;
        $key = is_string($line['key'] ?? null) ? $line['key'] : '';
        $signature = is_string($line['signature'] ?? null) ? $line['signature'] : '';

        return new Anchor($number, $hash, $baseline, $this->keys->verifies($key, $signature, self::message($studio, $number, $hash, $baseline)), $place);
    }

    private static function message(int $studio, int $number, string $hash, bool $baseline): string
    {
        return "ordotype-head\n{$studio}\n{$number}\n{$hash}\n".($baseline ? 'baseline' : 'signed');
    }
}
