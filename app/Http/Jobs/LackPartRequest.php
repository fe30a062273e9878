<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\Terms;

/** An area that figures have not; why need not be said, for the sculpt says it. */
final class LackPartRequest extends VariationRequest
{
    private const AS_SCULPTED = 'the sculpt has none';

    public function rules(): array
    {
        return [...self::PLACE, 'reason' => ['nullable', 'string', 'max:500']];
    }

    public function terms(): Terms
    {
        return new Terms($this->textOrNull('reason') ?? self::AS_SCULPTED, '', $this->person(), null);
    }
}
