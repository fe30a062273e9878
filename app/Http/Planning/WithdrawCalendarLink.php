<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\CalendarLinks;
use App\Http\Shared\AnybodyRequest;

/** Withdraws the link of somebody's calendar. */
final readonly class WithdrawCalendarLink
{
    public function __construct(private CalendarLinks $links)
    {
    }

    public function __invoke(AnybodyRequest $request): CalendarLinkResource
    {
        $this->links->withdraw($request->person());

        return new CalendarLinkResource(null);
    }
}
