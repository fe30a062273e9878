<?php

declare(strict_types=1);

namespace Core\Quote;

use Core\NumberText;
use Core\Standard\OutOfRange;
use Core\Why;

/**
 * What a batch takes: work by hand, with tidying back, with mixing and cleaning once for all of it, and with the looks of who
 * checks; and on the clock. Minutes. Common practice, no source.
 */
final readonly class BatchEstimate
{
    /** Share of the budget by which it may be over and nobody says so: an estimate is no nearer than that. */
    private const NEARER = 0.1;

    /** All work, that of who checks too. */
    public float $handsOn;

    /** From the first coat to the last: what waits for drying is in it, the looks at what is finished are not. */
    public float $elapsed;

    public float $least;

    public float $most;

    /**
     * @param  float  $uses what is laid, as it is allowed
     * @param  float  $atMost the same with every coat and step that may be laid, at least as long
     * @param  float  $tidies tidying back, as it is allowed
     * @param  float  $setUp mixing, loading, cleaning: once for each change of paint
     * @param  float  $looks of who checks
     * @param  float  $waiting with nothing to lay until something is dry
     * @param  float|null  $pace minutes of who paints it for a minute that is allowed; null: nobody has it, or nothing is known of them
     * @param  Past|null  $past of the studio; null: too little of it is known
     * @param  float|null  $budget of the tiers of its figures; null: one of them has none
     */
    public function __construct(
        public int $figures,
        public float $uses,
        public float $atMost,
        public float $tidies,
        public float $setUp,
        public float $looks,
        public float $waiting,
        public ?float $pace,
        public ?Past $past,
        public ?float $budget,
    ) {
        foreach (['uses' => $uses, 'tidies' => $tidies, 'set-up' => $setUp, 'looks' => $looks, 'waiting' => $waiting] as $what => $minutes) {
            if ($minutes < 0) {
                throw OutOfRange::below($what, 0, $minutes);
            }
        }
        $beside = $setUp + $looks;
        $this->handsOn = $this->painting() + $beside;
        $this->elapsed = $this->painting() + $setUp + $waiting;
        $this->least = ($uses + $tidies) * ($past->low ?? $pace ?? 1.0) + $beside;
        $this->most = max($atMost, $uses) * ($past->high ?? $pace ?? 1.0) + $tidies * ($past->high ?? $pace ?? 1.0) + $beside;
    }

    /** Of who paints it, at their pace. */
    public function painting(): float
    {
        return ($this->uses + $this->tidies) * ($this->pace ?? 1.0);
    }

    /** Whether who paints needs more than the tiers have for it. */
    public function isOver(): bool
    {
        return $this->budget !== null && $this->painting() + $this->setUp > $this->budget * (1 + self::NEARER);
    }

    public function why(): Why
    {
        $inputs = [
            'figures' => (string) $this->figures,
            'what is laid' => NumberText::minutes($this->uses),
            'tidying back' => NumberText::minutes($this->tidies),
            'pace of who paints' => $this->pace === null ? 'not known' : NumberText::percent($this->pace),
            'mixing and cleaning, once for the batch' => NumberText::minutes($this->setUp),
            'looks of who checks' => NumberText::minutes($this->looks),
            'waiting for what dries' => NumberText::minutes($this->waiting),
        ];
        if ($this->atMost > $this->uses) {
            $inputs['what is laid, with every coat and step that may be'] = NumberText::minutes($this->atMost);
        }
        $inputs['what was taken for what was allowed, until now'] = $this->past === null
            ? 'too little is known'
            : sprintf('half of %d units between %s and %s', $this->past->observed, NumberText::percent($this->past->low), NumberText::percent($this->past->high));
        if ($this->budget !== null) {
            $inputs['their tiers have for it'] = NumberText::minutes($this->budget);
        }

        return new Why(
            $inputs,
            'By hand is what is laid and tidied back, at the pace of who paints it, with mixing and cleaning for each change of paint and with the looks of who checks. On the clock the looks are left out and what waits for drying is in. From least to most: as it went in the middle half of the units before, the most with every coat and step that may be laid. The budget is held against the work of who paints alone; a tenth more is not told.',
            Why::COMMON_PRACTICE,
        );
    }
}
