<?php

declare(strict_types=1);

namespace Core\Rework;

use Core\Standard\Duplicate;
use Core\Standard\Opacity;
use Core\Standard\OutOfRange;
use Core\Standard\UnknownReference;

/** The layers of one area over its ground colour, and what is done again when one of them is at fault. Common practice, no source. */
final readonly class AreaLayers
{
    /** @var list<Layer> on the figure already, in order */
    private array $laid;

    /**
     * @param  Layer  $ground the colour under all paint
     * @param  list<Layer>  $layers in the order of laying
     * @param  int|null  $laid how many of them are on the figure; null: all
     *
     * @throws Duplicate if two have one id
     */
    public function __construct(
        private Layer $ground,
        public array $layers,
        ?int $laid = null,
        string $at = '',
    ) {
        $seen = [$ground->id => true];
        foreach ($layers as $i => $layer) {
            isset($seen[$layer->id]) && throw Duplicate::id($layer->id, "{$at}/layers/{$i}/id");
            $seen[$layer->id] = true;
        }
        $laid ??= count($layers);
        if ($laid < 0 || $laid > count($layers)) {
            throw OutOfRange::outside('number of layers laid', 'from 0 to '.count($layers), $laid, "{$at}/laid");
        }
        $this->laid = array_slice($layers, 0, $laid);
    }

    /**
     * What is laid where a layer was left out: it, and all that lies on it.
     *
     * @return list<Layer> in order
     *
     * @throws UnknownReference if it is none of the layers
     * @throws NotLaid if it is not its turn yet
     */
    public function afterMissing(string $layer, string $pointer = ''): array
    {
        return array_slice($this->laid, $this->placeOf($layer, $pointer));
    }

    /**
     * What is laid again where a layer is at fault: an opaque one from itself on; one that lets through, from the nearest
     * layer below it that hides.
     *
     * @return list<Layer> in order
     *
     * @throws UnknownReference if it is none of the layers
     * @throws NotLaid if it is not on the figure yet
     */
    public function afterFaultIn(string $layer, string $pointer = ''): array
    {
        $at = $this->placeOf($layer, $pointer);

        return $this->laid[$at]->opacity === Opacity::Opaque ? array_slice($this->laid, $at) : $this->fromBelow($at);
    }

    /**
     * What is laid again where foreign paint lies on top: from the topmost layer that hides it.
     *
     * @return list<Layer> in order
     */
    public function afterSpill(): array
    {
        return $this->fromBelow(count($this->laid));
    }

    /**
     * What is laid again where all of it is off, or must come off.
     *
     * @return list<Layer> in order
     */
    public function fromTheGround(): array
    {
        return [$this->ground, ...$this->laid];
    }

    /** Among those that are laid, from 0. */
    private function placeOf(string $layer, string $pointer): int
    {
        $all = array_map(static fn (Layer $one): string => $one->id, $this->layers);
        in_array($layer, $all, true) || throw UnknownReference::layer($layer, $all, $pointer);
        $laid = array_map(static fn (Layer $one): string => $one->id, $this->laid);
        $at = array_search($layer, $laid, true);

        return $at === false ? throw NotLaid::layer($layer, $laid, $pointer) : $at;
    }

    /**
     * From the nearest hiding layer under this place on, else from the ground.
     *
     * @return list<Layer>
     */
    private function fromBelow(int $place): array
    {
        for ($at = $place - 1; $at >= 0; $at--) {
            if ($this->laid[$at]->covers) {
                return array_slice($this->laid, $at);
            }
        }

        return [$this->ground, ...$this->laid];
    }
}
