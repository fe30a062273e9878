<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\TriedColour;
use App\Http\Shared\Resource;
use Core\Check\Sight;
use Core\Scheme\Tried;

/**
 * What came nearest to a colour that is wanted.
 *
 * @phpstan-type Tried_ array{
 *   mix: string,
 *   coats: int,
 *   hex: string,
 *   lightness: float,
 *   delta_e: float,
 *   is_noticed: bool,
 * }
 * @phpstan-type TriedColour_ array{wanted: string, ratio: Tried_|null, glaze: Tried_|null}
 */
final readonly class TriedColourResource extends Resource
{
    public function __construct(private TriedColour $tried)
    {
    }

    /** @return TriedColour_ */
    public function toArray(): array
    {
        return ['wanted' => $this->tried->wanted->hex(), 'ratio' => self::tried($this->tried->ratio), 'glaze' => self::tried($this->tried->glaze)];
    }

    /** @return Tried_|null */
    private static function tried(?Tried $tried): ?array
    {
        return $tried === null ? null : [
            'mix' => $tried->recipe->text(),
            'coats' => $tried->coats,
            'hex' => $tried->shown->hex(),
            'lightness' => round($tried->shown->lightness()),
            'delta_e' => round($tried->apart, 1),
            'is_noticed' => $tried->apart >= Sight::JUST_NOTICEABLE_DIFFERENCE,
        ];
    }
}
