<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\ApiRequest;

/** A finding about a scheme, named; with the view that the answer shows. */
final class FoundPlaceRequest extends ApiRequest
{
    use NamesFinding;
    use NamesView;

    public function rules(): array
    {
        return $this->ofFinding();
    }
}
