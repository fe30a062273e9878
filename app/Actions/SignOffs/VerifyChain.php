<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Models\Figure;
use App\Models\FigureState;
use App\Models\SignOff;
use Core\Record\ChainCheck;
use Core\Record\ChainFault;
use Core\Record\Link;

/** Reads every record of the studio again and finds one that was altered, moved or taken away. */
final readonly class VerifyChain
{
    /** @return array{records: int, faults: list<ChainFault>} */
    public function handle(): array
    {
        $count = 0;
        $links = function () use (&$count): iterable {
            foreach (SignOff::query()->orderBy('number')->lazy(200) as $row) {
                $count++;
                yield Link::stored($row->number, $row->previous, $row->record, $row->hash);
            }
        };
        $faults = ChainCheck::faults($links());
        foreach ($this->lost() as $fault) {
            $faults[] = $fault;
        }

        return ['records' => $count, 'faults' => $faults];
    }

    /** @return list<ChainFault> the end of a chain can be cut off without a trace in it; figures that were signed still say so */
    private function lost(): array
    {
        $signed = Figure::query()->where('state', FigureState::Signed)->whereDoesntHave('signOff')->with('unit')->get();

        return array_values($signed->map(static fn (Figure $figure): ChainFault => new ChainFault(0, "Figure {$figure->number} of {$figure->unit->name} is signed off, but its record is gone."))->all());
    }
}
