<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\School\SchoolQuestion;
use Core\Standard\Opacity;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;

/**
 * In what the client still has a say: what is seen on the finished figure, turns on what is laid there, and is said neither by the
 * standard nor by the job. Common practice, no source.
 */
final readonly class ClientsSay
{
    /** @param  bool  $isInColours whether a scheme says its colours: then a line is of the colour that it says, and so is a light */
    public function __construct(
        private Standard $standard,
        private bool $isInColours,
    ) {
    }

    /** @return array<string, list<string>> ids of the surfaces on which it turns, by question */
    public function open(Composition $composition): array
    {
        $open = [];
        foreach ($composition->uses as $use) {
            foreach (SchoolQuestion::ofTheClient() as $question) {
                $surface = $use->area->surface;
                if ($this->turnsOn($question, $use) && $this->standard->schoolsOf($use->area)->choice($question) === null && ! in_array($surface, $open[$question->value] ?? [], true)) {
                    $open[$question->value][] = $surface;
                }
            }
        }

        return $open;
    }

    private function turnsOn(SchoolQuestion $question, ComposedUse $use): bool
    {
        $technique = $use->techniqueIn($this->standard);

        return match ($question) {
            SchoolQuestion::Pools => $technique->group === TechniqueGroup::Shade && $technique->opacity === Opacity::Transparent && $technique->messy,
            SchoolQuestion::DarkLining => ! $this->isInColours && $technique->group === TechniqueGroup::Shade && $technique->opacity === Opacity::Opaque,
            SchoolQuestion::LightOnGold => ! $this->isInColours && $technique->group === TechniqueGroup::Light && $this->standard->surface($use->area->surface)->isMetal(),
            default => false,
        };
    }
}
