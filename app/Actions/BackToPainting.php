<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BenchMark;
use App\Models\Check;
use App\Models\Figure;
use App\Models\RoundState;
use Core\Plan\FigureState;
use Illuminate\Database\Eloquent\Collection;

/** After a change of tier, version or variation a figure in check goes back to painting, and its check ends. */
final readonly class BackToPainting
{
    /** @param  Collection<int, Figure>  $figures those whose work changed */
    public function handle(Collection $figures): void
    {
        $finished = $figures->filter(static fn (Figure $figure): bool => $figure->elsewhere && $figure->state !== FigureState::ToCheck);
        $inCheck = $figures->filter(static fn (Figure $figure): bool => $figure->state->isInCheck());
        if ($inCheck->isEmpty() && $finished->isEmpty()) {
            return;
        }
        // What came finished has no painting to go back to: it is checked anew.
        Figure::query()->whereIn('id', $finished->modelKeys())->update(['state' => FigureState::ToCheck]);
        $here = $inCheck->where('elsewhere', false)->modelKeys();
        /** @var list<int> $begun */
        $begun = BenchMark::query()->whereIn('figure_id', $here)->distinct()->pluck('figure_id')->all();
        Figure::query()->whereIn('id', $begun)->update(['state' => FigureState::Painting]);
        Figure::query()->whereIn('id', array_diff($here, $begun))->update(['state' => FigureState::ToPaint]);
        Check::query()->whereIn('figure_id', $inCheck->modelKeys())->where('state', RoundState::Open)->update(['state' => RoundState::Dropped, 'closed_at' => now()]);
    }
}
