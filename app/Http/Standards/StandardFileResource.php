<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\Resource;
use Document\Difference\ChangeLine;

/**
 * A standard file that was read, beside what is there.
 *
 * @phpstan-import-type DifferenceLine from DifferenceResource
 *
 * @phpstan-type StandardFilePreview array{
 *   name: string,
 *   version: string,
 *   against: string|null,
 *   lines: list<DifferenceLine>,
 * }
 */
final readonly class StandardFileResource extends Resource
{
    /** @param  list<ChangeLine>  $lines */
    public function __construct(
        private string $name,
        private string $version,
        private ?string $against,
        private array $lines,
    ) {
    }

    /** @return StandardFilePreview */
    public function toArray(): array
    {
        return ['name' => $this->name, 'version' => $this->version, 'against' => $this->against, 'lines' => DifferenceResource::lines($this->lines, 'reference figure')];
    }
}
