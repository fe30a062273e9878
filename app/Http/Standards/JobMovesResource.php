<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Jobs\JobForecast;
use App\Http\Shared\Resource;
use Core\Standard\Currency;

/**
 * What a version would change for each running job that is not on it. Prices in the smallest unit of the currency.
 *
 * @phpstan-type JobMove array{
 *   job: int,
 *   name: string,
 *   version: int,
 *   standard: string,
 *   figures: int,
 *   changed: int,
 *   in_check: int,
 *   signed: int,
 *   minutes_before: float,
 *   minutes_after: float,
 *   price_before: int|null,
 *   price_after: int|null,
 *   missing_tiers: list<string>,
 * }
 * @phpstan-type JobMoves array{currency: string, currency_decimals: int, jobs: list<JobMove>}
 */
final readonly class JobMovesResource extends Resource
{
    /** @param  list<JobForecast>  $forecasts */
    public function __construct(
        private array $forecasts,
        private Currency $currency,
    ) {
    }

    /** @return JobMoves */
    public function toArray(): array
    {
        return ['currency' => $this->currency->code, 'currency_decimals' => $this->currency->decimals, 'jobs' => array_map(static fn (JobForecast $forecast): array => [
            'job' => $forecast->job->id,
            'name' => $forecast->job->name,
            'version' => $forecast->job->version,
            'standard' => $forecast->job->standardVersion->label,
            'figures' => $forecast->figures(),
            'changed' => count($forecast->changed()),
            'in_check' => $forecast->inCheck(),
            'signed' => $forecast->signed(),
            'minutes_before' => $forecast->minutesBefore(),
            'minutes_after' => $forecast->minutesAfter(),
            'price_before' => $forecast->priceBefore(),
            'price_after' => $forecast->priceAfter(),
            'missing_tiers' => $forecast->missingTiers,
        ], $this->forecasts)];
    }
}
