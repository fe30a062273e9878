<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Models\Unit;
use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\Figure as CoreFigure;
use Core\Composition\FigureType;
use Core\Composition\FurtherCoats;
use Core\Composition\RaisePlan;
use Core\Quote\Estimate;
use Core\Quote\FigurePrice;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;

/** A figure of a job with what is painted on it. */
final readonly class ComposedFigure
{
    /** Of its row: asked for more often than a row should be, as what follows is. */
    public int $id;

    private int $typeId;

    private ?int $schemeId;

    private ?int $painterId;

    public CoreFigure $figure;

    public Composition $composition;

    /** What comes to a figure that came back. */
    public ?RaisePlan $plan;

    /**
     * @param  PaintedHere  $here what is painted on it here, and what is asked of it
     * @param  string  $typeKey by which schemes name its type
     * @param  SignedFigure|null  $raises what it was before it came back; null: it is painted from the start
     */
    public function __construct(
        public Unit $unit,
        public StoredFigure $row,
        private PaintedHere $here,
        public FigureType $type,
        public string $typeKey,
        public Agreed $agreed,
        public FurtherCoats $further = new FurtherCoats,
        private ?FigureType $whole = null,
        public ?SignedFigure $raises = null,
    ) {
        $this->id = $row->id;
        $this->typeId = $row->typeIdIn($unit);
        $this->schemeId = $row->schemeIn($unit);
        $this->painterId = $row->painterId ?? $unit->painter_id;
        $this->figure = $here->figure;
        $this->composition = $here->work;
        $this->plan = $here->plan;
    }

    /** The same figure as its row was read again: what is painted on it is as it was. */
    public function readAgain(StoredFigure $row): self
    {
        return new self($this->unit, $row, $this->here, $this->type, $this->typeKey, $this->agreed, $this->further, $this->whole, $this->raises);
    }

    /** All that lies on it in the end, of which only what its composition has is painted here and now. */
    public function layers(): Composition
    {
        return $this->here->layers;
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

    /** The tier at which an area of it is painted; of one that it has not, its own. */
    public function tierOn(string $area): string
    {
        $known = $this->figure->area($area);

        return $known === null ? $this->figure->tier : $this->figure->tierOf($known);
    }

    /** Of figures that have been composed as one, the same object. */
    public function composedAs(): object
    {
        return $this->here;
    }

    /** Equal for two figures on which the same is painted, and of which the same is asked. */
    public function signature(): string
    {
        return $this->here->signature;
    }

    public function typeId(): int
    {
        return $this->typeId;
    }

    /** Whom it is given to: itself, or with its unit; null: nobody. */
    public function painterId(): ?int
    {
        return $this->painterId;
    }

    /** The name of whom it is given to. */
    public function painter(): ?string
    {
        return $this->row->painterId === null ? $this->unit->painter?->name : $this->row->painter;
    }

    /** The scheme that it is painted in; null: the common one of its force. */
    public function schemeId(): ?int
    {
        return $this->schemeId;
    }

    /** Equal for the figures of a unit on which the same work is done in the same colours, by the same schools. */
    public function likeKey(): string
    {
        return $this->unit->id.'-'.substr(hash('sha256', $this->figure->tier.$this->here->signature.($this->row->schemeId ?? '').($this->row->typeId === null ? '' : " {$this->row->typeId} ").$this->agreed->schools), 0, 12);
    }

    /** What it takes by hand; what is only a part of it, because it came back or came finished, is held against no budget. */
    public function estimate(Standard $standard): Estimate
    {
        return Estimate::of($this->figure, $this->composition, $standard, $this->raises === null && ! $this->row->elsewhere, $this->type->difficulty);
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
            $signatures[$figure->row->id] = $figure->signature();
        }

        return $signatures;
    }
}
