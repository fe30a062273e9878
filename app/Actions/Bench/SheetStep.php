<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Core\Sequence\Looks;
use Core\Sequence\PlannedStep;
use Core\Sequence\Step;
use Core\Sequence\TidyBack;

/**
 * A line of a sheet: a use laid on an area, or an area tidied back, on the figures that have it. What is laid in one go on several
 * areas has one number.
 */
final readonly class SheetStep
{
    /** The degree of a tidying back: there is only one. */
    private const TIDY = 'tidy-back';

    /** @var array<int, string> {@see self::key()} */
    public array $keys;

    /**
     * @param  int  $line its place among the lines of its sheet, from 0
     * @param  int  $number of the step on its sheet, from 1
     * @param  PlannedStep|TidyBack  $planned of the first of those that have it
     * @param  non-empty-array<int, PlannedStep|TidyBack>  $of by those that share the sheet, in their own order of steps; who does not have it is not there
     */
    private function __construct(
        public int $line,
        public int $number,
        public string $area,
        public string $use,
        public string $technique,
        public int $coats,
        public int $steps,
        public string $extent,
        public PlannedStep|TidyBack $planned,
        public array $of,
    ) {
        $keys = [];
        foreach (array_keys($of) as $who) {
            $keys[$who] = self::keyOf($area, $this->useOf($who), $technique, $coats, $steps, $extent);
        }
        $this->keys = $keys;
    }

    /**
     * @param  list<non-empty-array<int, PlannedStep|TidyBack>>  $lines by those that share the sheet
     * @return list<self>
     */
    public static function all(array $lines): array
    {
        $all = [];
        $number = 0;
        foreach ($lines as $at => $line) {
            $number += self::goesOn($lines[$at - 1] ?? [], $line) ? 0 : 1;
            $all[] = self::of($line, $at, $number);
        }

        return $all;
    }

    /**
     * Whether a line is laid in one go with the one before it, by somebody.
     *
     * @param  array<int, PlannedStep|TidyBack>  $before
     * @param  array<int, PlannedStep|TidyBack>  $line
     */
    private static function goesOn(array $before, array $line): bool
    {
        foreach ($line as $who => $item) {
            $last = $before[$who] ?? null;
            if ($item instanceof PlannedStep && $last instanceof PlannedStep && in_array($last->step, $item->inOneGo, true)) {
                return true;
            }
        }

        return false;
    }

    /** @param  non-empty-array<int, PlannedStep|TidyBack>  $line */
    private static function of(array $line, int $at, int $number): self
    {
        $planned = reset($line);
        if ($planned instanceof TidyBack) {
            return new self($at, $number, $planned->area->area->id, self::tidying($planned), self::TIDY, 1, 1, 'every', $planned, $line);
        }
        $laid = $planned->step->laid;

        return new self($at, $number, $laid->area->id, $laid->use->id, $laid->technique, $laid->use->coats, $laid->use->steps, $laid->use->extent->value, $planned, $line);
    }

    /** A name that is lost when something else soils the area: it is tidied again then. */
    private static function tidying(TidyBack $planned): string
    {
        $after = implode("\n", array_map(static fn (Step $step): string => json_encode([$step->area->area->id, $step->laid->use->id], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), $planned->soiledBy));

        return self::TIDY.'-'.substr(hash('sha256', $after), 0, 16);
    }

    /** What a mark of some of those that have it is kept under: figures that share a line of tidying may be soiled by different steps. */
    public function useOf(int $who): string
    {
        $item = $this->of[$who];

        return $item instanceof TidyBack ? self::tidying($item) : $this->use;
    }

    public function isTidying(): bool
    {
        return $this->planned instanceof TidyBack;
    }

    public function inWords(): string
    {
        return $this->planned instanceof TidyBack ? "Tidy back, {$this->area}" : $this->planned->step->name();
    }

    /** Whether it is a look between stages, taken by who may check. */
    public function isLook(): bool
    {
        return Looks::isLook($this->planned);
    }

    /** When it is done at all; empty: always. */
    public function onlyIf(): string
    {
        return $this->planned instanceof TidyBack ? '' : $this->planned->step->laid->use->leeway->onlyIf;
    }

    /** Equal for a mark that still stands on some of those that have it: same place, name and degree. */
    public function key(int $who): string
    {
        return $this->keys[$who];
    }

    private static function keyOf(string $area, string $use, string $technique, int $coats, int $steps, string $extent): string
    {
        return json_encode([$area, $use, $technique, $coats, $steps, $extent], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
