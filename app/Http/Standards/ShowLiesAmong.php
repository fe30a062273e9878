<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\StandardLibrary;
use App\Models\StandardVersion;
use Core\Composition\LiesAmong;

/** Where a use of the whole figure lies. */
final readonly class ShowLiesAmong
{
    public function __construct(private StandardLibrary $library)
    {
    }

    public function __invoke(LiesAmongRequest $request, StandardVersion $standardVersion): LiesAmongResource
    {
        $standard = $this->library->of($standardVersion->id);

        return new LiesAmongResource(LiesAmong::of($standard, $standard->tier($request->tier())->id, $standard->technique($request->technique()), $request->overAll()));
    }
}
