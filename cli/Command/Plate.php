<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Colour\Srgb;
use Core\Plate\Palette;
use Core\Plate\PlateMaker;
use Core\Plate\ZoneState;
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
            'colours' => Schema::object(['ground' => $colour, 'base' => $colour, 'shade' => $colour, 'lights' => Schema::list($colour), 'detail' => $colour]),
        ]);
    }

    public function run(array $input): array
    {
        /** @var array{standard: StandardDocument, surface: string, uses: list<UseDocument>, colours: ColoursDocument} $input */
        $standard = StandardReader::ofSound()->read($input['standard'], '/standard');
        if (! $standard->hasSurface($input['surface'])) {
            throw UnknownReference::surface($input['surface'], $standard->surfaceIds(), '/surface');
        }
        $uses = (new UseReader($standard))->uses($input['uses'], '/uses');
        $plate = (new PlateMaker($standard))->make($uses, self::palette($input['colours']));

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
