<?php

declare(strict_types=1);

namespace App\Http\Raises;

use App\Actions\Raises\RaiseOffer;
use App\Http\Shared\Resource;
use App\Http\Standards\RaiseResource;
use App\Models\Job;
use App\Models\SignOff;
use Core\Standard\Tier;

/**
 * A signed figure, to what it may be raised and what that takes, and where it can be booked.
 *
 * @phpstan-import-type Raise from RaiseResource
 *
 * @phpstan-type RaisableFigure array{record: int, number: int, figure: int, leader: bool, raised_in: array{id: int, name: string}|null}
 * @phpstan-type RaiseOffer_ array{
 *   record: int,
 *   number: int,
 *   unit: string,
 *   figure: int,
 *   type: string,
 *   job: string,
 *   client: string,
 *   force: string,
 *   from: string,
 *   standard: string,
 *   tiers: list<array{key: string, name: string}>,
 *   to: string|null,
 *   plan: Raise|null,
 *   price: int|null,
 *   figures: list<RaisableFigure>,
 *   jobs: list<array{id: int, name: string, version: int}>,
 * }
 */
final readonly class RaiseOfferResource extends Resource
{
    public function __construct(private RaiseOffer $offer)
    {
    }

    /** @return RaiseOffer_ */
    public function toArray(): array
    {
        $from = $this->offer->from;
        $unit = $from->unit;
        $raised = $this->offer->raised;

        return [
            'record' => $from->record->id, 'number' => $from->record->number, 'unit' => $unit->name, 'figure' => $from->row->number,
            'type' => $from->type->name, 'job' => $unit->job->name, 'client' => $unit->job->client, 'force' => $unit->job->force->name,
            'from' => $from->tier()->name,
            'standard' => "{$this->offer->standard->name} {$this->offer->standard->version}",
            'tiers' => array_map(static fn (Tier $tier): array => ['key' => $tier->id, 'name' => $tier->name], $this->offer->tiers),
            'to' => $this->offer->to,
            'plan' => $raised === null ? null : (new RaiseResource($raised))->toArray(),
            'price' => $this->offer->price?->sum(),
            'figures' => array_map($this->figure(...), $this->offer->others),
            'jobs' => array_map(static fn (Job $job): array => ['id' => $job->id, 'name' => $job->name, 'version' => $job->version], $this->offer->jobs),
        ];
    }

    /** @return RaisableFigure */
    private function figure(SignOff $record): array
    {
        $job = $this->offer->raisedIn[$record->id] ?? null;

        return [
            'record' => $record->id, 'number' => $record->number, 'figure' => $record->figure->number, 'leader' => $record->figure->leader,
            'raised_in' => $job === null ? null : ['id' => $job->id, 'name' => $job->name],
        ];
    }
}
