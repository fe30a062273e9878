<?php

declare(strict_types=1);

namespace App\Models;

/** What became of a proposal. */
enum ProposalState: string
{
    case Open = 'open';
    case Taken = 'taken';
    case Declined = 'declined';
}
