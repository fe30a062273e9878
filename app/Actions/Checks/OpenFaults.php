<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Models\Check;
use App\Models\Fault;
use App\Models\Figure;

/** What keeps a refused figure from being checked again: faults that count and are neither mended nor waived. */
final readonly class OpenFaults
{
    public function __construct(private ReadCheck $reading)
    {
    }

    /** @return list<Fault> */
    public function toMend(Figure $figure): array
    {
        $check = Check::query()->where('figure_id', $figure->id)->orderByDesc('round')->first();
        if ($check === null || $check->state !== 'refused') {
            return [];
        }
        $reading = $this->reading->handle($check);
        $open = [];
        foreach ($reading->faults as $i => $fault) {
            if ($reading->judgement->weights[$i]->counts() && $fault->mending === null) {
                $open[] = $fault;
            }
        }

        return $open;
    }
}
