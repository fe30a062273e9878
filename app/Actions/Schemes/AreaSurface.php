<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\BackToPainting;
use App\Models\Figure;
use App\Models\JobState;
use App\Models\Scheme;
use App\Models\SchemeArea;
use App\Refusals\NotRight;
use Core\Standard\Surface;
use Illuminate\Database\Eloquent\Builder;

/** A scheme says what an area is: bare metal in one company, painted plate in another. What is asked of its figures changes with it. */
final readonly class AreaSurface
{
    public function __construct(
        private ReadScheme $schemes,
        private BackToPainting $backToPainting,
    ) {
    }

    /** @throws NotRight if the standard has no such surface, or it is the figure as one */
    public function require(Scheme $scheme, string $surface): void
    {
        if ($surface === '') {
            return;
        }
        $standard = $this->schemes->standard($scheme);
        if ($surface === Surface::WHOLE || ! $standard->hasSurface($surface)) {
            $known = array_filter(array_map(static fn (Surface $one): string => $one->id, $standard->surfaces), static fn (string $id): bool => $id !== Surface::WHOLE);
            throw NotRight::at('/surface', 'unknown-surface', "An area cannot be \"{$surface}\"; it can be: ".implode(', ', $known).'.');
        }
    }

    /** Figures in check whose work is another now go back. Called within a transaction. */
    public function changed(Scheme $scheme, SchemeArea $row): void
    {
        $figures = Figure::query()
            ->whereHas('unit', static fn (Builder $units): Builder => $units
                ->whereHas('job', static fn (Builder $jobs): Builder => $jobs->where('force_id', $scheme->force_id)->where('state', JobState::Open))
                ->whereHas('figureType', static fn (Builder $types): Builder => $types
                    ->when($row->figure_type !== '', static fn (Builder $one): Builder => $one->where('key', $row->figure_type))
                    ->whereHas('areas', static fn (Builder $areas): Builder => $areas->where('key', $row->area))))
            ->when($scheme->common_id !== null, static fn (Builder $all): Builder => $all->where(static fn (Builder $either): Builder => $either
                ->where('scheme_id', $scheme->id)
                ->orWhere(static fn (Builder $ofUnit): Builder => $ofUnit->whereNull('scheme_id')->whereHas('unit', static fn (Builder $units): Builder => $units->where('scheme_id', $scheme->id)))))
            ->orderBy('id')->lockForUpdate()->get();
        $this->backToPainting->handle($figures);
    }
}
