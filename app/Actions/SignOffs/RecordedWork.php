<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Actions\Bench\Marks;
use App\Actions\Checks\CheckReading;
use App\Actions\Composing\StoredMark;
use App\Models\MarkState;
use Core\Check\ExcusedUse;
use Core\Composition\Addition;
use Core\Composition\Agreement;
use Core\Composition\Asked;
use Core\Composition\BlockedUse;
use Core\Composition\Choice;
use Core\Composition\ComposedUse;
use Core\Composition\Lacking;
use Core\Composition\NotAskedFor;
use Core\Composition\Waiver;

/** The work on a figure as its record tells it: what was painted, and apart from it what was not, and why. */
final readonly class RecordedWork
{
    public function __construct(private CheckReading $reading)
    {
    }

    /** @return array<string, mixed>|null the record of what was on the figure when it came back; null: it was painted from the start */
    public function raises(): ?array
    {
        $from = $this->reading->composed->raises;

        return $from === null ? null : ['number' => $from->record->number, 'hash' => $from->record->hash, 'tier' => $from->tier()->name, 'standard' => ['name' => $from->standard->name, 'version' => $from->standard->version]];
    }

    /** @return list<array<string, mixed>> what its tier asks and what lies under finished paint */
    public function notAddable(): array
    {
        $standard = $this->reading->standard;

        return array_map(static fn (BlockedUse $one): array => [
            'area' => $one->area->id, 'use' => $one->use->id, 'work' => $standard->technique($one->technique)->name, 'why' => $one->why,
        ], $this->reading->composed->plan->blocked ?? []);
    }

    /** @return list<array<string, mixed>> what was marked as done, by whom; tidying back is no paint */
    public function painted(): array
    {
        $painted = [];
        foreach ($this->reading->composed->composition->uses as $use) {
            $mark = $this->reading->marks[$use->key()] ?? null;
            if ($mark !== null && $mark->state === MarkState::Done) {
                $painted[] = $this->done($use, $mark);
            }
        }

        return $painted;
    }

    /** @return list<array<string, mixed>> */
    public function excused(): array
    {
        $standard = $this->reading->standard;

        return array_map(static fn (ExcusedUse $use): array => [
            'area' => $use->area, 'use' => $use->use, 'work' => $use->name, 'as' => $use->as->value, 'words' => $use->as->words(),
            'reason' => $use->reason, 'agreed_with' => $use->agreedWith, 'by' => $use->by,
        ], Marks::excused($this->reading->composed, $this->reading->marks, $standard));
    }

    /** @return list<array<string, mixed>> each with who agreed to it, for this figure or its unit */
    public function leftOut(): array
    {
        return array_map(fn (Waiver $waiver): array => [
            'area' => $waiver->area, 'use' => $waiver->use, 'work' => $this->work($waiver->area, $waiver->use),
            'reason' => $waiver->reason, ...self::agreed($waiver->agreement),
        ], $this->reading->composed->figure->waivers);
    }

    /** @return list<array<string, mixed>> uses of other tiers, each with who agreed to it, for this figure or its unit */
    public function added(): array
    {
        $standard = $this->reading->standard;

        return array_map(static fn (Addition $one): array => [
            'area' => $one->area, 'use' => $one->use->id, 'work' => $standard->technique($one->use->techniques[0])->name,
            'from' => $one->agreed === null ? '' : $standard->tier($one->agreed->tier)->name,
            'reason' => $one->agreed->reason ?? '', ...self::agreed($one->agreed?->agreement),
        ], $this->reading->composed->figure->additions);
    }

    /** @return list<array<string, mixed>> areas of which nothing is asked: the standard is silent and it was agreed, or the figure has none */
    public function notAsked(): array
    {
        $silent = array_filter(
            $this->reading->composed->figure->notAskedFor,
            fn (NotAskedFor $one): bool => in_array($one->area, $this->reading->composed->composition->notAsked, true),
        );

        return array_map(static fn (NotAskedFor|Lacking $one): array => ['area' => $one->area, 'reason' => $one->reason, ...self::agreed($one->agreement)], [...array_values($silent), ...$this->reading->composed->agreed->lacking]);
    }

    /** @return list<array<string, mixed>> */
    public function chosen(): array
    {
        return array_map(fn (Choice $choice): array => [
            'area' => $choice->area, 'use' => $choice->use, 'technique' => $this->reading->standard->technique($choice->technique)->name,
        ], $this->reading->composed->figure->choices);
    }

    /** @return list<array<string, mixed>> */
    public function areaTiers(): array
    {
        $tiers = [];
        foreach ($this->reading->composed->agreed->areaTiers as $area => $tier) {
            $tiers[] = ['area' => (string) $area, 'tier' => $this->reading->standard->tier($tier)->name];
        }

        return $tiers;
    }

    /** @return array<string, mixed> */
    private function done(ComposedUse $use, StoredMark $mark): array
    {
        return [
            'area' => $use->area->id, 'use' => $use->use->id,
            'technique' => $use->techniqueIn($this->reading->standard)->name, 'degree' => $use->degree(),
            'by' => $mark->by, 'at' => $mark->atInWords(),
            'looked_on' => $mark->lookedOn,
        ];
    }

    /** What is left out, as it is said to people: the technique that the tier asks there. */
    private function work(string $area, string $use): string
    {
        $figure = $this->reading->composed->figure;
        $place = $figure->area($area);
        $asked = $place === null ? null : (new Asked($this->reading->standard, $figure))->use($place, $use);

        return $asked === null ? $use : $this->reading->standard->technique($asked->techniques[0])->name;
    }

    /** @return array{agreed_with: string, by: string, whole_unit: bool} */
    private static function agreed(?Agreement $agreement): array
    {
        return ['agreed_with' => $agreement->agreedWith ?? '', 'by' => $agreement->by ?? '', 'whole_unit' => $agreement?->figure === null];
    }
}
