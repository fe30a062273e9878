<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\Terms;
use App\Http\Shared\ApiRequest;

/**
 * Why something is agreed, with whom, and at what price.
 *
 * @phpstan-require-extends ApiRequest
 */
trait GivenTerms
{
    /** What needs somebody who agreed, and has no price. */
    protected const AGREED = [
        'reason' => ['required', 'string', 'max:500'],
        'agreed_with' => ['required', 'string', 'max:190'],
    ];

    public function terms(): Terms
    {
        return new Terms($this->string('reason')->toString(), $this->string('agreed_with')->toString(), $this->person(), $this->filled('price') ? $this->integer('price') : null);
    }
}
