<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Standard\Side;
use Core\Standard\Surface;

/**
 * What is looked at again after a repair: the mended areas, what is known to border on them, what failed, and
 * what is said of the figure as a whole. The rest stands as it was answered. A repair of the whole, or one
 * that names no area, can have touched everything.
 */
final readonly class Recheck
{
    /** @var array<array-key, true> */
    private array $areas;

    /**
     * @param  list<string>  $mendedAreas
     * @param  list<string>  $failed keys of the items that failed
     */
    public function __construct(FigureType $type, array $mendedAreas, private array $failed)
    {
        $neighbours = new Neighbours($type);
        $areas = [];
        foreach ($mendedAreas as $mended) {
            $area = $type->area($mended);
            $touched = $area === null || $area->area->surface === Surface::WHOLE
                ? array_map(static fn ($one): string => $one->area->id, $type->areas)
                : [$mended, ...$neighbours->of($mended)];
            $areas += array_fill_keys($touched, true);
        }
        $this->areas = $areas;
    }

    public function asksAgain(CheckItem $item): bool
    {
        return isset($this->areas[$item->area->area->id])
            || $item->area->area->surface === Surface::WHOLE
            || in_array($item->key(), $this->failed, true);
    }

    /** What stands of the check before: answers to other items, and sides from which nothing asked again is seen. */
    public function standing(CheckState $before, CheckSheet $sheet): CheckState
    {
        $answers = [];
        $again = [];
        foreach ($sheet->items as $item) {
            if (! $this->asksAgain($item) && isset($before->answers[$item->key()])) {
                $answers[$item->key()] = $before->answers[$item->key()];
            } else {
                array_push($again, ...$item->sides);
            }
        }

        return new CheckState($answers, array_values(array_filter(
            $before->passed,
            static fn (Side $side): bool => ! in_array($side, $again, true),
        )));
    }
}
