<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Colour\Srgb;
use Core\Composition\OverAllOrder;
use Core\Plate\Palette;
use Core\Plate\PlateMaker;
use Core\Plate\ZoneState;
use Core\Standard\Duplicate;
use Core\Standard\UnknownReference;
use Document\Member\UseMembers;
use Document\Shape\Schema;
use Document\Standard\StandardReader;
use Document\Standard\StandardSchema;
use Document\Standard\UseReader;

/**
 * `plate`: how a surface comes out, zone by zone.
 *
 * @phpstan-import-type StandardDocument from StandardReader
 * @phpstan-import-type UseDocument from \Document\Member\UseMembers
 *
 * @phpstan-type ColoursDocument array{
 *   ground: string,
 *   base: string,
 *   shade: string,
 *   lights: list<string>,
 *   detail: string,
 *   grounds?: list<string>,
 * }
 */
final readonly class Plate implements Command
{
    public function name(): string
    {
        return 'plate';
    }

    public function summary(): string
    {
        return 'how a surface comes out, zone by zone';
    }

    public function schema(): array
    {
        $colour = Schema::colour();

        return Schema::object([
            'standard' => StandardSchema::document(),
            'surface' => Schema::id(),
            'uses' => Schema::list(UseMembers::schema()),
            'colours' => Schema::object(
                ['ground' => $colour, 'base' => $colour, 'shade' => $colour, 'lights' => Schema::list($colour), 'detail' => $colour],
                ['grounds' => Schema::list($colour, 1)],
            ),
        ], ['whole' => Schema::list(UseMembers::schemaOfAny())]);
    }

    public function run(array $input): array
    {
        /** @var array{standard: StandardDocument, surface: string, uses: list<UseDocument>, whole?: list<UseDocument>, colours: ColoursDocument} $input */
        $standard = StandardReader::ofSound()->read($input['standard'], '/standard');
        if (! $standard->hasSurface($input['surface'])) {
            throw UnknownReference::surface($input['surface'], $standard->surfaceIds(), '/surface');
        }
        $reader = new UseReader($standard);
        $uses = $reader->uses($input['uses'], '/uses');
        $documents = $input['whole'] ?? [];
        $whole = $reader->uses($documents, '/whole', ofWhole: true);
        foreach ($whole as $i => $use) {
            if (in_array($use->id, array_column($uses, 'id'), true)) {
                throw Duplicate::use($use->id, "/whole/{$i}".UseReader::idMember($documents[$i]));
            }
        }
        $plate = (new PlateMaker($standard))->make((new OverAllOrder($standard))->among($uses, $whole, $input['surface']), self::palette($input['colours']));

        return ['zones' => array_map(self::zone(...), $plate->zones), 'span' => $plate->span];
    }

    /** @param  ColoursDocument  $colours */
    private static function palette(array $colours): Palette
    {
        return new Palette(
            Srgb::fromHex($colours['ground']),
            Srgb::fromHex($colours['base']),
            Srgb::fromHex($colours['shade']),
            array_map(Srgb::fromHex(...), $colours['lights']),
            Srgb::fromHex($colours['detail']),
            grounds: array_map(Srgb::fromHex(...), $colours['grounds'] ?? []),
        );
    }

    /** @return array<string, mixed> */
    private static function zone(ZoneState $zone): array
    {
        return [
            'zone' => $zone->zone->value,
            'hex' => $zone->colour->hex(),
            'lightness' => $zone->colour->lightness(),
            'uses' => $zone->uses,
            'softness' => $zone->softness,
            'cover' => $zone->cover,
            'texture' => $zone->texture?->value,
        ];
    }
}
