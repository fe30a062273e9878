<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\AreaDraft;
use App\Actions\Schemes\SchemeReading;
use App\Http\Shared\Resource;
use App\Models\Scheme;
use Core\Scheme\AreaLadder;

/**
 * The colours of an area as they would come out: its ladder, and its plate at each tier.
 *
 * @phpstan-import-type SchemeArea_ from SchemeAreaParts
 * @phpstan-import-type SchemePlate from SchemePlatesResource
 *
 * @phpstan-type SchemeAreaPreview array{area: SchemeArea_, plates: list<SchemePlate>}
 */
final readonly class SchemeAreaResource extends Resource
{
    public function __construct(
        private SchemeReading $reading,
        private Scheme $scheme,
        private AreaLadder $ladder,
        private AreaDraft $draft,
        private int $figures,
    ) {
    }

    /** @return SchemeAreaPreview */
    public function toArray(): array
    {
        return [
            'area' => (new SchemeAreaParts($this->reading, $this->figures))->of($this->scheme, null, $this->ladder, $this->draft),
            'plates' => (new SchemePlatesResource($this->reading, $this->reading->plates($this->ladder->area, $this->ladder)))->toArray(),
        ];
    }
}
