<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Composition\Origin;
use Core\Composition\TypeArea;
use Core\Standard\Criterion;
use Core\Standard\Severity;
use Core\Standard\Side;

/** One criterion on one area of one figure, or one use that was handed over undone: to be answered once. */
final readonly class CheckItem
{
    /**
     * @param  non-empty-list<Side>  $sides from which it is seen and that count, in the tier's order
     * @param  string|null  $alone why it is asked one by one; null: a passed side answers it
     * @param  ExcusedUse|null  $excused the use that was handed over undone, where that is what is asked about
     * @param  list<string>  $places where to look, by name; none: all over the area
     */
    public function __construct(
        public TypeArea $area,
        public Criterion $criterion,
        public array $sides,
        public ?string $alone,
        public Origin $origin = Origin::Tier,
        public ?ExcusedUse $excused = null,
        public array $places = [],
    ) {
    }

    public function kind(): ItemKind
    {
        return $this->excused === null ? ItemKind::Criterion : ItemKind::Excused;
    }

    public function key(): string
    {
        return self::keyOf($this->area->area->id, $this->criterion->id, $this->kind());
    }

    public static function keyOf(string $area, string $id, ItemKind $kind = ItemKind::Criterion): string
    {
        return json_encode([$kind->value, $area, $id], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** @return non-empty-list<Answer> */
    public function answers(): array
    {
        return $this->excused?->as->answers() ?? Answer::cases();
    }

    /** What takes an item out of the count says why; of an excused use it was said at the bench. */
    public function needsReason(Answer $answer): bool
    {
        return $this->excused === null && $answer->needsReason();
    }

    /** How bad it is when it is answered so: what was not done is critical, as {@see MissingFault} weighs it. */
    public function severityOf(Answer $answer): Severity
    {
        return $answer === Answer::NotDone ? Severity::Critical : $this->criterion->severity;
    }

    public function lastSide(): Side
    {
        return $this->sides[count($this->sides) - 1];
    }

    public function zone(): Zone
    {
        return Zone::of($this->area);
    }
}
