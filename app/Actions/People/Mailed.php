<?php

declare(strict_types=1);

namespace App\Actions\People;

/** What became of a mail. */
enum Mailed: string
{
    case NotSetUp = 'not-set-up';
    case Sent = 'sent';
    case Failed = 'failed';
}
