<?php

declare(strict_types=1);

namespace App\Actions\Raises;

use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Actions\Composing\PaintedHere;
use App\Actions\Composing\SignedFigure;
use App\Actions\Standards\RaisedFigure;
use App\Actions\Standards\StandardLibrary;
use App\Models\Figure;
use App\Models\Job;
use App\Models\JobState;
use App\Models\SignOff;
use App\Models\StandardVersion;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;
use Core\Composition\StoppingPlaces;
use Core\Quote\FigurePrice;
use Core\Sequence\RaiseOrder;
use Core\Standard\Standard;
use Core\Standard\Tier;

/** Reckons what it would take to raise a signed figure: the plan, its price, what cannot be added. */
final readonly class OfferRaise
{
    public function __construct(
        private JobFigures $figures,
        private JobStandards $standards,
        private StandardLibrary $library,
    ) {
    }

    /**
     * @param  string|null  $to tier; null: the next above its own
     * @param  Job|null  $into that it would be booked in; null: a new job, under the version in force
     *
     * @throws NotRight if the tier is none that it may be raised to
     */
    public function handle(SignOff $record, ?string $to, ?Job $into): RaiseOffer
    {
        $from = $this->figures->signed([$record->id])[$record->id];
        $standard = $into === null ? $this->library->of((StandardVersion::inForce() ?? throw NotAllowed::because('no-standard', 'No version of the standard is in force; put one in force first.'))->id) : $this->standards->of($into);
        $tiers = self::tiers($from, $standard);
        $tier = self::chosen($from, $tiers, $to);
        $here = $tier === null ? null : $this->figures->raised($from, $standard, $tier->id);
        $unit = $from->unit;
        $others = array_values(SignOff::query()->whereHas('figure', static fn ($figures) => $figures->where('unit_id', $unit->id))->with('figure')->get()->sortBy('figure.number')->all());

        return new RaiseOffer(
            $from,
            $standard,
            $tiers,
            $tier?->id,
            $here === null ? null : self::raised($from, $standard, $tier, $here),
            $here === null || $tier->byAgreement ? null : FigurePrice::of($tier, $from->type->sizeClass->value, $here->figure, $here->work, $from->tier()),
            $others,
            self::raisedIn($others),
            array_values(Job::query()->where('force_id', $unit->job->force_id)->where('state', JobState::Open)->orderBy('name')->get()->all()),
        );
    }

    /** @return list<Tier> its own too: what was left for later is added at the same tier */
    private static function tiers(SignedFigure $from, Standard $standard): array
    {
        $rank = $standard->hasTier($from->tier()->id) ? $standard->tier($from->tier()->id)->rank : $from->tier()->rank;

        return array_values(array_filter($standard->tiersByRank(), static fn (Tier $tier): bool => ! $tier->retired && $tier->rank >= $rank));
    }

    /** @param  list<Tier>  $tiers */
    private static function chosen(SignedFigure $from, array $tiers, ?string $to): ?Tier
    {
        foreach ($tiers as $tier) {
            if ($to === null ? $tier->id !== $from->tier()->id : $tier->id === $to) {
                return $tier;
            }
        }
        if ($to !== null) {
            throw NotRight::at('/to', 'unknown-tier', "A figure finished at {$from->tier()->name} cannot be raised to \"{$to}\"; choose a tier at or above its own.");
        }

        return null;
    }

    private static function raised(SignedFigure $from, Standard $standard, Tier $tier, PaintedHere $here): RaisedFigure
    {
        return new RaisedFigure(
            $standard,
            $from->tier()->name,
            $tier->name,
            $here->plan ?? throw new \LogicException('What is raised has a plan.'),
            (new RaiseOrder($standard))->of($from->done, $here->work, $from->type),
            (new StoppingPlaces($standard))->of($here->figure),
            $here->layers->minutes,
        );
    }

    /**
     * @param  list<SignOff>  $records
     * @return array<int, Job> by id of the record
     */
    private static function raisedIn(array $records): array
    {
        $jobs = [];
        foreach (Figure::query()->whereIn('raises_id', array_column($records, 'id'))->with('unit.job')->get() as $figure) {
            $jobs[(int) $figure->raises_id] = $figure->unit->job;
        }

        return $jobs;
    }
}
