<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use Core\Standard\Standard;
use Document\Standard\StandardReader;

/**
 * A standard small enough to work out by hand: two tiers, three surfaces. Invented.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 * @phpstan-import-type RequirementDocument from \Document\Member\RequirementMembers
 * @phpstan-import-type TierDocument from \Document\Member\TierMembers
 */
final readonly class SmallStandard
{
    /** Stands for a member or entry that is taken away. */
    public const GONE = "\0gone";

    /**
     * The document with some places changed.
     *
     * @param  array<string, mixed>  $changes  value by JSON pointer; a pointer that ends in `/-` appends
     * @return StandardDocument
     */
    public static function with(array $changes): array
    {
        $document = self::document();
        foreach ($changes as $pointer => $value) {
            $place = &$document;
            $names = explode('/', substr($pointer, 1));
            $last = array_pop($names);
            foreach ($names as $name) {
                assert(is_array($place));
                $place = &$place[$name];
            }
            assert(is_array($place));
            if ($value === self::GONE) {
                unset($place[$last]);
                $place = is_numeric($last) ? array_values($place) : $place;
            } elseif ($last === '-') {
                $place[] = $value;
            } else {
                $place[$last] = $value;
            }
            unset($place);
        }

        /** @var StandardDocument */
        return $document;
    }

    /** @return StandardDocument */
    public static function document(): array
    {
        return [
            'format' => 'ordotype-standard/1',
            'name' => 'Small',
            'version' => '1',
            'surfaces' => [
                ['id' => 'whole', 'name' => 'Whole figure', 'needs_lay_in' => false],
                ['id' => 'cloth', 'name' => 'Cloth'],
                ['id' => 'marking', 'name' => 'Marking', 'needs_lay_in' => false],
            ],
            'techniques' => [
                ['id' => 'prime', 'name' => 'Primer', 'group' => 'ground', 'opacity' => 'opaque', 'dry' => 30],
                ['id' => 'base', 'name' => 'Base coat', 'group' => 'lay-in', 'opacity' => 'opaque', 'dry' => 10],
                ['id' => 'wash', 'name' => 'Wash', 'group' => 'shade', 'opacity' => 'transparent', 'dry' => 30, 'messy' => true],
                ['id' => 'recess-wash', 'name' => 'Recess wash', 'group' => 'shade', 'opacity' => 'transparent', 'lies_on' => 'recess', 'replaces' => ['wash']],
                ['id' => 'layer', 'name' => 'Layer', 'group' => 'light', 'opacity' => 'semi', 'lies_on' => 'face', 'replaces' => ['drybrush']],
                ['id' => 'drybrush', 'name' => 'Drybrush', 'group' => 'light', 'opacity' => 'semi', 'lies_on' => 'edge', 'messy' => true],
                ['id' => 'buckle', 'name' => 'Buckle', 'group' => 'detail', 'opacity' => 'opaque'],
                ['id' => 'decal', 'name' => 'Decal', 'group' => 'marking', 'opacity' => 'opaque', 'dry' => 30],
                ['id' => 'dust', 'name' => 'Dust', 'group' => 'wear', 'opacity' => 'semi', 'messy' => true],
                ['id' => 'varnish', 'name' => 'Varnish', 'group' => 'finish', 'opacity' => 'transparent', 'dry' => 60],
            ],
            'tiers' => [self::tier('plain', 1), self::tier('rich', 2)],
            'requirements' => [
                ['tier' => 'plain', 'surface' => 'whole', 'uses' => [['technique' => 'prime', 'minutes' => 2]], 'criteria' => [['id' => 'even', 'text' => 'The ground is even.', 'severity' => 'major']]],
                ['tier' => 'plain', 'surface' => 'cloth', 'uses' => [
                    ['technique' => 'base', 'coats' => 2, 'minutes' => 12, 'fixed' => 1],
                    ['id' => 'shade', 'technique' => 'wash', 'minutes' => 8],
                    ['id' => 'light', 'any_of' => ['drybrush', 'layer'], 'extent' => 'upper', 'minutes' => 20],
                    ['id' => 'buckles', 'technique' => 'buckle', 'feature' => 'buckle', 'each' => 1.5],
                ], 'criteria' => [
                    ['id' => 'covered', 'text' => 'No ground shows.', 'severity' => 'major'],
                    ['id' => 'lit', 'text' => 'The folds are lit.', 'severity' => 'minor', 'uses' => ['light']],
                    ['id' => 'modelled', 'text' => 'There is light and shade.', 'severity' => 'minor', 'uses' => ['shade', 'light']],
                    ['id' => 'buckled', 'text' => 'Each buckle is metal.', 'severity' => 'major', 'feature' => 'buckle', 'uses' => ['buckles']],
                ]],
                ['tier' => 'plain', 'surface' => 'marking', 'uses' => []],
                ['tier' => 'rich', 'surface' => 'whole', 'uses' => [['technique' => 'prime', 'minutes' => 2], ['technique' => 'varnish', 'minutes' => 3]], 'criteria' => [['id' => 'even', 'text' => 'The ground is even.', 'severity' => 'major']]],
                ['tier' => 'rich', 'surface' => 'cloth', 'uses' => [
                    ['technique' => 'base', 'coats' => 2, 'minutes' => 12, 'fixed' => 1],
                    ['id' => 'recess', 'technique' => 'recess-wash', 'minutes' => 20],
                    ['id' => 'light', 'technique' => 'layer', 'steps' => 2, 'minutes' => 40],
                    ['id' => 'buckles', 'technique' => 'buckle', 'feature' => 'buckle', 'each' => 3],
                ], 'criteria' => [['id' => 'covered', 'text' => 'No ground shows.', 'severity' => 'major']]],
            ],
            'reference' => ['size' => 1, 'areas' => [['id' => 'figure', 'surface' => 'whole', 'share' => 1], ['id' => 'coat', 'surface' => 'cloth', 'share' => 0.5, 'features' => ['buckle' => 2]]]],
        ];
    }

    public static function standard(): Standard
    {
        return StandardReader::ofSound()->read(self::document());
    }

    /** @return TierDocument */
    public static function tier(string $id, int $rank): array
    {
        return [
            'id' => $id, 'name' => ucfirst($id), 'rank' => $rank, 'distance_mm' => 700, 'sides' => ['front', 'left', 'back', 'right', 'above'],
            'look_minutes' => 2, 'limits' => ['critical' => 0, 'major' => 1, 'minor' => 3], 'colour_tolerance' => 5, 'notice_arcmin' => 2,
            'budget_minutes' => 200, 'by_agreement' => false, 'retired' => false,
        ];
    }
}
