<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\Resource;
use App\Models\Scheme;

/**
 * @phpstan-type SchemeRow array{
 *   id: int,
 *   name: string,
 *   force: string,
 *   common_id: int|null,
 *   areas: int,
 *   version: int,
 * }
 */
final readonly class SchemesResource extends Resource
{
    /** @param  list<Scheme>  $schemes with their force and the number of their areas */
    public function __construct(private array $schemes)
    {
    }

    /** @return list<SchemeRow> */
    public function toArray(): array
    {
        return array_map(self::row(...), $this->schemes);
    }

    /** @return SchemeRow */
    public static function row(Scheme $scheme): array
    {
        return [
            'id' => $scheme->id, 'name' => $scheme->name, 'force' => $scheme->force->name, 'common_id' => $scheme->common_id,
            'areas' => is_int($scheme->getAttribute('areas_count')) ? $scheme->getAttribute('areas_count') : 0, 'version' => $scheme->version,
        ];
    }
}
