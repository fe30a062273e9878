<?php

declare(strict_types=1);

namespace Core\Listing;

use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Composition\TypeArea;
use Core\NumberText;
use Core\Standard\Side;

/** In what a figure type is another than it was, in words. */
final readonly class TypeDifference
{
    /** Shares nearer than this read the same in percent. */
    private const SHARE = 0.0005;

    private Neighbours $bordered;

    private Neighbours $borders;

    public function __construct(
        private FigureType $from,
        private FigureType $to,
    ) {
        $this->bordered = new Neighbours($from);
        $this->borders = new Neighbours($to);
    }

    /** @return list<TypeChange> of the figure, then area by area, last what was taken away */
    public function changes(): array
    {
        $changes = $this->ofFigure();
        foreach ($this->to->areas as $area) {
            $was = $this->from->area($area->area->id);
            $words = $was === null ? ['new'] : $this->words($was, $area);
            array_push($changes, ...array_map(static fn (string $what): TypeChange => new TypeChange($area->area->id, $what), $words));
        }
        foreach ($this->from->areas as $area) {
            if ($this->to->area($area->area->id) === null) {
                $changes[] = new TypeChange($area->area->id, 'taken away');
            }
        }

        return $changes;
    }

    /** @return list<TypeChange> */
    private function ofFigure(): array
    {
        return array_values(array_filter([
            $this->from->name === $this->to->name ? null : new TypeChange(null, "called {$this->to->name} instead of {$this->from->name}"),
            $this->from->sizeClass === $this->to->sizeClass ? null : new TypeChange(null, "{$this->to->sizeClass->inWords()} instead of {$this->from->sizeClass->inWords()}"),
            $this->from->difficulty === $this->to->difficulty ? null : new TypeChange(null, "the sculpt: {$this->to->difficulty->inWords()} instead of {$this->from->difficulty->inWords()}"),
        ]));
    }

    /** @return list<string> */
    private function words(TypeArea $was, TypeArea $is): array
    {
        return array_values(array_filter([
            self::instead($was->area->surface, $is->area->surface),
            $was->isUnsure === $is->isUnsure ? '' : ($is->isUnsure ? 'nobody is sure what it is' : 'it is known what it is'),
            abs($was->area->share - $is->area->share) < self::SHARE ? '' : self::instead(NumberText::percent($was->area->share), NumberText::percent($is->area->share)),
            $was->focal === $is->focal ? '' : ($is->focal ? 'draws the eye' : 'no longer draws the eye'),
            self::instead($was->part === '' ? 'no part' : "on the part {$was->part}", $is->part === '' ? 'no part' : "on the part {$is->part}"),
            $was->depth === $is->depth ? '' : ($is->depth > $was->depth ? 'lies further out' : 'lies further in'),
            $was->sides === $is->sides ? '' : 'seen from '.implode(', ', array_map(static fn (Side $side): string => $side->value, $is->sides)),
            self::instead($was->on === null ? 'on nothing' : "on {$was->on}", $is->on === null ? 'on nothing' : "on {$is->on}"),
            self::features($was->area->features, $is->area->features),
            self::instead(self::places($was), self::places($is)),
            ...$this->touching($is->area->id),
        ]));
    }

    /** @return list<string> */
    private function touching(string $area): array
    {
        $was = $this->bordered->of($area);
        $is = $this->borders->of($area);
        $new = array_diff($is, $was);
        $gone = array_diff($was, $is);

        return [
            $new === [] ? '' : 'touches '.implode(', ', $new),
            $gone === [] ? '' : 'no longer touches '.implode(', ', $gone),
        ];
    }

    /**
     * @param  array<array-key, int>  $was
     * @param  array<array-key, int>  $is
     */
    private static function features(array $was, array $is): string
    {
        $words = [];
        foreach ($was + $is as $feature => $pieces) {
            [$before, $after] = [$was[$feature] ?? 0, $is[$feature] ?? 0];
            if ($before !== $after) {
                $words[] = "{$after} × {$feature} instead of {$before}";
            }
        }

        return implode(', ', $words);
    }

    private static function places(TypeArea $area): string
    {
        return $area->places === [] ? 'no named place' : 'places '.implode(', ', $area->places);
    }

    private static function instead(string $was, string $is): string
    {
        return $was === $is ? '' : "{$is} instead of {$was}";
    }
}
