<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use Core\Scheme\Recipe;
use Core\Scheme\RungRole;

/** A line of a list of paints by use, and where it lands. */
final readonly class LandedLine
{
    /**
     * @param  int  $line as an editor counts it, from 1
     * @param  string  $figureType key; empty for any
     * @param  string  $use id
     * @param  string  $name of what lays it
     * @param  int|null  $at the step of the ladder that says it, from 0; null where it stays with its use
     * @param  RungRole|null  $role of that step
     * @param  string  $remark what to know of it; empty for nothing
     */
    public function __construct(
        public int $line,
        public string $figureType,
        public string $area,
        public string $use,
        public string $name,
        public int $step,
        public Recipe $recipe,
        public ?int $at,
        public ?RungRole $role,
        public string $remark,
    ) {
    }
}
