<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Kept;
use App\Actions\Schemes\StudioRules;
use Core\Standard\Standard;

/** The outlines of the sheets of a unit, kept by all that they follow from: a list of them needs neither their colours nor their order found again. */
final readonly class SheetOutlines
{
    public function __construct(
        private SharedSheets $shared,
        private StudioRules $rules,
    ) {
    }

    /**
     * @param  non-empty-list<AlikeFigures>  $ofUnit those that could share a sheet
     * @return list<KeptSheet> by sheet
     */
    public function of(array $ofUnit, Standard $standard): array
    {
        $rules = $this->rules->now();
        // How many there are of each decides whether it is worth to share.
        $alike = array_map(static fn (AlikeFigures $one): array => [$one->mixes->fingerprint(), count($one->figures)], $ofUnit);

        return Kept::of('outlines', [$alike, $rules->sheetShare, $rules->paintChange], fn (): array => $this->found($ofUnit, $standard));
    }

    /**
     * @param  non-empty-list<AlikeFigures>  $ofUnit
     * @return list<KeptSheet>
     */
    private function found(array $ofUnit, Standard $standard): array
    {
        return array_map(function (array $sheet) use ($ofUnit, $standard): KeptSheet {
            [$sharing, $lines] = $sheet;
            $whole = new BenchSheet('', $standard, $sharing, $this->shared->steps($lines), []);
            $shared = array_map(static fn (AlikeFigures $one): int => (int) array_search($one, $ofUnit, true), $sharing);

            return new KeptSheet($shared, $whole->minutesEach(0), $whole->outline);
        }, $this->shared->of($ofUnit, $standard));
    }
}
