<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\Resource;
use Core\Composition\LiesAmong;
use Core\Standard\Technique;

/**
 * Where a use of the whole figure lies among what a tier asks of each surface.
 *
 * @phpstan-type LiesOnSurface array{surface: string, under: list<string>, over: list<string>}
 * @phpstan-type LiesAmong_ array{surfaces: list<LiesOnSurface>, spared: list<string>, say: string}
 */
final readonly class LiesAmongResource extends Resource
{
    public function __construct(private LiesAmong $place)
    {
    }

    /** @return LiesAmong_ */
    public function toArray(): array
    {
        return [
            'surfaces' => array_map(static fn (array $one): array => ['surface' => $one['surface'], 'under' => self::names($one['under']), 'over' => self::names($one['over'])], $this->place->surfaces),
            'spared' => $this->place->spared,
            'say' => $this->place->inWords(),
        ];
    }

    /**
     * @param  list<Technique>  $techniques
     * @return list<string>
     */
    private static function names(array $techniques): array
    {
        return array_map(static fn (Technique $technique): string => $technique->name, $techniques);
    }
}
