<?php

declare(strict_types=1);

namespace Core\Sequence;

/**
 * Steps on several areas that follow each other directly, laid in one way with one paint: one wash on nine areas. While they
 * are laid they do not soil each other's areas, for it is the same paint, still wet.
 */
final readonly class InOneGo
{
    /** @var array<int, non-empty-list<int>> by step of a go, all of its steps in the order they are laid */
    private array $of;

    /** @param  list<non-empty-list<int>>  $goes each of two steps or more */
    public function __construct(array $goes = [])
    {
        $of = [];
        foreach ($goes as $go) {
            $of += array_fill_keys($go, $go);
        }
        $this->of = $of;
    }

    /** @param  list<Step>  $order */
    public static function along(array $order, Alike $alike): self
    {
        $goes = [];
        $go = [];
        foreach ($order as $step) {
            if ($go !== [] && ! $alike->are($go[count($go) - 1], $step->number)) {
                $goes[] = $go;
                $go = [];
            }
            $go[] = $step->number;
        }

        return new self(array_values(array_filter([...$goes, ...$go === [] ? [] : [$go]], static fn (array $one): bool => count($one) > 1)));
    }

    /** @return non-empty-list<int> all steps of its go; it alone where there are no others */
    public function with(int $step): array
    {
        return $this->of[$step] ?? [$step];
    }
}
