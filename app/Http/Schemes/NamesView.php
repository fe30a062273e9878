<?php

declare(strict_types=1);

namespace App\Http\Schemes;

/** On which figure type and at which tier the answer shows a scheme; nothing named: as the studio sees fit. */
trait NamesView
{
    public function type(): ?string
    {
        return $this->textOrNull('type');
    }

    public function tier(): ?string
    {
        return $this->textOrNull('tier');
    }
}
