<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\VariedPlace;
use App\Http\Shared\ApiRequest;
use App\Models\Unit;

/** An area that is set apart, on a unit or on some figures of it. */
abstract class VariationRequest extends ApiRequest
{
    use GivenTerms;
    use OfSomeFigures;

    protected const PLACE = [
        'version' => ['required', 'integer'],
        ...self::SOME_FIGURES,
        'area' => ['required', 'string'],
    ];

    /** The price is of one figure, in the smallest unit of the currency. */
    protected const TERMS = [
        'reason' => ['required', 'string', 'max:500'],
        'agreed_with' => ['nullable', 'string', 'max:190'],
        'price' => ['bail', 'nullable', 'integer', 'min:0', 'max:100000000000'],
    ];

    public function place(Unit $unit): VariedPlace
    {
        return new VariedPlace($unit, $this->figures($unit), $this->string('area')->toString(), $this->versionRead());
    }

    public function use(): string
    {
        return $this->string('use')->toString();
    }
}
