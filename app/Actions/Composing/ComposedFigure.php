<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Models\Figure;
use App\Models\Unit;
use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\Figure as CoreFigure;
use Core\Composition\FigureType;
use Core\Composition\FurtherCoats;
use Core\Composition\RaisePlan;
use Core\Quote\FigurePrice;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;

/** A figure of a job with what is painted on it. */
final readonly class ComposedFigure
{
    /**
     * @param  Composition  $composition what is painted on it here, and what is asked of it
     * @param  SignedFigure|null  $raises what it was before it came back; null: it is painted from the start
     * @param  RaisePlan|null  $plan what comes to it then
     */
    public function __construct(
        public Unit $unit,
        public Figure $row,
        public CoreFigure $figure,
        public FigureType $type,
        public Composition $composition,
        public Agreed $agreed,
        public FurtherCoats $further = new FurtherCoats,
        private ?FigureType $whole = null,
        private ?Composition $layers = null,
        public ?SignedFigure $raises = null,
        public ?RaisePlan $plan = null,
    ) {
    }

    /** All that lies on it in the end, of which only what its composition has is painted here and now. */
    public function layers(): Composition
    {
        return $this->layers ?? $this->composition;
    }

    /** Whether a use was on it, in whole or in part, before anything is painted here. */
    public function wasThere(TechniqueUse $use, string $area): bool
    {
        $before = $this->row->elsewhere ? $this->layers() : $this->raises?->done;

        return in_array($use->id, array_map(static fn (ComposedUse $one): string => $one->use->id, $before?->usesOn($area) ?? []), true);
    }

    /** The figure with what it lacks itself and others on its sheet may have. */
    public function wholeType(): FigureType
    {
        return $this->whole ?? $this->type;
    }

    /** Whom it is given to: itself, or with its unit; null: nobody. */
    public function painterId(): ?int
    {
        return $this->row->painter_id ?? $this->unit->painter_id;
    }

    /** The scheme that it is painted in; null: the common one of its force. */
    public function schemeId(): ?int
    {
        return $this->row->schemeIn($this->unit);
    }

    /** Equal for the figures of a unit on which the same work is done in the same colours, by the same schools. */
    public function likeKey(): string
    {
        return $this->unit->id.'-'.substr(hash('sha256', $this->figure->tier.$this->composition->signature().($this->row->scheme_id ?? '').$this->agreed->schools()), 0, 12);
    }

    /** Null where its tier has no price for its size. */
    public function price(Standard $standard): ?FigurePrice
    {
        if ($this->row->elsewhere) {
            return FigurePrice::nothing();
        }

        return FigurePrice::of($standard->tier($this->figure->tier), $this->type->sizeClass->value, $this->figure, $this->composition, $this->raises?->tier());
    }

    /**
     * What is asked of each, to be compared with what is asked after a change.
     *
     * @param  list<self>  $figures
     * @return array<int, string> by id of the figure
     */
    public static function signatures(array $figures): array
    {
        $signatures = [];
        foreach ($figures as $figure) {
            $signatures[$figure->row->id] = $figure->composition->signature();
        }

        return $signatures;
    }
}
