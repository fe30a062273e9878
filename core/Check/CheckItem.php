<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Composition\TypeArea;
use Core\Standard\Criterion;
use Core\Standard\Side;

/** One criterion on one area of one figure, to be answered once. */
final readonly class CheckItem
{
    /**
     * @param  non-empty-list<Side>  $sides from which it is seen and that count, in the tier's order
     * @param  string|null  $alone why it is asked one by one; null: a passed side answers it
     */
    public function __construct(
        public TypeArea $area,
        public Criterion $criterion,
        public array $sides,
        public ?string $alone,
    ) {
    }

    public function key(): string
    {
        return self::keyOf($this->area->area->id, $this->criterion->id);
    }

    public static function keyOf(string $area, string $criterion): string
    {
        return json_encode([$area, $criterion], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    public function lastSide(): Side
    {
        return $this->sides[count($this->sides) - 1];
    }

    public function zone(): Zone
    {
        return $this->area->focal ? Zone::Focal : Zone::Plain;
    }
}
