<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use App\Actions\People\LinkToken;
use App\Actions\Transaction;
use App\Models\Job;
use App\Models\Quote;
use App\Models\QuoteState;
use App\Models\User;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;
use App\Refusals\Stale;
use Carbon\CarbonImmutable;

/** Quotes of a job: each is made once, and the one before it is withdrawn by it. */
final readonly class Quotes
{
    public function __construct(
        private JobQuote $jobs,
        private OfferedColours $colours,
    ) {
    }

    /** Equal while the same is offered for the same figures at the same prices. */
    public static function digest(QuoteReading $reading): string
    {
        return hash('sha256', json_encode([QuoteContent::lines($reading), QuoteContent::sums($reading), QuotedTiers::of($reading), count($reading->withoutPrice())], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    /**
     * @param  string  $digest of what the lead looked at
     * @return array{Quote, string} with what stands in its link, which is not kept
     *
     * @throws NotRight if a figure has no price, or there are none
     * @throws Stale if something else would be offered by now
     */
    public function make(Job $job, QuoteTerms $terms, string $digest, User $by): array
    {
        return Transaction::run(function () use ($job, $terms, $digest, $by): array {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            $reading = $this->jobs->of($locked, $terms);
            self::requireWhole($reading);
            if (self::digest($reading) !== $digest) {
                throw Stale::row("what {$locked->name} is offered for", ['lines' => QuoteContent::lines($reading), 'sums' => QuoteContent::sums($reading)]);
            }
            $now = CarbonImmutable::now();
            $number = (Quote::query()->where('job_id', $locked->id)->orderByDesc('number')->first()->number ?? 0) + 1;
            Quote::query()->where('job_id', $locked->id)->whereNull('agreed_at')->whereNull('withdrawn_at')->update(['withdrawn_at' => $now]);
            $token = LinkToken::fresh();
            $quote = Quote::query()->create([
                'job_id' => $locked->id, 'number' => $number, 'content' => QuoteContent::of($reading, $this->colours->of($reading), $number, $by, $now), 'total' => $reading->reckoning()->total,
                'valid_until' => $terms->validUntil, 'token_hash' => LinkToken::hash($token), 'made_by' => $by->id, 'made_at' => $now,
            ]);

            return [$quote, $token];
        });
    }

    /** @throws NotAllowed if it was agreed */
    public function withdraw(Quote $quote): Quote
    {
        return Transaction::run(static function () use ($quote): Quote {
            $locked = Quote::query()->lockForUpdate()->findOrFail($quote->id);
            if ($locked->state() === QuoteState::Agreed) {
                throw NotAllowed::because('quote-agreed', 'This quote was agreed to; it stays as it is. Make another, which says what is different.');
            }
            if ($locked->withdrawn_at === null) {
                $locked->update(['withdrawn_at' => CarbonImmutable::now()]);
            }

            return $locked;
        });
    }

    private static function requireWhole(QuoteReading $reading): void
    {
        if ($reading->lines === []) {
            throw NotRight::at('/', 'no-figures', 'There is nothing to offer yet: the job has no figures.');
        }
        $without = $reading->withoutPrice()[0] ?? null;
        if ($without !== null) {
            throw NotRight::at('/by_hand', 'no-price', "{$without->tier->name} has no price for a {$without->first()->type->sizeClass->value} figure; say what one of {$without->first()->unit->name} costs.");
        }
    }
}
