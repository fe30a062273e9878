<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Composing\ComposedFigure;
use App\Models\Job;
use Core\Plan\FigureState;
use Core\Standard\Standard;

/** A job under its own version of the standard and under another, figure by figure. Signed figures keep their record. */
final readonly class JobForecast
{
    /**
     * @param  list<ComposedFigure>  $before
     * @param  list<ComposedFigure>  $after the same figures in the same order
     * @param  list<string>  $missingTiers names of tiers that the other version has not
     */
    public function __construct(
        public Job $job,
        private array $before,
        private array $after,
        private Standard $from,
        private Standard $to,
        public array $missingTiers,
    ) {
    }

    /** @return list<ComposedFigure> unsigned figures on which something else is painted, or of which something else is asked */
    public function changed(): array
    {
        $changed = [];
        foreach ($this->before as $i => $figure) {
            if ($figure->row->state !== FigureState::Signed && $figure->signature() !== $this->after[$i]->signature()) {
                $changed[] = $figure;
            }
        }

        return $changed;
    }

    public function figures(): int
    {
        return count($this->before);
    }

    public function signed(): int
    {
        return count(array_filter($this->before, static fn (ComposedFigure $figure): bool => $figure->row->state === FigureState::Signed));
    }

    public function inCheck(): int
    {
        return count(array_filter($this->changed(), static fn (ComposedFigure $figure): bool => $figure->row->state->isInCheck()));
    }

    public function minutesBefore(): float
    {
        return self::minutes($this->before);
    }

    public function minutesAfter(): float
    {
        return self::minutes($this->after);
    }

    /** In the smallest unit of the studio's currency; null where a tier has no price for a figure. */
    public function priceBefore(): ?int
    {
        return self::price($this->before, $this->from);
    }

    public function priceAfter(): ?int
    {
        return $this->missingTiers === [] ? self::price($this->after, $this->to) : null;
    }

    /** @param  list<ComposedFigure>  $figures */
    private static function minutes(array $figures): float
    {
        return array_sum(array_map(static fn (ComposedFigure $figure): float => $figure->composition->minutes, $figures));
    }

    /** @param  list<ComposedFigure>  $figures */
    private static function price(array $figures, Standard $standard): ?int
    {
        $sum = 0;
        foreach ($figures as $figure) {
            $price = $figure->price($standard);
            if ($price === null) {
                return null;
            }
            $sum += $price->sum();
        }

        return $sum;
    }
}
