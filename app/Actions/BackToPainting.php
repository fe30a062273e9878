<?php

declare(strict_types=1);

namespace App\Actions;

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
        $inCheck = $figures->filter(static fn (Figure $figure): bool => $figure->state->isInCheck());
        if ($inCheck->isEmpty()) {
            return;
        }
        Figure::query()->whereIn('id', $inCheck->modelKeys())->update(['state' => FigureState::Painting]);
        Check::query()->whereIn('figure_id', $inCheck->modelKeys())->where('state', RoundState::Open)->update(['state' => RoundState::Dropped, 'closed_at' => now()]);
    }
}
