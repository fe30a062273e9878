<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Invitation;
use Illuminate\Mail\Mailer;
use Illuminate\Mail\MailManager;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Log;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** Mails an invitation where a mail server is set up. The invitation holds whether or not the mail arrives. */
final readonly class MailInvitation
{
    public function __construct(private MailManager $mail)
    {
    }

    public function handle(Invitation $invitation, string $link): Mailed
    {
        if (config()->string('mail.default') === 'none') {
            return Mailed::NotSetUp;
        }
        $mailer = $this->mail->mailer();
        assert($mailer instanceof Mailer);
        try {
            $mailer->raw(self::text($invitation, $link), static function (Message $message) use ($invitation): void {
                $message->to($invitation->email, $invitation->name)->subject("{$invitation->studio->name} invites you");
            });
        } catch (TransportExceptionInterface $failure) {
            // The address and the link stay out of the log.
            Log::warning('An invitation could not be mailed.', ['why' => $failure::class]);

            return Mailed::Failed;
        }

        return Mailed::Sent;
    }

    private static function text(Invitation $invitation, string $link): string
    {
        $until = $invitation->expires_at->setTimezone($invitation->studio->time_zone)->format('j F Y, H:i');

        return <<<TEXT
            {$invitation->name},

            {$invitation->inviter->name} invites you into the studio {$invitation->studio->name} as {$invitation->role->value}.
            Choose your password here:

            {$link}

            The link is used once and ends on {$until} ({$invitation->studio->time_zone}).
            If you do not expect this, leave it alone; nothing happens then.
            TEXT;
    }
}
