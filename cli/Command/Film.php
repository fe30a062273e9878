<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Colour\Film as ThinCoat;
use Core\Colour\Srgb;
use Document\Shape\Schema;

/** `film`: a thin coat over a colour. */
final readonly class Film implements Command
{
    public function name(): string
    {
        return 'film';
    }

    public function summary(): string
    {
        return 'a thin coat of paint over a colour';
    }

    public function schema(): array
    {
        return Schema::object([
            'over' => Schema::colour(),
            'film' => Schema::colour(),
            'strength' => Schema::between(0, 1),
            'coats' => Schema::whole(),
        ]);
    }

    public function run(array $input): array
    {
        /** @var array{over: string, film: string, strength: int|float, coats: int|float} $input */
        $film = new ThinCoat(Srgb::fromHex($input['film']), (float) $input['strength']);
        $colour = $film->over(Srgb::fromHex($input['over']), (int) $input['coats']);

        return ['hex' => $colour->hex(), 'lab' => $colour->lab()->toArray()];
    }
}
