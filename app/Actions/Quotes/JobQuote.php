<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Models\Job;
use Core\Quote\FigurePrice;

/** What a job would be offered at, as it stands. */
final readonly class JobQuote
{
    public function __construct(
        private JobFigures $figures,
        private JobStandards $standards,
    ) {
    }

    public function of(Job $job, QuoteTerms $terms): QuoteReading
    {
        $standard = $this->standards->of($job);
        /** @var array<string, non-empty-list<ComposedFigure>> $alike */
        $alike = [];
        /** @var array<string, FigurePrice|null> $prices */
        $prices = [];
        foreach ($this->figures->ofJob($job) as $figure) {
            // What is agreed from case to case is, whatever an hour costs.
            $price = $standard->tier($figure->figure->tier)->byAgreement ? null : $figure->price($standard);
            $like = self::key($figure).' '.serialize([$figure->typeId(), $price, $figure->agreed->additions, $figure->agreed->waivers, $figure->signature()]);
            $alike[$like][] = $figure;
            $prices[$like] = $price;
        }
        $lines = [];
        foreach ($alike as $like => $figures) {
            $key = self::key($figures[0]);
            $lines[] = new QuotedFigures($key, $figures, $standard->tier($figures[0]->figure->tier), $prices[$like], $terms->byHand[$key] ?? null);
        }

        return new QuoteReading($job, $standard, $terms, $lines);
    }

    private static function key(ComposedFigure $figure): string
    {
        return "{$figure->unit->id}-{$figure->figure->tier}".($figure->row->typeId === null ? '' : "-{$figure->row->typeId}");
    }
}
