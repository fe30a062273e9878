<?php

declare(strict_types=1);

namespace App\Actions\Paints;

use App\Actions\Transaction;
use App\Import\PaintEntry;
use App\Import\PaintFile;
use App\Models\Paint;
use Document\Json\BadDocument;

/** Takes paints from a file: new ones are added, and of known ones colour and kind are brought up to date. */
final readonly class ImportPaints
{
    public function __construct(private StorePaint $store)
    {
    }

    /**
     * @param  bool  $take whether they are stored, or only shown
     * @return array{new: list<string>, changed: list<string>, alike: int, taken: bool}
     *
     * @throws BadDocument|\App\Refusals\UnreadableFile
     */
    public function handle(string $text, bool $take): array
    {
        $entries = PaintFile::read($text);

        return Transaction::run(function () use ($entries, $take): array {
            $known = Paint::query()->lockForUpdate()->get()->keyBy(static fn (Paint $paint): string => mb_strtolower($paint->name));
            $answer = ['new' => [], 'changed' => [], 'alike' => 0, 'taken' => $take];
            foreach ($entries as $entry) {
                $paint = $known->get(mb_strtolower($entry->name));
                if ($paint === null) {
                    $answer['new'][] = $entry->name;
                    $take && $this->store->create($entry);
                } elseif ($paint->hex === $entry->colour && $paint->kind === $entry->kind && $paint->opacity === $entry->opacity) {
                    $answer['alike']++;
                } else {
                    $answer['changed'][] = $paint->name;
                    $take && $this->store->change($paint, self::over($paint, $entry), $paint->version);
                }
            }

            return $answer;
        });
    }

    /** What the studio knows of its own pots stays. */
    private static function over(Paint $paint, PaintEntry $entry): PaintEntry
    {
        return new PaintEntry(
            $paint->name, $entry->kind, $entry->colour, $entry->opacity, $paint->coats_dark, $paint->coats_middle, $paint->coats_light,
            $paint->hiding, $paint->finish, $paint->ml, $paint->stock_ml, $paint->note,
        );
    }
}
