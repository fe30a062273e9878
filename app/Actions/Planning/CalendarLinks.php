<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Actions\People\LinkToken;
use App\Actions\Transaction;
use App\Models\CalendarLink;
use App\Models\StudioScope;
use App\Models\User;
use App\Refusals\NotAllowed;

/** A private link by which somebody's calendar reads their plan. Who has it needs no password, so it is shown once and can be withdrawn. */
final readonly class CalendarLinks
{
    public function of(User $person): ?CalendarLink
    {
        return CalendarLink::query()->where('user_id', $person->id)->first();
    }

    /** @return string what stands in the link, which is not kept; an earlier one works no more */
    public function make(User $person): string
    {
        $token = LinkToken::fresh();
        Transaction::run(function () use ($person, $token): void {
            User::query()->lockForUpdate()->findOrFail($person->id);
            $this->withdraw($person);
            CalendarLink::query()->create(['user_id' => $person->id, 'token_hash' => LinkToken::hash($token)]);
        });

        return $token;
    }

    public function withdraw(User $person): void
    {
        CalendarLink::query()->where('user_id', $person->id)->delete();
    }

    /** @throws NotAllowed if there is none, or its owner has no account any more; which is not told */
    public function owner(string $token): User
    {
        // Who comes by a link is in no studio yet.
        $link = CalendarLink::query()->withoutGlobalScope(StudioScope::class)->with('user')->where('token_hash', LinkToken::hash($token))->first();

        return $link !== null && $link->user->ended_at === null ? $link->user : throw NotAllowed::because('no-calendar', 'This link was withdrawn or never was. Make another under your name.');
    }
}
