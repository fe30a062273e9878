<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\CalendarLinks;
use App\Http\Shared\AnybodyRequest;

/** Whether somebody's calendar has a link, and since when. */
final readonly class ShowCalendarLink
{
    public function __construct(private CalendarLinks $links)
    {
    }

    public function __invoke(AnybodyRequest $request): CalendarLinkResource
    {
        return new CalendarLinkResource($this->links->of($request->person()));
    }
}
