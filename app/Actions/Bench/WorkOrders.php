<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use Core\Sequence\Work;
use Core\Sequence\WorkOrder;
use Core\Standard\Standard;
use Illuminate\Contracts\Cache\Repository;

/** Orders of work, kept: like figures of all jobs have the same, and a list of fifty jobs looks for each of them once. */
final readonly class WorkOrders
{
    private const KEPT_DAYS = 60;

    public function __construct(private Repository $cache)
    {
    }

    public function of(ComposedFigure $figure, Standard $standard, FigureMixes $mixes): Work
    {
        $order = new WorkOrder($standard);
        $paints = $mixes->paints();
        $key = 'work-order:'.$order->key($figure->composition, $figure->type, $paints);
        $known = $this->cache->get($key);
        $work = $order->of($figure->composition, $figure->type, is_array($known) ? array_values(array_filter($known, is_int(...))) : null, $paints);
        if ($known === null) {
            $this->cache->put($key, $work->order(), now()->addDays(self::KEPT_DAYS));
        }

        return $work;
    }
}
