<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Paints\FindSubstitutes;
use App\Actions\Transaction;
use App\Models\Paint;
use App\Models\Scheme;
use App\Models\SchemeArea;
use App\Models\SchemeNote;
use App\Models\User;
use App\Refusals\NotRight;
use Core\Scheme\Substitute;

/** Lets one paint stand in for another in every ladder of every scheme, in one action. */
final readonly class SubstitutePaint
{
    public function __construct(
        private SchemeBook $book,
        private Following $following,
        private WriteLadder $write,
        private FindSubstitutes $finding,
    ) {
    }

    /**
     * @param  bool  $take whether it is done, or only shown
     *
     * @throws NotRight if the other does not behave as this one does, or has run out
     */
    public function handle(Paint $paint, string $instead, bool $take, User $by): Substitution
    {
        $substitute = $this->substitute($paint, $instead);

        return Transaction::run(function () use ($paint, $substitute, $take, $by): Substitution {
            $touched = $rows = [];
            foreach (Scheme::query()->with('areas.steps.parts')->orderBy('id')->get() as $scheme) {
                foreach ($scheme->areas as $row) {
                    $ladder = $this->book->ladder($row);
                    $after = $ladder->withPaint($paint->name, $substitute->paint);
                    if ($after->texts() === $ladder->texts()) {
                        continue;
                    }
                    $ladders = $this->book->of($scheme);
                    $touched[] = new TouchedLadder($scheme, $row->area, $row->figure_type, $ladders->reading($ladder), $ladders->reading($after));
                    $rows[$scheme->force_id][] = $row->id;
                }
                if ($take && array_filter($touched, static fn (TouchedLadder $one): bool => $one->scheme->id === $scheme->id) !== []) {
                    $this->note($scheme, $paint, $substitute, $by);
                }
            }

            foreach ($take ? $rows : [] as $force => $ids) {
                $this->rewrite($force, $ids, $paint, $substitute);
            }

            return new Substitution($paint->name, $substitute, $touched, $take);
        });
    }

    private function substitute(Paint $paint, string $instead): Substitute
    {
        foreach ($this->finding->handle($paint) as $one) {
            if (mb_strtolower($one->paint->name) === mb_strtolower($instead)) {
                return $one;
            }
        }

        throw NotRight::at('/instead', 'no-substitute', "\"{$instead}\" cannot stand in for {$paint->name}: it has run out, is not among the nearest, or does not behave as it does. Take one of the list.");
    }

    /**
     * As the rows are now: what somebody else wrote meanwhile keeps standing.
     *
     * @param  list<int>  $ids of rows of one force
     */
    private function rewrite(int $force, array $ids, Paint $paint, Substitute $substitute): void
    {
        $this->following->during($force, function () use ($ids, $paint, $substitute): array {
            foreach (SchemeArea::query()->lockForUpdate()->whereKey($ids)->with('steps.parts')->orderBy('id')->get() as $row) {
                $row->version++;
                $this->write->handle($row, $this->book->ladder($row)->withPaint($paint->name, $substitute->paint));
            }

            return [$ids, null];
        });
    }

    private function note(Scheme $scheme, Paint $paint, Substitute $substitute, User $by): void
    {
        SchemeNote::query()->create([
            'scheme_id' => $scheme->id, 'user_id' => $by->id, 'kind' => SchemeNote::SUBSTITUTE, 'area' => '',
            'text' => sprintf('%s stands in for %s, ΔE00 %.1f%s.', $substitute->paint->name, $paint->name, $substitute->deltaE00, $substitute->side === [] ? '' : ', '.implode(', ', $substitute->side)),
        ]);
    }
}
