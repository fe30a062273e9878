<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Models\Force;
use App\Models\Scheme;
use App\Models\SchemeArea;
use Closure;
use Core\Scheme\FollowingLadders;
use Core\Scheme\SaidLadder;

/**
 * Changes ladders of a force, and lets what differs from them follow in the rest. Ladders stand whole in their
 * rows, so that whoever reads one need not know what it differs from.
 */
final readonly class Following
{
    public function __construct(
        private SchemeBook $book,
        private WriteLadder $write,
    ) {
    }

    /**
     * Called at the beginning of a transaction: changes of one force wait for each other.
     *
     * @template T
     *
     * @param  Closure(): array{list<int>, T}  $change answers with the rows that it wrote
     * @return T
     */
    public function during(int $forceId, Closure $change): mixed
    {
        Force::query()->whereKey($forceId)->lockForUpdate()->firstOrFail();
        /** @var array<int, int|null> $commons */
        $commons = Scheme::query()->where('force_id', $forceId)->pluck('common_id', 'id')->all();
        $before = $this->book->said(array_keys($commons));
        [$changed, $answer] = $change();
        foreach ((new FollowingLadders($before, $commons))->after($this->book->said(array_keys($commons)), $changed) as $one) {
            $this->follow($one);
        }

        return $answer;
    }

    /** Whoever has the row open hears of it by its version. */
    private function follow(SaidLadder $one): void
    {
        $row = SchemeArea::query()->lockForUpdate()->findOrFail($one->key);
        $row->version++;
        $this->write->handle($row, $one->ladder);
    }
}
