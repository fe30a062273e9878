<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Paints\PaintBook;
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
use LogicException;

/** Reads stored schemes, each once a request, in a constant number of queries. */
final class SchemeBook
{
    /** What lies under paint where a scheme names no primer: a middle grey. */
    public const PLAIN_GROUND = '#8a8a8a';

    /** @var array<int, array<int, SchemeLadders>> by reading of the paints and by scheme */
    private array $read = [];

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
        $scheme = $schemeId === null
            ? Scheme::query()->where('force_id', $forceId)->whereNull('common_id')->first()
            : Scheme::query()->find($schemeId);

        return $scheme === null ? null : $this->of($scheme);
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
     * What schemes of a force say that areas are, without their colours.
     *
     * @return array<int, SaidLadders> by scheme, the common one also under 0; none where no scheme says so
     */
    public function surfaces(int $forceId): array
    {
        $rows = SchemeArea::query()->where('surface', '<>', '')->whereHas('scheme', static fn ($schemes) => $schemes->where('force_id', $forceId))->get();
        if ($rows->isEmpty()) {
            return [];
        }
        $said = array_values($rows->map(static fn (SchemeArea $row): SaidLadder => new SaidLadder($row->id, $row->scheme_id, $row->figure_type, new AreaLadder($row->area, []), '', $row->surface))->all());
        $surfaces = [];
        foreach (Scheme::query()->where('force_id', $forceId)->get() as $scheme) {
            $surfaces[$scheme->common_id === null ? 0 : $scheme->id] = $surfaces[$scheme->id] = new SaidLadders($said, $scheme->id, $scheme->common_id);
        }

        return $surfaces;
    }

    public function forget(): void
    {
        $this->read = [];
    }

    private function read(Scheme $scheme): SchemeLadders
    {
        $ids = array_filter([$scheme->id, $scheme->common_id]);
        $schemes = Scheme::query()->whereKey($ids)->get()->keyBy('id');
        $areas = $said = [];
        foreach ($this->rows($ids) as $row) {
            $of = $schemes->get($row->scheme_id) ?? throw new LogicException("Scheme {$row->scheme_id} was not read.");
            $said[] = $one = $this->saidIn($row);
            $areas[$row->id] = ['scheme' => $of, 'row' => $row, 'ladder' => $one->ladder];
        }

        $primed = $scheme->ground_paint_id === null ? $schemes->get($scheme->common_id ?? $scheme->id) ?? $scheme : $scheme;

        return new SchemeLadders(
            $scheme,
            $areas,
            new SaidLadders($said, $scheme->id, $scheme->common_id),
            $this->ground($primed),
            $this->light($scheme),
            $this->rules->now(),
            array_map(fn (int $paint): Recipe => Recipe::of($this->paints->paint($paint)), array_values(array_filter([$primed->ground_paint_id, $primed->sketch_paint_id]))),
            $scheme->common_id === null ? null : $schemes->get($scheme->common_id),
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
