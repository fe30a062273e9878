<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use App\Actions\People\LinkToken;
use App\Actions\Transaction;
use App\Models\Quote;
use App\Models\QuoteState;
use App\Models\StudioScope;
use App\Refusals\NotAllowed;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/** A quote as who has its link sees it, and may agree to it. The link shows this quote and nothing else. */
final readonly class Offers
{
    /** @throws NotAllowed if there is none that may be read; why is not told, so that nobody learns by guessing */
    public function open(string $token): Quote
    {
        return self::readable(self::by($token)->first());
    }

    /**
     * @param  string  $name of who agrees, not empty
     *
     * @throws NotAllowed if it cannot be agreed to any more
     */
    public function agree(string $token, string $name): Quote
    {
        return Transaction::run(static function () use ($token, $name): Quote {
            $locked = self::readable(self::by($token)->lockForUpdate()->first());
            if ($locked->state() === QuoteState::Agreed) {
                throw NotAllowed::because('quote-agreed', "This quote was agreed to already, by {$locked->agreed_by}.");
            }
            $locked->update(['agreed_by' => $name, 'agreed_at' => CarbonImmutable::now()]);

            return $locked;
        });
    }

    /** @return Builder<Quote> */
    private static function by(string $token): Builder
    {
        // Who comes by a link is in no studio.
        return Quote::query()->withoutGlobalScope(StudioScope::class)->where('token_hash', LinkToken::hash($token));
    }

    private static function readable(?Quote $quote): Quote
    {
        return $quote !== null && in_array($quote->state(), [QuoteState::Open, QuoteState::Agreed], true)
            ? $quote
            : throw NotAllowed::because('no-quote', 'This link was withdrawn, is too old, or never was. Ask the studio for another.');
    }
}
