<?php

declare(strict_types=1);

namespace Document\Standard;

use Core\Lint\Finding;
use Core\Lint\Lint;
use Core\Lint\Mend;
use Core\Lint\MendableRule;
use Core\Lint\MendKind;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;

/**
 * The change of one piece that settles a finding, where one change does. It is a proposal: the piece as a
 * document, ready to be stored in its place.
 *
 * @phpstan-type Changed array{piece: Piece, value: array<array-key, mixed>}
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
        $rule = Lint::rule($finding->code);
        $mend = $rule instanceof MendableRule ? $rule->mend($finding, $this->standard) : null;
        $changed = $mend === null ? null : $this->changed($finding, $mend);

        return $mend === null || $changed === null ? null : ['label' => $mend->label] + $changed;
    }

    /** @return Changed|null null where there is nothing to take it from */
    private function changed(Finding $finding, Mend $mend): ?array
    {
        return match ($mend->kind) {
            MendKind::NotAsked => $this->notAsked($finding),
            MendKind::UseFromBelow => $this->useFromBelow($finding),
            MendKind::LayInFromBelow => $this->layInFromBelow($finding),
            MendKind::CriteriaFromBelow => $this->criteriaFromBelow($finding),
            MendKind::WithoutCriterion => $this->withoutCriterion($finding),
            MendKind::Use => $this->useWith($finding, $mend->values),
            MendKind::Tier => $this->tierWith($finding, $mend->values),
        };
    }

    /** @return Changed */
    private function notAsked(Finding $finding): array
    {
        $cell = Piece::cell($finding->tier, (string) $finding->surface);

        return ['piece' => $cell, 'value' => ['tier' => $finding->tier, 'surface' => (string) $finding->surface, 'uses' => []]];
    }

    /** @return Changed|null the use as the lower tier has it, at its place in the order */
    private function useFromBelow(Finding $finding): ?array
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

        return ['piece' => Piece::cell($finding->tier, (string) $finding->surface), 'value' => $cell];
    }

    /** @return Changed|null */
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

                return ['piece' => Piece::cell($finding->tier, (string) $finding->surface), 'value' => $cell];
            }
        }

        return null;
    }

    /** @return Changed|null those that judge what this cell has too */
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
            'piece' => Piece::cell($finding->tier, (string) $finding->surface),
            'value' => ['criteria' => array_values($fitting)] + $cell,
        ];
    }

    /**
     * @param  array<string, mixed>  $members
     * @return Changed|null
     */
    private function useWith(Finding $finding, array $members): ?array
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
        $cell['uses'][$place] = $members + ($fitting === $steps ? [] : ['minutes' => round((float) ($use['minutes'] ?? 0) * $fitting / $steps, 1)]) + $use;

        return ['piece' => Piece::cell($finding->tier, (string) $finding->surface), 'value' => $cell];
    }

    /**
     * @param  array<string, mixed>  $members
     * @return Changed
     */
    private function tierWith(Finding $finding, array $members): array
    {
        $tier = Piece::tier($finding->tier);

        return ['piece' => $tier, 'value' => $members + ($this->pieces->read($tier) ?? [])];
    }

    /** @return Changed|null */
    private function withoutCriterion(Finding $finding): ?array
    {
        $cell = $this->cell($finding->tier, (string) $finding->surface);

        return $cell === null ? null : [
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
            if (UseReader::nameOf($one) === $use) {
                return $place;
            }
        }

        return null;
    }
}
