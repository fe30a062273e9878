<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use Core\Composition\FigureType;
use Core\Sequence\RaiseOrder;
use Core\Sequence\SharedSteps;
use Core\Sequence\SheetLines;
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

    public function of(ComposedFigure $figure, Standard $standard, FigureMixes $mixes): SheetLines
    {
        $paints = $mixes->paints();
        [$work, $type] = [$figure->composition, $figure->type];
        if ($figure->raises === null) {
            $order = new WorkOrder($standard);

            return $this->lines($order->key($work, $type, $paints), static fn (?array $known): Work => $order->of($work, $type, $known, $paints));
        }
        $done = $figure->raises->done;
        $raise = new RaiseOrder($standard);

        return $this->lines($raise->key($done, $work, $type, $paints), static fn (?array $known): Work => $raise->of($done, $work, $type, $known, $paints));
    }

    /** @param  callable(list<int>|null): Work  $find with the order that was found before */
    private function lines(string $key, callable $find): SheetLines
    {
        $known = $this->known($key);
        $work = $find($known);
        if ($known === null) {
            $this->keep($key, $work->order());
        }

        return SheetLines::ofOne($work);
    }

    /** @return SheetLines|null null where no one order serves all of them */
    public function shared(SharedSteps $shared, FigureType $type, Standard $standard): ?SheetLines
    {
        $order = new WorkOrder($standard);
        $key = $order->key($shared->composition, $type, $shared->paints);
        $known = $this->known($key);
        $found = $shared->inOrder($order, $type, $known);
        if ($known === null && $found !== null) {
            $this->keep($key, $found->order);
        }

        return $found;
    }

    /** @return list<int>|null */
    private function known(string $key): ?array
    {
        $known = $this->cache->get("work-order:{$key}");

        return is_array($known) ? array_values(array_filter($known, is_int(...))) : null;
    }

    /** @param  list<int>  $order */
    private function keep(string $key, array $order): void
    {
        $this->cache->put("work-order:{$key}", $order, now()->addDays(self::KEPT_DAYS));
    }
}
