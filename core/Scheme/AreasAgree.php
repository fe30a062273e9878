<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\ColourDifference;

/** Areas of one name have one base colour across a force. A studio setting. */
final readonly class AreasAgree
{
    public function __construct(private float $most)
    {
    }

    /**
     * @param  array<array-key, array<array-key, LadderReading>>  $readings by area and by the figure type or scheme that has it so
     * @return list<SchemeFinding> the furthest apart first
     */
    public function findings(array $readings): array
    {
        $findings = [];
        foreach ($readings as $area => $byPlace) {
            $places = array_keys($byPlace);
            foreach ($places as $at => $one) {
                foreach (array_slice($places, $at + 1) as $other) {
                    $base = $byPlace[$one]->base();
                    $others = $byPlace[$other]->base();
                    $apart = $base === null || $others === null ? 0.0 : ColourDifference::between($base->lab(), $others->lab());
                    if ($apart > $this->most) {
                        $findings[] = new SchemeFinding(SchemeFault::AreasDiffer, (string) $area, ['one' => (string) $one, 'other' => (string) $other, 'apart' => $apart, 'most' => $this->most]);
                    }
                }
            }
        }
        usort($findings, static fn (SchemeFinding $a, SchemeFinding $b): int => $b->arguments['apart'] <=> $a->arguments['apart']);

        return $findings;
    }
}
