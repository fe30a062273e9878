<?php

declare(strict_types=1);

namespace App\Import;

/** One line of a roster while it is read: its cells by column, and what is wrong with them. */
final class RosterLineReading
{
    /** @var list<RosterProblem> */
    private array $problems = [];

    /**
     * @param  list<string>  $header
     * @param  list<string>  $cells
     */
    public function __construct(
        public readonly int $line,
        private readonly array $header,
        private readonly array $cells,
    ) {
        if (count($cells) > count($header)) {
            $this->problem($header[count($header) - 1] ?? 'unit', 'too-many-cells', sprintf('This line has %d cells for %d columns; put text that holds the separator in quotation marks.', count($cells), count($header)));
        }
    }

    public function text(string $column): string
    {
        $place = array_search($column, $this->header, true);

        return $place === false ? '' : ($this->cells[$place] ?? '');
    }

    public function needed(string $column, int $longest): string
    {
        $text = $this->limited($column, $longest);
        if ($text === '') {
            $this->problem($column, 'empty', "The {$column} is missing in this line.");
        }

        return $text;
    }

    public function limited(string $column, int $longest): string
    {
        $text = $this->text($column);
        if (mb_strlen($text) > $longest) {
            $this->problem($column, 'too-long', sprintf('This has %d characters; it may have at most %d.', mb_strlen($text), $longest));
        }

        return $text;
    }

    public function whole(string $column, int $least, int $most): ?int
    {
        $text = $this->text($column);
        if (preg_match('/^\d{1,9}$/', $text) === 1 && (int) $text >= $least && (int) $text <= $most) {
            return (int) $text;
        }
        $this->problem($column, 'out-of-range', sprintf('"%s" cannot be a %s; write a whole number from %d to %d.', mb_strimwidth($text, 0, 40, '…'), str_replace('_', ' ', $column), $least, $most));

        return null;
    }

    public function problem(string $column, string $code, string $message): void
    {
        $this->problems[] = new RosterProblem($this->line, $column, $code, $message);
    }

    /** @param  list<array{key: string, name: string, like: bool}>  $offers */
    public function unknown(string $column, string $code, string $message, string $word, array $offers): void
    {
        $this->problems[] = new RosterProblem($this->line, $column, $code, $message, $word, $offers);
    }

    /** @return list<RosterProblem> */
    public function problems(): array
    {
        return $this->problems;
    }
}
