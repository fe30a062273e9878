<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Http\Shared\Resource;
use App\Models\CalendarLink;

/**
 * The link by which somebody's calendar reads their plan.
 *
 * @phpstan-type CalendarLink_ array{
 *   since: string|null,
 *   link: string|null,
 * }
 */
final readonly class CalendarLinkResource extends Resource
{
    /** @param  string|null  $token what stands in it, known only when it is made */
    public function __construct(
        private ?CalendarLink $link,
        private ?string $token = null,
    ) {
    }

    /** @return CalendarLink_ */
    public function toArray(): array
    {
        return ['since' => $this->link?->created_at?->toIso8601ZuluString(), 'link' => $this->token === null ? null : url("/api/calendars/{$this->token}")];
    }
}
