<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Colour\Mix as Mixture;
use Core\Colour\MixPart;
use Core\Colour\Srgb;
use Document\Shape\Schema;

/** `mix`: the colour that paints give when they are stirred together. */
final readonly class Mix implements Command
{
    public function name(): string
    {
        return 'mix';
    }

    public function summary(): string
    {
        return 'the colour of a mix of paints, as a forecast';
    }

    public function schema(): array
    {
        return Schema::object(['parts' => Schema::list(Schema::object(['hex' => Schema::colour(), 'parts' => Schema::over(0)]), 1)]);
    }

    public function run(array $input): array
    {
        /** @var array{parts: non-empty-list<array{hex: string, parts: int|float}>} $input */
        $colour = Mixture::of(array_map(
            static fn (array $part): MixPart => new MixPart(Srgb::fromHex($part['hex']), (float) $part['parts']),
            $input['parts'],
        ));

        return ['hex' => $colour->hex(), 'lab' => $colour->lab()->toArray()];
    }
}
