<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\Resource;
use Document\Difference\ChangeLine;

/**
 * What a version changes, line by line.
 *
 * @phpstan-type DifferenceLine array{
 *   tier: string|null,
 *   surface: string|null,
 *   sentence: string,
 *   minutes: float|null,
 * }
 * @phpstan-type Difference array{against: string|null, lines: list<DifferenceLine>}
 */
final readonly class DifferenceResource extends Resource
{
    /** @param  list<ChangeLine>  $lines */
    public function __construct(
        private ?string $against,
        private array $lines,
        private string $figure,
    ) {
    }

    /** @return Difference */
    public function toArray(): array
    {
        return ['against' => $this->against, 'lines' => self::lines($this->lines, $this->figure)];
    }

    /**
     * @param  list<ChangeLine>  $lines
     * @return list<DifferenceLine>
     */
    public static function lines(array $lines, string $figure): array
    {
        return array_map(static fn (ChangeLine $line): array => [
            'tier' => $line->tier, 'surface' => $line->surface, 'sentence' => $line->sentence($figure), 'minutes' => $line->minutes,
        ], $lines);
    }
}
