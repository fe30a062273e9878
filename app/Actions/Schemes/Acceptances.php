<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Models\Scheme;
use App\Models\SchemeAcceptance;

/** What is accepted of a scheme, read once. */
final readonly class Acceptances
{
    /** @param  array<string, SchemeAcceptance>  $rows by {@see FoundPlace::key()} */
    private function __construct(private array $rows)
    {
    }

    public static function of(Scheme $scheme): self
    {
        $rows = [];
        foreach (SchemeAcceptance::query()->where('scheme_id', $scheme->id)->with('user')->get() as $row) {
            $rows[(new FoundPlace($row->figure_type, $row->code, $row->area, $row->place))->key()] = $row;
        }

        return new self($rows);
    }

    public function find(FoundPlace $place): ?SchemeAcceptance
    {
        return $this->rows[$place->key()] ?? null;
    }
}
