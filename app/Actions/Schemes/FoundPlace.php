<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

/** Names a finding about a scheme, so that it can be found again when the scheme is read anew. */
final readonly class FoundPlace
{
    /**
     * @param  string  $type key of a figure type; empty: any
     * @param  string  $area empty: the figure as a whole
     * @param  string  $place what tells two findings of one area apart
     */
    public function __construct(
        public string $type,
        public string $code,
        public string $area,
        public string $place,
    ) {
    }

    /** @return array{figure_type: string, code: string, area: string, place: string} */
    public function columns(): array
    {
        return ['figure_type' => $this->type, 'code' => $this->code, 'area' => $this->area, 'place' => $this->place];
    }

    public function key(): string
    {
        return implode("\n", $this->columns());
    }
}
