<?php

declare(strict_types=1);

namespace App\Actions\Raises;

use App\Actions\Composing\SignedFigure;
use App\Actions\Standards\RaisedFigure;
use App\Models\Job;
use App\Models\SignOff;
use Core\Quote\FigurePrice;
use Core\Standard\Standard;
use Core\Standard\Tier;

/** What it would take to raise a signed figure, and where that could be booked. */
final readonly class RaiseOffer
{
    /**
     * @param  Standard  $standard that the raise would follow
     * @param  list<Tier>  $tiers that it may be raised to, the lowest first
     * @param  string|null  $to one of them; null: there is none above its own
     * @param  RaisedFigure|null  $raised to it
     * @param  FigurePrice|null  $price of this figure; null: it is agreed by hand
     * @param  list<SignOff>  $others signed figures of its unit, itself among them, by number
     * @param  array<int, Job>  $raisedIn jobs in which some of them are raised already, by id of the record
     * @param  list<Job>  $jobs running ones of its force
     */
    public function __construct(
        public SignedFigure $from,
        public Standard $standard,
        public array $tiers,
        public ?string $to,
        public ?RaisedFigure $raised,
        public ?FigurePrice $price,
        public array $others,
        public array $raisedIn,
        public array $jobs,
    ) {
    }
}
