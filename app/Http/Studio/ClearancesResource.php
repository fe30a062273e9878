<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Actions\People\SignedWork;
use App\Http\Shared\Resource;
use App\Models\Clearance;
use App\Models\User;
use Core\Standard\Standard;
use Core\Standard\Tier;

/**
 * What somebody may do unsupervised, technique by technique of the standard in force.
 *
 * @phpstan-type ClearanceOf array{
 *   technique: string,
 *   name: string,
 *   group: string,
 *   up_to_rank: int|null,
 *   by: string,
 *   at: string|null,
 *   signed: list<array{tier: string, figures: int}>,
 * }
 * @phpstan-type PersonClearances array{
 *   id: int,
 *   name: string,
 *   version: int,
 *   techniques: list<ClearanceOf>,
 *   tiers: list<array{rank: int, name: string}>,
 * }
 */
final readonly class ClearancesResource extends Resource
{
    public function __construct(
        private User $person,
        private ?Standard $standard,
    ) {
    }

    /** @return PersonClearances */
    public function toArray(): array
    {
        $given = Clearance::query()->with('giver')->where('user_id', $this->person->id)->get()->keyBy('technique');
        $signed = SignedWork::of($this->person);
        $techniques = [];
        foreach ($this->standard->techniques ?? [] as $technique) {
            $one = $given->get($technique->id);
            $techniques[] = [
                'technique' => $technique->id, 'name' => $technique->name, 'group' => $technique->group->value,
                'up_to_rank' => $one?->up_to_rank, 'by' => $one === null ? '' : $one->giver->name, 'at' => $one?->updated_at?->toIso8601ZuluString(),
                'signed' => $this->signed($signed[$technique->id] ?? []),
            ];
        }

        return [
            'id' => $this->person->id, 'name' => $this->person->name, 'version' => $this->person->version, 'techniques' => $techniques,
            'tiers' => array_map(static fn (Tier $tier): array => ['rank' => $tier->rank, 'name' => $tier->name], $this->standard?->offeredTiers() ?? []),
        ];
    }

    /**
     * @param  array<array-key, int>  $figures by tier
     * @return list<array{tier: string, figures: int}> the highest tier first; of tiers that the standard in force has
     */
    private function signed(array $figures): array
    {
        $signed = [];
        foreach (array_reverse($this->standard?->tiersByRank() ?? []) as $tier) {
            if (isset($figures[$tier->id])) {
                $signed[] = ['tier' => $tier->name, 'figures' => $figures[$tier->id]];
            }
        }

        return $signed;
    }
}
