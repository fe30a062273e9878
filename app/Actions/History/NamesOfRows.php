<?php

declare(strict_types=1);

namespace App\Actions\History;

use App\Models\FigureArea;
use App\Models\FigureType;
use App\Models\Force;
use App\Models\Scheme;
use App\Models\Tier;
use App\Models\User;

/** What the numbers in changed rows stand for, in one query a kind. */
final readonly class NamesOfRows
{
    private const NOTHING = ['tier_id' => 'as the unit', 'painter_id' => 'nobody', 'scheme_id' => 'the common one', 'figure_type_id' => 'as the unit', 'purpose' => 'not said'];

    /** @param  array<string, array<array-key, string>>  $names by column and id */
    private function __construct(private array $names)
    {
    }

    /** @param  list<RowChange>  $changes */
    public static function in(array $changes): self
    {
        $ids = [];
        foreach ($changes as $change) {
            foreach ([$change->before ?? [], $change->after ?? []] as $row) {
                foreach ($row as $column => $value) {
                    if (is_int($value)) {
                        $ids[$column][$value] = $value;
                    }
                }
            }
        }

        return new self([
            'tier_id' => Tier::query()->with('piece')->findMany($ids['tier_id'] ?? [])->mapWithKeys(static fn (Tier $tier): array => [$tier->id => $tier->name])->all(),
            'painter_id' => User::query()->findMany($ids['painter_id'] ?? [])->mapWithKeys(static fn (User $user): array => [$user->id => $user->name])->all(),
            'scheme_id' => Scheme::query()->findMany($ids['scheme_id'] ?? [])->mapWithKeys(static fn (Scheme $scheme): array => [$scheme->id => $scheme->name])->all(),
            'force_id' => Force::query()->findMany($ids['force_id'] ?? [])->mapWithKeys(static fn (Force $force): array => [$force->id => $force->name])->all(),
            'figure_type_id' => FigureType::query()->findMany($ids['figure_type_id'] ?? [])->mapWithKeys(static fn (FigureType $type): array => [$type->id => $type->name])->all(),
            'figure_area_id' => FigureArea::query()->findMany($ids['figure_area_id'] ?? [])->mapWithKeys(static fn (FigureArea $area): array => [$area->id => $area->key])->all(),
        ]);
    }

    public function of(string $column, int|string|null $value): string
    {
        return match (true) {
            $value === null => self::NOTHING[$column] ?? 'none',
            isset($this->names[$column]) => $this->names[$column][$value] ?? 'one that is gone',
            $value === '' => 'nothing',
            default => (string) $value,
        };
    }
}
