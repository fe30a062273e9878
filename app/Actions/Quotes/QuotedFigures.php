<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use App\Actions\Composing\ComposedFigure;
use Core\Quote\FigurePrice;
use Core\Quote\QuoteLine;
use Core\Standard\Tier;

/** Figures of a unit at one tier that cost the same. */
final readonly class QuotedFigures
{
    /**
     * @param  string  $key by which a price by hand names them: unit and tier
     * @param  non-empty-list<ComposedFigure>  $figures
     * @param  FigurePrice|null  $price of each, by its tier; null: it has none for their size
     * @param  int|null  $byHand of each, where the tier has no price
     */
    public function __construct(
        public string $key,
        public array $figures,
        public Tier $tier,
        public ?FigurePrice $price,
        public ?int $byHand,
    ) {
    }

    public function first(): ComposedFigure
    {
        return $this->figures[0];
    }

    /** Of one figure; null: nobody has said. */
    public function each(): ?int
    {
        return $this->price?->sum() ?? $this->byHand;
    }

    /** @return QuoteLine|null null where nobody has said what they cost */
    public function line(): ?QuoteLine
    {
        $each = $this->each();

        return $each === null ? null : new QuoteLine($this->first()->unit->name, $this->first()->type->name, $this->tierWords(), count($this->figures), $each);
    }

    /** Their tier, and how they come to it where they are not painted from the start. */
    public function tierWords(): string
    {
        $from = $this->first()->raises?->tier()->name;

        return match (true) {
            $from !== null => "{$this->tier->name}, raised from {$from}",
            $this->first()->row->elsewhere => "{$this->tier->name}, came finished",
            default => $this->tier->name,
        };
    }
}
