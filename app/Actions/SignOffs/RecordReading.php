<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

/**
 * A sealed record as it is shown: one shape, whichever format it was sealed in. What an older format did
 * not keep stays empty; nothing is guessed.
 */
final readonly class RecordReading
{
    private const FIRST = 'ordotype-sign-off/1';

    /**
     * @param  array<array-key, mixed>  $record
     * @return array<array-key, mixed>
     */
    public static function of(array $record): array
    {
        $told = ($record['format'] ?? null) === self::FIRST ? self::first($record) : $record;

        $told['painted'] = array_map(static fn (array $use): array => ['looked_on' => null, ...$use], self::entries(self::members($told, 'painted')));

        return ['raises' => null, 'elsewhere' => false, 'not_addable' => [], 'added' => [], ...$told, 'figure' => ['name' => '', ...self::members($told, 'figure')], 'rounds' => array_map(self::places(...), self::entries(self::members($told, 'rounds')))];
    }

    /**
     * Faults of a record from before there were maps have no place.
     *
     * @param  array<array-key, mixed>  $round
     * @return array<array-key, mixed>
     */
    private static function places(array $round): array
    {
        return [...$round, 'faults' => array_map(static fn (array $fault): array => ['place' => null, ...$fault], self::entries(self::members($round, 'faults')))];
    }

    /**
     * @param  array<array-key, mixed>  $record
     * @return array<array-key, mixed>
     */
    private static function first(array $record): array
    {
        $variations = self::members($record, 'variations');
        $silent = ['words' => '', 'agreed_with' => '', 'whole_unit' => true];
        $work = self::entries(self::members($record, 'work'));
        unset($record['work'], $record['variations']);

        return [
            ...$record,
            'ids' => null,
            'painted' => array_map(static fn (array $use): array => [...$use, 'by' => '', 'at' => null], $work),
            'excused' => array_map(static fn (array $one): array => [...$one, 'work' => '', ...$silent, 'words' => str_replace('-', ' ', is_string($one['as'] ?? null) ? $one['as'] : '')], self::entries(self::members($record, 'excused'))),
            'left_out' => array_map(static fn (array $one): array => [...$one, 'work' => '', 'whole_unit' => true], self::entries(self::members($variations, 'waived'))),
            'not_asked' => [],
            'chosen' => self::entries(self::members($variations, 'chosen')),
            'area_tiers' => self::entries(self::members($variations, 'area_tiers')),
            'rounds' => array_map(self::round(...), self::entries(self::members($record, 'rounds'))),
            'look' => null,
            'evidence' => null,
        ];
    }

    /**
     * @param  array<array-key, mixed>  $round
     * @return array<array-key, mixed>
     */
    private static function round(array $round): array
    {
        return [
            ...$round,
            'opened' => null,
            'closed' => null,
            'minutes' => null,
            'sent_back' => null,
            'answers' => array_map(static fn (array $answer): array => [...$answer, 'item' => 'criterion', 'source' => ''], self::entries(self::members($round, 'answers'))),
            'faults' => array_map(static fn (array $fault): array => [
                ...$fault, 'item' => 'criterion', 'text' => '', 'own_severity' => $fault['severity'] ?? null, 'severity' => null, 'zone' => null,
                'sentence' => '', 'why' => null, 'stands' => ($fault['undone'] ?? false) !== true,
            ], self::entries(self::members($round, 'faults'))),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $of
     * @return array<array-key, mixed>
     */
    private static function members(array $of, string $name): array
    {
        return is_array($of[$name] ?? null) ? $of[$name] : [];
    }

    /**
     * @param  array<array-key, mixed>  $list
     * @return list<array<array-key, mixed>>
     */
    private static function entries(array $list): array
    {
        return array_values(array_filter($list, is_array(...)));
    }
}
