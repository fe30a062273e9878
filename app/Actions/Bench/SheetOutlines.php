<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Schemes\StudioRules;
use Core\Standard\Standard;
use Illuminate\Contracts\Cache\Repository;

/** The outlines of the sheets of a unit, kept by all that they follow from: a list of them needs neither their colours nor their order found again. */
final readonly class SheetOutlines
{
    private const KEPT_DAYS = 60;

    public function __construct(
        private SharedSheets $shared,
        private StudioRules $rules,
        private Repository $cache,
    ) {
    }

    /**
     * @param  non-empty-list<AlikeFigures>  $ofUnit those that could share a sheet
     * @return list<SheetOutline> by sheet
     */
    public function of(array $ofUnit, Standard $standard): array
    {
        $rules = $this->rules->now();
        // How many there are of each decides whether it is worth to share.
        $alike = array_map(static fn (AlikeFigures $one): array => [$one->mixes->fingerprint(), count($one->figures)], $ofUnit);
        $key = hash('sha256', serialize([config()->string('ordotype.code'), $alike, $rules->sheetShare, $rules->paintChange]));

        /** @var list<SheetOutline> */
        return $this->cache->remember("outlines:{$key}", now()->addDays(self::KEPT_DAYS), fn (): array => $this->found($ofUnit, $standard));
    }

    /**
     * @param  non-empty-list<AlikeFigures>  $ofUnit
     * @return list<SheetOutline>
     */
    private function found(array $ofUnit, Standard $standard): array
    {
        return array_map(function (array $sheet) use ($ofUnit, $standard): SheetOutline {
            [$sharing, $lines] = $sheet;
            $whole = new BenchSheet('', $standard, $sharing, $this->shared->steps($lines), []);
            $shared = array_map(static fn (AlikeFigures $one): int => (int) array_search($one, $ofUnit, true), $sharing);

            return $whole->outline($shared);
        }, $this->shared->of($ofUnit, $standard));
    }
}
