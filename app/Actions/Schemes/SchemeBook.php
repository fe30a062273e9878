<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Paints\PaintBook;
use App\Actions\ReadOnce;
use App\Models\Scheme;
use App\Models\SchemeArea;
use App\Models\SchemeStep;
use Core\Colour\Srgb;
use Core\Scheme\AreaLadder;
use Core\Scheme\Ground;
use Core\Scheme\Recipe;
use Core\Scheme\Rung;
use Core\Scheme\RungRole;
use Core\Scheme\SaidLadder;
use Core\Scheme\SaidLadders;
use Core\Scheme\SharedLight;
use Core\Scheme\Turn;
use Core\Scheme\UseRecipe;

/** Reads stored schemes, each once a request, in a constant number of queries. */
final class SchemeBook implements ReadOnce
{
    /** What lies under paint where a scheme names no primer: a middle grey. */
    public const PLAIN_GROUND = '#8a8a8a';

    /** @var array<int, array<int, SchemeLadders>> by reading of the paints and by scheme */
    private array $read = [];

    /** @var array<int, array<int, Scheme>> by force and id, of forces that were prepared */
    private array $schemes = [];

    /** @var array<int, list<SchemeArea>> by scheme, likewise */
    private array $areas = [];

    public function __construct(
        private readonly PaintBook $paints,
        private readonly StudioRules $rules,
    ) {
    }

    public function of(Scheme $scheme): SchemeLadders
    {
        return $this->read[$this->paints->reading()][$scheme->id] ??= $this->read($scheme);
    }

    /** The scheme that a unit of a force is painted in: its own, else the common one. */
    public function ofForce(int $forceId, ?int $schemeId): ?SchemeLadders
    {
        $this->prepare([$forceId]);
        foreach ($this->schemes[$forceId] as $scheme) {
            if ($schemeId === null ? $scheme->common_id === null : $scheme->id === $schemeId) {
                return $this->of($scheme);
            }
        }

        return null;
    }

    /**
     * Reads at once all schemes of several forces.
     *
     * @param  array<array-key, int>  $forces ids
     */
    public function prepare(array $forces): void
    {
        $new = array_values(array_diff($forces, array_keys($this->schemes)));
        if ($new === []) {
            return;
        }
        $schemes = array_fill_keys($new, []);
        $ids = [];
        foreach (Scheme::query()->whereIn('force_id', $new)->orderBy('id')->get() as $scheme) {
            $schemes[$scheme->force_id][$scheme->id] = $scheme;
            $ids[] = $scheme->id;
        }
        $areas = array_fill_keys($ids, []);
        foreach ($this->rows($ids) as $row) {
            $areas[$row->scheme_id][] = $row;
        }
        $this->schemes += $schemes;
        $this->areas += $areas;
    }

    public function ladder(SchemeArea $row): AreaLadder
    {
        $rungs = $uses = [];
        foreach ($row->steps as $step) {
            $recipe = $this->paints->stored($step->parts, $step->water);
            if ($step->role === SchemeStep::OF_A_USE) {
                $uses[] = new UseRecipe($step->use, $step->use_step, $recipe);
            } else {
                $rungs[] = new Rung(RungRole::from($step->role), $recipe, $step->cover, $step->coats);
            }
        }

        return new AreaLadder($row->area, $rungs, $uses, $row->takes_shared_light, Turn::from($row->turn), $row->quiet);
    }

    public function light(Scheme $scheme): ?SharedLight
    {
        return $scheme->last_light === 'shared' && $scheme->light_paint_id !== null
            ? new SharedLight(Recipe::of($this->paints->paint($scheme->light_paint_id)), $scheme->light_own, $scheme->light_parts, $scheme->light_reach)
            : null;
    }

    /** What a scheme says lies under all paint; one that differs takes both primers from the common one, or has its own. */
    private function ground(Scheme $scheme): Ground
    {
        $first = $scheme->ground_paint_id === null ? Srgb::fromHex(self::PLAIN_GROUND) : $this->paints->paint($scheme->ground_paint_id)->colour;
        $sketch = $scheme->sketch_paint_id === null ? null : Recipe::of($this->paints->paint($scheme->sketch_paint_id))->over($first, 1);

        return new Ground($first, $sketch, $scheme->sketch_cover);
    }

    /**
     * What schemes say, row by row.
     *
     * @param  list<int>  $schemes ids
     * @return list<SaidLadder>
     */
    public function said(array $schemes): array
    {
        return array_map($this->saidIn(...), $this->rows($schemes));
    }

    /**
     * What schemes of forces say that areas are, without their colours.
     *
     * @param  list<int>  $forces ids
     * @return array<int, array<int, SaidLadders>> by force and scheme, the common one also under 0; none of a force whose schemes do not say so
     */
    public function surfaces(array $forces): array
    {
        $rows = SchemeArea::query()->join('schemes', 'schemes.id', '=', 'scheme_areas.scheme_id')->whereIn('schemes.force_id', $forces)->where('scheme_areas.surface', '<>', '')
            ->orderBy('scheme_areas.id')->get(['scheme_areas.*', 'schemes.force_id'])->groupBy('force_id');
        if ($rows->isEmpty()) {
            return [];
        }
        $said = $rows->map(static fn ($ofForce): array => array_values($ofForce->map(static fn (SchemeArea $row): SaidLadder => new SaidLadder($row->id, $row->scheme_id, $row->figure_type, new AreaLadder($row->area, []), '', $row->surface))->all()));
        $surfaces = [];
        foreach (Scheme::query()->whereIn('force_id', $rows->keys())->get() as $scheme) {
            $ofForce = new SaidLadders($said[$scheme->force_id] ?? [], $scheme->id, $scheme->common_id);
            $surfaces[$scheme->force_id][$scheme->id] = $ofForce;
            if ($scheme->common_id === null) {
                $surfaces[$scheme->force_id][0] = $ofForce;
            }
        }

        return $surfaces;
    }

    public function forget(): void
    {
        $this->read = $this->schemes = $this->areas = [];
    }

    private function read(Scheme $scheme): SchemeLadders
    {
        $this->prepare([$scheme->force_id]);
        $schemes = $this->schemes[$scheme->force_id];
        $common = $scheme->common_id === null ? null : $schemes[$scheme->common_id];
        $rows = [...$this->areas[$scheme->id] ?? [], ...$common === null ? [] : $this->areas[$common->id]];
        usort($rows, static fn (SchemeArea $one, SchemeArea $other): int => [$one->position, $one->id] <=> [$other->position, $other->id]);
        $areas = $said = [];
        foreach ($rows as $row) {
            $said[] = $one = $this->saidIn($row);
            $areas[$row->id] = ['scheme' => $schemes[$row->scheme_id], 'row' => $row, 'ladder' => $one->ladder];
        }
        $primed = $scheme->ground_paint_id === null ? $common ?? $scheme : $scheme;

        return new SchemeLadders(
            $scheme,
            $areas,
            new SaidLadders($said, $scheme->id, $scheme->common_id),
            $this->ground($primed),
            $this->light($scheme),
            $this->rules->now(),
            array_map(fn (int $paint): Recipe => Recipe::of($this->paints->paint($paint)), array_values(array_filter([$primed->ground_paint_id, $primed->sketch_paint_id]))),
            $common,
        );
    }

    /**
     * @param  array<array-key, int>  $schemes ids
     * @return list<SchemeArea>
     */
    private function rows(array $schemes): array
    {
        return array_values(SchemeArea::query()->whereIn('scheme_id', $schemes)->with('steps.parts')->orderBy('position')->orderBy('id')->get()->all());
    }

    private function saidIn(SchemeArea $row): SaidLadder
    {
        return new SaidLadder($row->id, $row->scheme_id, $row->figure_type, $this->ladder($row), $row->same_as, $row->surface);
    }
}
