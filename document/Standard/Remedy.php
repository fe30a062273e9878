<?php

declare(strict_types=1);

namespace Document\Standard;

use Core\Composition\ReferenceWork;
use Core\Lint\CriteriaCanBeNoticed;
use Core\Lint\Finding;
use Core\Lint\JudgedNoFurtherAway;
use Core\Lint\LayInIsThere;
use Core\Lint\LightStepsFitTheMinutes;
use Core\Lint\LimitsAreNoLooser;
use Core\Lint\LookIsLongEnough;
use Core\Lint\NothingStepsDown;
use Core\Lint\RunningSurfacesAreDecided;
use Core\Lint\SurfacesAreDecided;
use Core\Lint\WorkFitsTheBudget;
use Core\Lint\WorkIsJudged;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;

/**
 * The change of one piece that settles a finding, where one change does. It is a proposal: the piece as a
 * document, ready to be stored in its place.
 *
 * @phpstan-type RemedyShape array{label: string, piece: Piece, value: array<array-key, mixed>}
 */
final readonly class Remedy
{
    /** @param  StandardPieces  $pieces of the document that the standard was read from */
    public function __construct(
        private StandardPieces $pieces,
        private Standard $standard,
    ) {
    }

    /** @return RemedyShape|null */
    public function for(Finding $finding): ?array
    {
        return match ($finding->code) {
            SurfacesAreDecided::CODE, RunningSurfacesAreDecided::CODE => $this->notAsked($finding),
            NothingStepsDown::CODE => $this->asBelow($finding),
            LayInIsThere::CODE => $this->layInFromBelow($finding),
            WorkIsJudged::CODE => $this->criteriaFromBelow($finding),
            LightStepsFitTheMinutes::CODE => $this->useWith($finding, ['steps' => $finding->arguments['fitting']], "Take {$finding->arguments['fitting']}"),
            JudgedNoFurtherAway::CODE => $this->tierWith($finding, ['distance_mm' => $finding->arguments['lower distance']], "Judge from {$finding->arguments['lower distance']} mm"),
            LimitsAreNoLooser::CODE => $this->limitsAsBelow($finding),
            WorkFitsTheBudget::CODE => $this->tierWith($finding, ['budget_minutes' => ceil((float) $finding->arguments['minutes'])], 'Allow '.ceil((float) $finding->arguments['minutes']).' minutes'),
            LookIsLongEnough::CODE => $this->longerLook($finding),
            CriteriaCanBeNoticed::CODE => $this->withoutCriterion($finding),
            default => null,
        };
    }

    /** @return RemedyShape */
    private function notAsked(Finding $finding): array
    {
        $cell = Piece::cell($finding->tier, (string) $finding->surface);

        return ['label' => 'Not asked for', 'piece' => $cell, 'value' => ['tier' => $finding->tier, 'surface' => (string) $finding->surface, 'uses' => []]];
    }

    /** @return RemedyShape|null the use as the lower tier has it, at its place in the order */
    private function asBelow(Finding $finding): ?array
    {
        $lower = $this->below($finding);
        $cell = $this->cell($finding->tier, (string) $finding->surface);
        $place = $lower === null ? null : self::placeOf((string) $finding->use, $lower['uses']);
        if ($lower === null || $cell === null || $place === null) {
            return null;
        }
        $use = $lower['uses'][$place];
        $here = self::placeOf((string) $finding->use, $cell['uses']);
        if ($here === null) {
            array_splice($cell['uses'], min($place, count($cell['uses'])), 0, [$use]);
        } else {
            foreach (['coats', 'steps', 'extent'] as $member) {
                unset($cell['uses'][$here][$member]);
                $cell['uses'][$here] += array_intersect_key($use, [$member => true]);
            }
        }

        return ['label' => 'As the tier below', 'piece' => Piece::cell($finding->tier, (string) $finding->surface), 'value' => $cell];
    }

    /** @return RemedyShape|null */
    private function layInFromBelow(Finding $finding): ?array
    {
        $lower = $this->below($finding);
        $cell = $this->cell($finding->tier, (string) $finding->surface);
        if ($cell === null) {
            return null;
        }
        foreach ($lower['uses'] ?? [] as $use) {
            $technique = $use['any_of'][0] ?? $use['technique'] ?? '';
            $id = $use['id'] ?? $technique;
            if ($this->standard->hasTechnique($technique) && $this->standard->technique($technique)->group === TechniqueGroup::LayIn && self::placeOf($id, $cell['uses']) === null) {
                $cell['uses'] = [$use, ...$cell['uses']];

                return ['label' => 'Lay in as the tier below', 'piece' => Piece::cell($finding->tier, (string) $finding->surface), 'value' => $cell];
            }
        }

        return null;
    }

    /** @return RemedyShape|null those that judge what this cell has too */
    private function criteriaFromBelow(Finding $finding): ?array
    {
        $lower = $this->below($finding);
        $cell = $this->cell($finding->tier, (string) $finding->surface);
        if ($lower === null || $cell === null) {
            return null;
        }
        $fitting = array_filter(
            $lower['criteria'] ?? [],
            static fn (array $criterion): bool => array_filter($criterion['uses'] ?? [], static fn (string $use): bool => self::placeOf($use, $cell['uses']) === null) === [],
        );

        return $fitting === [] ? null : [
            'label' => 'Judge as the tier below',
            'piece' => Piece::cell($finding->tier, (string) $finding->surface),
            'value' => ['criteria' => array_values($fitting)] + $cell,
        ];
    }

    /**
     * @param  array<string, mixed>  $members
     * @return RemedyShape|null
     */
    private function useWith(Finding $finding, array $members, string $label): ?array
    {
        $cell = $this->cell($finding->tier, (string) $finding->surface);
        $place = $cell === null ? null : self::placeOf((string) $finding->use, $cell['uses']);
        if ($cell === null || $place === null) {
            return null;
        }
        $use = $cell['uses'][$place];
        // Minutes include every step as written, so they go down with the steps.
        $steps = is_numeric($use['steps'] ?? 1) ? (float) ($use['steps'] ?? 1) : 1.0;
        $fitting = is_numeric($members['steps'] ?? null) ? (float) $members['steps'] : $steps;
        $cell['uses'][$place] = $members + ['minutes' => round((float) ($use['minutes'] ?? 0) * $fitting / $steps, 1)] + $use;

        return ['label' => $label, 'piece' => Piece::cell($finding->tier, (string) $finding->surface), 'value' => $cell];
    }

    /**
     * @param  array<string, mixed>  $members
     * @return RemedyShape
     */
    private function tierWith(Finding $finding, array $members, string $label): array
    {
        $tier = Piece::tier($finding->tier);

        return ['label' => $label, 'piece' => $tier, 'value' => $members + ($this->pieces->read($tier) ?? [])];
    }

    /** @return RemedyShape|null */
    private function limitsAsBelow(Finding $finding): ?array
    {
        $lower = $this->standard->nextLower($this->standard->tier($finding->tier))?->judging->limits;
        $own = $this->standard->tier($finding->tier)->judging->limits;

        return $lower === null ? null : $this->tierWith($finding, ['limits' => [
            'critical' => min($own->critical, $lower->critical), 'major' => min($own->major, $lower->major), 'minor' => min($own->minor, $lower->minor),
        ]], 'Bear no more');
    }

    /** @return RemedyShape in steps of half a minute */
    private function longerLook(Finding $finding): array
    {
        $items = count((new ReferenceWork($this->standard))->of($this->standard->tier($finding->tier))->criteria);
        $minutes = ceil($items * (float) $finding->arguments['seconds'] / 30) / 2;

        return $this->tierWith($finding, ['look_minutes' => $minutes], "Look for {$minutes} minutes");
    }

    /** @return RemedyShape|null */
    private function withoutCriterion(Finding $finding): ?array
    {
        $cell = $this->cell($finding->tier, (string) $finding->surface);

        return $cell === null ? null : [
            'label' => 'Leave it out',
            'piece' => Piece::cell($finding->tier, (string) $finding->surface),
            'value' => ['criteria' => array_values(array_filter($cell['criteria'] ?? [], static fn (array $criterion): bool => $criterion['id'] !== $finding->use))] + $cell,
        ];
    }

    /** @return array{uses: list<array{id?: string, technique?: string, any_of?: list<string>, minutes?: int|float, ...}>, criteria?: list<array{id: string, uses?: list<string>, ...}>, ...}|null */
    private function below(Finding $finding): ?array
    {
        $lower = $this->standard->nextLower($this->standard->tier($finding->tier));

        return $lower === null ? null : $this->cell($lower->id, (string) $finding->surface);
    }

    /** @return array{uses: list<array{id?: string, technique?: string, any_of?: list<string>, minutes?: int|float, ...}>, criteria?: list<array{id: string, uses?: list<string>, ...}>, ...}|null */
    private function cell(string $tier, string $surface): ?array
    {
        /** @var array{uses: list<array{id?: string, technique?: string, any_of?: list<string>, minutes?: int|float, ...}>, criteria?: list<array{id: string, uses?: list<string>, ...}>, ...}|null */
        return $this->pieces->read(Piece::cell($tier, $surface));
    }

    /** @param  list<array{id?: string, technique?: string, any_of?: list<string>, ...}>  $uses */
    private static function placeOf(string $use, array $uses): ?int
    {
        foreach ($uses as $place => $one) {
            if (($one['id'] ?? $one['technique'] ?? '') === $use) {
                return $place;
            }
        }

        return null;
    }
}
