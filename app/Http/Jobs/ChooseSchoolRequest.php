<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use Core\School\SchoolQuestion;

/** Which school a job holds to in one question; null: that of its standard. */
final class ChooseSchoolRequest extends SchoolRequest
{
    protected function asked(): array
    {
        return SchoolQuestion::thatDecideTheOrder();
    }

    protected function refusal(): string
    {
        return 'A job may choose for itself what decides the order of its steps';
    }

    protected function otherwise(): string
    {
        return 'for that of the standard';
    }
}
