<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\BenchMark;
use Core\Sequence\PlannedStep;
use Core\Sequence\Step;
use Core\Sequence\TidyBack;
use Core\Sequence\Work;

/** A use laid on an area, or an area tidied back; what is laid in one go on several areas has one number on the sheet. */
final readonly class SheetStep
{
    /** The degree of a tidying back: there is only one. */
    private const TIDY = 'tidy-back';

    /** @param  int  $number of the step on its sheet, from 1 */
    private function __construct(
        public int $number,
        public string $area,
        public string $use,
        public string $technique,
        public int $coats,
        public int $steps,
        public string $extent,
        public PlannedStep|TidyBack $planned,
    ) {
    }

    /** @return list<self> */
    public static function all(Work $work): array
    {
        $all = [];
        $number = 0;
        foreach ($work->items as $item) {
            $isFurther = $item instanceof PlannedStep && $item->inOneGo !== [] && $item->inOneGo[0] !== $item->step;
            $number += $isFurther ? 0 : 1;
            $all[] = self::of($item, $number);
        }

        return $all;
    }

    /** @param  list<self>  $steps in order; what is laid in one go on several areas is one */
    public static function count(array $steps): int
    {
        return $steps === [] ? 0 : $steps[count($steps) - 1]->number;
    }

    private static function of(PlannedStep|TidyBack $planned, int $number): self
    {
        if ($planned instanceof TidyBack) {
            $after = implode("\n", array_map(static fn (Step $step): string => json_encode([$step->area->area->id, $step->laid->use->id], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), $planned->soiledBy));

            return new self($number, $planned->area->area->id, self::TIDY.'-'.substr(hash('sha256', $after), 0, 16), self::TIDY, 1, 1, 'every', $planned);
        }
        $laid = $planned->step->laid;

        return new self($number, $laid->area->id, $laid->use->id, $laid->technique, $laid->use->coats, $laid->use->steps, $laid->use->extent->value, $planned);
    }

    public function inWords(): string
    {
        return $this->planned instanceof TidyBack ? "Tidy back, {$this->area}" : $this->planned->step->name();
    }

    /** When it is done at all; empty: always. */
    public function onlyIf(): string
    {
        return $this->planned instanceof TidyBack ? '' : $this->planned->step->laid->use->leeway->onlyIf;
    }

    /** Equal for a mark that still stands: same place, name and degree. */
    public function key(): string
    {
        return self::keyOf($this->area, $this->use, $this->technique, $this->coats, $this->steps, $this->extent);
    }

    public static function keyOfMark(BenchMark $mark): string
    {
        return self::keyOf($mark->area, $mark->use, $mark->technique, $mark->coats, $mark->steps, $mark->extent);
    }

    private static function keyOf(string $area, string $use, string $technique, int $coats, int $steps, string $extent): string
    {
        return json_encode([$area, $use, $technique, $coats, $steps, $extent], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
