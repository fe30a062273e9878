<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Models\Check;
use App\Models\Fault;
use App\Models\Figure;
use App\Models\RoundState;
use Core\Check\FaultKind;

/** What keeps a refused figure from being checked again: faults that count, or that the lead sent it back for, and that are neither mended nor waived. */
final readonly class OpenFaults
{
    public function __construct(private ReadCheck $reading)
    {
    }

    /** @return list<Fault> */
    public function toMend(Figure $figure): array
    {
        $check = Check::query()->where('figure_id', $figure->id)->orderByDesc('round')->first();
        if ($check === null || $check->state !== RoundState::Refused) {
            return [];
        }

        return self::in($this->reading->handle($check));
    }

    /** @return list<Fault> */
    public static function in(CheckReading $reading): array
    {
        $open = [];
        foreach ($reading->faults as $i => $fault) {
            if ($fault->mending === null && ($fault->kind === FaultKind::SentBack || $reading->judgement->weights[$i]->counts())) {
                $open[] = $fault;
            }
        }

        return $open;
    }
}
