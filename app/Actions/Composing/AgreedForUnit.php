<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Models\AreaSchool;
use App\Models\AreaTier;
use App\Models\Choice as ChoiceRow;
use App\Models\Unit;
use App\Models\Variation;
use App\Models\VariationKind;
use Core\Composition\AgreedAddition;
use Core\Composition\Agreement;
use Core\Composition\Choice;
use Core\Composition\Lacking;
use Core\Composition\NotAskedFor;
use Core\Composition\Waiver;
use Core\School\Schools;

/** The variations, choices and area tiers of a unit, by figure. */
final readonly class AgreedForUnit
{
    /** What holds for all of it. */
    private Agreed $forAll;

    /** @var array<int, true> figures of which something was said alone */
    private array $alone;

    public function __construct(private Unit $unit)
    {
        $alone = [];
        foreach ([$unit->areaTiers, $unit->areaSchools, $unit->variations, $unit->choices] as $rows) {
            foreach ($rows as $row) {
                $alone[$row->figure_id ?? 0] = true;
            }
        }
        $this->alone = $alone;
        $this->forAll = $this->read(0);
    }

    public function ofFigure(int $figureId): Agreed
    {
        return isset($this->alone[$figureId]) ? $this->read($figureId) : $this->forAll;
    }

    /** @param  int  $figureId none has 0 */
    private function read(int $figureId): Agreed
    {
        $tiers = [];
        foreach ($this->inScope($this->unit->areaTiers->all(), $figureId) as $row) {
            $tiers[$row->figureArea->key] = $row->tier->key;
        }

        return new Agreed(
            $tiers,
            array_map(static fn (Variation $row): Waiver => new Waiver($row->figureArea->key, $row->use, $row->reason, self::agreement($row)), $this->inScope($this->variations(VariationKind::Waiver), $figureId)),
            array_map(static fn (ChoiceRow $row): Choice => new Choice($row->figureArea->key, $row->use, $row->technique), $this->inScope($this->unit->choices->all(), $figureId)),
            array_map(static fn (Variation $row): NotAskedFor => new NotAskedFor($row->figureArea->key, $row->reason, self::agreement($row)), $this->inScope($this->variations(VariationKind::NotAsked), $figureId)),
            $this->schools($figureId),
            $this->additions($figureId),
            array_map(static fn (Variation $row): Lacking => new Lacking($row->figureArea->key, $row->reason, self::agreement($row)), $this->inScope($this->variations(VariationKind::Lacks), $figureId)),
        );
    }

    /** @return list<AgreedAddition> */
    private function additions(int $figureId): array
    {
        $additions = [];
        foreach ($this->inScope($this->variations(VariationKind::Addition), $figureId) as $row) {
            $additions[] = new AgreedAddition($row->figureArea->key, $row->tier->key ?? '', $row->use, $row->reason, self::agreement($row));
        }

        return $additions;
    }

    /** @return array<array-key, Schools> by area */
    private function schools(int $figureId): array
    {
        $schools = [];
        foreach ($this->inScope($this->unit->areaSchools->all(), $figureId) as $row) {
            $area = $row->figureArea->key;
            $schools[$area] = ($schools[$area] ?? new Schools)->with($row->question, $row->choice);
        }

        return $schools;
    }

    /** @return list<Variation> */
    private function variations(VariationKind $kind): array
    {
        return array_values($this->unit->variations->filter(static fn (Variation $row): bool => $row->kind === $kind)->all());
    }

    private static function agreement(Variation $row): Agreement
    {
        return new Agreement($row->id, $row->agreed_with, $row->user->name, $row->figure_id, $row->price);
    }

    /**
     * @template T of AreaTier|AreaSchool|Variation|ChoiceRow
     *
     * @param  array<array-key, T>  $rows
     * @return list<T> those of the whole unit first, then those of this figure
     */
    private function inScope(array $rows, int $figureId): array
    {
        return array_values([
            ...array_filter($rows, static fn (AreaTier|AreaSchool|Variation|ChoiceRow $row): bool => $row->figure_id === null),
            ...array_filter($rows, static fn (AreaTier|AreaSchool|Variation|ChoiceRow $row): bool => $row->figure_id === $figureId),
        ]);
    }
}
