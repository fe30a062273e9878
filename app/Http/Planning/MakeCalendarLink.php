<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\CalendarLinks;
use App\Http\Shared\Answers;
use App\Http\Shared\AnybodyRequest;

/** Makes the link of somebody's calendar anew; the old one works no more. */
#[Answers(201)]
final readonly class MakeCalendarLink
{
    public function __construct(private CalendarLinks $links)
    {
    }

    public function __invoke(AnybodyRequest $request): CalendarLinkResource
    {
        $token = $this->links->make($request->person());

        return new CalendarLinkResource($this->links->of($request->person()), $token);
    }
}
