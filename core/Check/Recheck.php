<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Standard\Side;

/**
 * What is looked at again after a repair: the mended areas, their neighbours, and what failed. The
 * rest stands as it was answered.
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
        foreach ($mendedAreas as $area) {
            foreach ([$area, ...$neighbours->of($area)] as $touched) {
                $areas[$touched] = true;
            }
        }
        $this->areas = $areas;
    }

    public function asksAgain(CheckItem $item): bool
    {
        return isset($this->areas[$item->area->area->id]) || in_array($item->key(), $this->failed, true);
    }

    /** What stands of the check before: answers to other items, and sides from which nothing asked again is seen. */
    public function standing(CheckState $before, CheckSheet $sheet): CheckState
    {
        $answers = [];
        $again = [];
        foreach ($sheet->items as $item) {
            if ($this->asksAgain($item)) {
                array_push($again, ...$item->sides);
            } elseif (isset($before->answers[$item->key()])) {
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
