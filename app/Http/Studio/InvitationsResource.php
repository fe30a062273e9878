<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Actions\People\Mailed;
use App\Http\Shared\Resource;
use App\Models\Invitation;

/**
 * Invitations that may still be used; the link of a new one is told this once.
 *
 * @phpstan-type InvitationRow array{
 *   id: int,
 *   name: string,
 *   email: string,
 *   role: 'lead'|'deputy'|'painter',
 *   signing_rank: int|null,
 *   by: string,
 *   expires_at: string,
 * }
 * @phpstan-type Invitations array{
 *   open: list<InvitationRow>,
 *   link: string|null,
 *   mailed: 'not-set-up'|'sent'|'failed'|null,
 * }
 */
final readonly class InvitationsResource extends Resource
{
    public function __construct(
        private ?string $link = null,
        private ?Mailed $mailed = null,
    ) {
    }

    /** @return Invitations */
    public function toArray(): array
    {
        $open = Invitation::query()->with('inviter')->whereNull('used_at')->whereNull('withdrawn_at')->where('expires_at', '>', now())->orderBy('id')->get();

        return [
            'open' => array_values($open->map(static fn (Invitation $one): array => [
                'id' => $one->id, 'name' => $one->name, 'email' => $one->email, 'role' => $one->role->value, 'signing_rank' => $one->signing_rank,
                'by' => $one->inviter->name, 'expires_at' => $one->expires_at->toIso8601ZuluString(),
            ])->all()),
            'link' => $this->link,
            'mailed' => $this->mailed?->value,
        ];
    }
}
