<?php

declare(strict_types=1);

namespace Core\Mapping;

use Core\Listing\TypeChange;
use Core\Standard\Side;

/** From which sides a figure is laid out otherwise than it was, in words. */
final readonly class MapDifference
{
    public function __construct(
        private FigureMap $from,
        private FigureMap $to,
    ) {
    }

    /** @return list<TypeChange> of the figure as one */
    public function changes(): array
    {
        return array_values(array_filter([
            $this->change('laid out as a picture', fn (Side $side): bool => $this->from->of($side) === null && $this->to->of($side) !== null),
            $this->change('laid out otherwise', fn (Side $side): bool => $this->from->of($side) !== null && $this->to->of($side) !== null && $this->from->of($side) != $this->to->of($side)),
            $this->change('no longer laid out', fn (Side $side): bool => $this->from->of($side) !== null && $this->to->of($side) === null),
        ]));
    }

    /** @param  callable(Side): bool  $is */
    private function change(string $what, callable $is): ?TypeChange
    {
        $sides = array_map(static fn (Side $side): string => $side->value, array_filter(Side::cases(), $is));

        return $sides === [] ? null : new TypeChange(null, "{$what}: ".implode(', ', $sides));
    }
}
