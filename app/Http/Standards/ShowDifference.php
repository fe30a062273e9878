<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\CompareVersions;
use App\Actions\Standards\StandardLibrary;
use App\Models\StandardVersion;

/** What a version changes, in words. */
final readonly class ShowDifference
{
    public function __construct(private CompareVersions $compare, private StandardLibrary $library)
    {
    }

    public function __invoke(DifferenceRequest $request, StandardVersion $standardVersion): DifferenceResource
    {
        $from = $request->from() ?? $this->compare->before($standardVersion);

        return new DifferenceResource(
            $from?->label,
            $from === null ? [] : $this->compare->lines($from, $standardVersion),
            $this->library->of($standardVersion->id)->reference->name ?? 'reference figure',
        );
    }
}
