<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Models\FurtherCoat;
use App\Models\Unit;
use Core\Composition\FurtherCoats;
use Core\Plan\FigureState;

/** The row of a figure as it was read: of one that is only looked at, and never saved. */
final readonly class StoredFigure
{
    /**
     * @param  int|null  $typeId its own; null: it is of the type of its unit
     * @param  int|null  $tierId its own; null: that of its unit
     * @param  int|null  $schemeId its own; null: that of its unit
     * @param  int|null  $painterId its own; null: that of its unit
     * @param  string|null  $painter name of its own
     * @param  int|null  $raisesId record of what was on it; null: it is painted from the start
     * @param  bool  $elsewhere whether it came finished, painted by somebody else
     * @param  list<FurtherCoat>  $further coats that it has beyond what is asked for
     */
    public function __construct(
        public int $id,
        public int $unitId,
        public int $number,
        public string $name = '',
        public bool $leader = false,
        public ?int $typeId = null,
        public ?int $tierId = null,
        public ?int $schemeId = null,
        public ?int $painterId = null,
        public ?string $painter = null,
        public ?int $raisesId = null,
        public bool $elsewhere = false,
        public FigureState $state = FigureState::ToPaint,
        public int $version = 1,
        public array $further = [],
    ) {
    }

    public function typeIdIn(Unit $unit): int
    {
        return $this->typeId ?? $unit->figure_type_id;
    }

    /** The scheme that it is painted in: its own, else that of its unit; null: the common one of the force. */
    public function schemeIn(Unit $unit): ?int
    {
        return $this->schemeId ?? $unit->scheme_id;
    }

    public function coatsBeyond(): FurtherCoats
    {
        $coats = [];
        foreach ($this->further as $row) {
            $coats[$row->area][$row->use] = $row->coats;
        }

        return new FurtherCoats($coats);
    }
}
