<?php

declare(strict_types=1);

namespace Core\Listing;

use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Composition\TypeArea;

/** Which areas of a figure may touch, by what they are made of: an offer, never taken for known. Common practice, no source. */
final readonly class UsualBorders
{
    private const PAIRS = [
        ['face', 'hair', 'hair grows round a face'],
        ['face', 'skin', 'a face goes over into the neck'],
        ['skin', 'wood', 'a hand holds it'],
        ['skin', 'metal', 'a hand holds it'],
        ['skin', 'cloth', 'skin comes out of a sleeve or a collar'],
        ['face', 'cloth', 'a collar or a hood is round the face'],
        ['plate', 'joints', 'joints open between plates'],
        ['plate', 'trim', 'trim runs along its edge'],
        ['plate', 'marking', 'a marking lies on it'],
        ['plate', 'lens', 'a lens is set in it'],
        ['cloth', 'trim', 'trim runs along its hem'],
        ['cloth', 'marking', 'a marking lies on it'],
        ['cloth', 'leather', 'a belt or a boot lies on it'],
        ['cloth', 'lettering', 'it is written on'],
        ['leather', 'metal', 'buckles sit on leather'],
        ['wood', 'metal', 'a head or a ferrule sits on its shaft'],
        ['leather', 'ground', 'boots stand on it'],
        ['ground', 'rim', 'the rim is round it'],
    ];

    /** @return list<UsualBorder> of one part, where nothing is said of the two yet; in the order of the areas */
    public static function of(FigureType $type): array
    {
        $neighbours = new Neighbours($type);
        $offers = [];
        foreach ($type->areas as $i => $area) {
            $known = $neighbours->of($area->area->id);
            foreach (array_slice($type->areas, $i + 1) as $other) {
                $why = $area->part === $other->part && ! in_array($other->area->id, $known, true) ? self::why($area, $other) : null;
                if ($why !== null) {
                    $offers[] = new UsualBorder($area->area->id, $other->area->id, $why);
                }
            }
        }

        return $offers;
    }

    private static function why(TypeArea $area, TypeArea $other): ?string
    {
        $two = [$area->area->surface, $other->area->surface];
        foreach (self::PAIRS as [$one, $another, $why]) {
            if ($two === [$one, $another] || $two === [$another, $one]) {
                return $why;
            }
        }

        return null;
    }
}
