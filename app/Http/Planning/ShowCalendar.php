<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\CalendarLinks;
use App\Actions\Planning\StudioPlans;
use App\Export\ICalendar;
use App\Http\Shared\Answers;
use App\Http\Shared\Download;
use App\Models\CurrentStudio;

/** The sittings of somebody, with what they paint in them, for a calendar that reads them by a private link. */
#[Answers(type: 'text/calendar; charset=UTF-8')]
final readonly class ShowCalendar
{
    public function __construct(
        private CalendarLinks $links,
        private StudioPlans $plans,
        private CurrentStudio $current,
    ) {
    }

    public function __invoke(string $token): Download
    {
        $person = $this->links->owner($token);
        $plan = $this->current->within($person->studio_id, fn () => $this->plans->now());

        return new Download(ICalendar::of("{$person->studio->name}, {$person->name}", PlannedSittings::of($person->id, $plan), $plan->now), 'bench.ics');
    }
}
