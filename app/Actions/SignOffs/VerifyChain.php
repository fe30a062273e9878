<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Actions\Transaction;
use App\Models\ChainVerification;
use App\Models\CurrentStudio;
use App\Models\Figure;
use App\Models\SignOff;
use Core\Plan\FigureState;
use Core\Record\ChainCheck;
use Core\Record\ChainFault;
use Core\Record\Link;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Reads every record of the studio again: each follows the one before it, is signed, says what its row and
 * the rows behind it say, and bears its verdict; and the heads kept outside the database are all in it.
 */
final readonly class VerifyChain
{
    private const AT_ONCE = 200;

    /** Records of one step, so that who waits sees that it goes on. */
    private const A_STEP = 1000;

    public function __construct(
        private CurrentStudio $studio,
        private Anchors $anchors,
        private Evidence $evidence,
        private RecordChecks $checks,
    ) {
    }

    /** Reads all of it and keeps what was found, so that who opens the application is told. */
    public function keep(): ChainVerification
    {
        return $this->toEnd($this->begin(whole: true));
    }

    public function toEnd(ChainVerification $run): ChainVerification
    {
        while (! $run->finished) {
            $run = $this->goOn($run);
        }

        return $run;
    }

    /** @param  bool  $whole from the first record on; else from where it was read last, where it held as far as that */
    public function begin(bool $whole): ChainVerification
    {
        $last = $whole ? null : ChainVerification::last();
        $goesOn = $last !== null && $last->holds() && $last->head !== '' && self::isStill($last);

        return ChainVerification::query()->create([
            'after' => $goesOn ? $last->through : 0, 'through' => $goesOn ? $last->through : 0, 'head' => $goesOn ? $last->head : Link::NO_LINK,
            'records' => $goesOn ? $last->records : 0, 'faults' => [], 'finished' => false, 'verified_at' => now(),
        ]);
    }

    /** Reads some records more; at the last, what is said of the chain as one is held against it. Who asks twice at once reads on, and nothing twice. */
    public function goOn(ChainVerification $run): ChainVerification
    {
        return Transaction::run(function () use ($run): ChainVerification {
            $locked = ChainVerification::query()->lockForUpdate()->findOrFail($run->id);
            if (! $locked->finished) {
                $this->step($locked);
            }

            return $locked;
        });
    }

    private function step(ChainVerification $run): void
    {
        $heads = new Heads($this->anchors->baselines($this->studio->id()));
        $ofRecords = [];
        [$through, $head, $read] = [$run->through, $run->head, 0];
        $links = function () use (&$through, &$head, &$read, &$ofRecords, $heads): iterable {
            foreach ($this->chunks($through) as [$row, $behind]) {
                [$through, $head] = [$row->number, $row->hash];
                $read++;
                foreach ($this->checks->of($row, $behind, $heads) as $sentence) {
                    $ofRecords[] = new ChainFault($row->number, $sentence);
                }
                yield Link::stored($row->number, $row->previous, $row->record, $row->hash);
            }
        };
        $faults = [...ChainCheck::faults($links(), $run->through, $run->head), ...$ofRecords];
        $isLast = $read < self::A_STEP;
        if ($isLast) {
            array_push($faults, ...$this->ofHeads($run->after), ...self::lost(), ...self::unguarded());
        }
        $run->update([
            'through' => $through, 'head' => $head, 'records' => $run->records + $read, 'finished' => $isLast, 'verified_at' => now(),
            'faults' => [...$run->faults, ...array_map(static fn (ChainFault $fault): string => $fault->sentence, $faults)],
        ]);
    }

    /** @return list<ChainFault> what the heads say that were kept after a record */
    private function ofHeads(int $after): array
    {
        $heads = new Heads($this->anchors->of($this->studio->id(), $after));
        $hashes = [];
        foreach (array_chunk($heads->numbers(), self::A_STEP) as $numbers) {
            $hashes += SignOff::query()->whereIn('number', $numbers)->pluck('hash', 'number')->all();
        }

        /** @var array<int, string> $hashes */
        return $heads->faults($hashes);
    }

    /** Whether the record with which it ended is the one that was read then. */
    private static function isStill(ChainVerification $last): bool
    {
        return $last->through === 0 || SignOff::query()->where('number', $last->through)->value('hash') === $last->head;
    }

    /** @return iterable<array{SignOff, array<string, list<array<string, mixed>>>}> records after one, as many as are a step, by number, each with the rows behind it */
    private function chunks(int $after): iterable
    {
        $left = self::A_STEP;
        do {
            /** @var Collection<int, SignOff> $rows */
            $rows = SignOff::query()->with(['figure:id,raises_id', 'figure.raises:id,hash'])->where('number', '>', $after)->orderBy('number')->limit(self::AT_ONCE)->get();
            $behind = $this->evidence->of(array_values($rows->map(static fn (SignOff $row): int => $row->figure_id)->all()));
            foreach ($rows as $row) {
                yield [$row, $behind[$row->figure_id] ?? []];
                $after = $row->number;
            }
            $left -= $rows->count();
        } while ($rows->count() === self::AT_ONCE && $left > 0);
    }

    /** @return list<ChainFault> figures that were signed still say so when their record is gone */
    private static function lost(): array
    {
        $signed = Figure::query()->where('state', FigureState::Signed)->whereDoesntHave('signOff')->with('unit')->get();

        return array_values($signed->map(static fn (Figure $figure): ChainFault => new ChainFault(0, "Figure {$figure->number} of {$figure->unit->name} is signed off, but its record is gone."))->all());
    }

    /** @return list<ChainFault> what keeps the database from changing signed rows, where it is not there */
    private static function unguarded(): array
    {
        $row = DB::selectOne('SELECT refusing_triggers() AS present');
        $present = is_object($row) && isset($row->present) && is_string($row->present) ? explode(',', $row->present) : [];
        $missing = array_values(array_diff(GuardingTriggers::NAMES, $present));

        return $missing === [] ? [] : [new ChainFault(0, 'The database does not refuse changes of signed rows as it should; missing or changed: '.implode(', ', $missing).'.')];
    }
}
