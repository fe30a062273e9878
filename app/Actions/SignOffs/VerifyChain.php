<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

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

    public function __construct(
        private CurrentStudio $studio,
        private Anchors $anchors,
        private Evidence $evidence,
        private RecordChecks $checks,
    ) {
    }

    public function handle(): ChainReading
    {
        $heads = new Heads($this->anchors->of($this->studio->id()));
        $hashes = $ofRecords = [];
        $links = function () use (&$hashes, &$ofRecords, $heads): iterable {
            foreach ($this->chunks() as [$row, $behind]) {
                $hashes[$row->number] = $row->hash;
                foreach ($this->checks->of($row, $behind, $heads) as $sentence) {
                    $ofRecords[] = new ChainFault($row->number, $sentence);
                }
                yield Link::stored($row->number, $row->previous, $row->record, $row->hash);
            }
        };
        $faults = [...ChainCheck::faults($links()), ...$ofRecords, ...$heads->faults($hashes), ...self::lost(), ...self::unguarded()];

        return new ChainReading(count($hashes), $hashes === [] ? Link::NO_LINK : $hashes[array_key_last($hashes)], $faults);
    }

    /** Verifies and keeps what was found, so that who opens the application is told. */
    public function keep(): ChainReading
    {
        $reading = $this->handle();
        ChainVerification::query()->create([
            'records' => $reading->records,
            'faults' => array_map(static fn (ChainFault $fault): string => $fault->sentence, $reading->faults),
            'verified_at' => now(),
        ]);

        return $reading;
    }

    /** @return iterable<array{SignOff, array<string, list<array<string, mixed>>>}> records by number, each with the rows behind it */
    private function chunks(): iterable
    {
        $after = 0;
        do {
            /** @var Collection<int, SignOff> $rows */
            $rows = SignOff::query()->with(['figure:id,raises_id', 'figure.raises:id,hash'])->where('number', '>', $after)->orderBy('number')->limit(self::AT_ONCE)->get();
            $behind = $this->evidence->of(array_values($rows->map(static fn (SignOff $row): int => $row->figure_id)->all()));
            foreach ($rows as $row) {
                yield [$row, $behind[$row->figure_id] ?? []];
                $after = $row->number;
            }
        } while ($rows->count() === self::AT_ONCE);
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
