<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use Core\School\SchoolQuestion;

/** What the client of a job says in one question; null: it is left to the studio. */
final class WishRequest extends SchoolRequest
{
    protected function asked(): array
    {
        return SchoolQuestion::ofTheClient();
    }

    protected function refusal(): string
    {
        return 'A client has a say in what is seen on the finished figure';
    }

    protected function otherwise(): string
    {
        return 'where it is left to the studio';
    }
}
