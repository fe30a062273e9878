<?php

declare(strict_types=1);

namespace Document\Difference;

use Core\Difference\CellDifference;
use Core\Difference\CriterionChange;
use Core\Difference\UseChange;
use Core\Standard\CellState;
use Core\Standard\OverAll;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use Core\Standard\UseWords;
use Document\Member\Construction;
use Document\Member\UseMembers;

/** The difference of a cell in words. */
final readonly class CellChangeWords
{
    public function __construct(
        private Standard $from,
        private Standard $to,
    ) {
    }

    public function of(CellDifference $cell): string
    {
        $words = [
            self::state($cell->state?->after, $cell->state?->before),
            ...array_map($this->use(...), $cell->uses),
            ...array_map(self::criterion(...), $cell->criteria),
            $cell->onlyOrder ? 'laid in another order' : '',
        ];

        return implode('; ', array_filter($words, static fn (string $word): bool => $word !== ''));
    }

    private static function state(?CellState $after, ?CellState $before): string
    {
        return match ($after) {
            null => '',
            CellState::Undecided => 'no longer decided',
            CellState::NotAsked => $before === CellState::Undecided ? 'settled: not asked for' : 'not asked for any more',
            CellState::Asked => $before === CellState::Undecided ? 'settled: asked for' : 'asked for now',
        };
    }

    private function use(UseChange $change): string
    {
        if ($change->before === null) {
            return $change->after === null ? '' : self::name($change->after, $this->to).self::degree($change->after).' added';
        }
        if ($change->after === null) {
            return self::name($change->before, $this->from).' left out';
        }
        $before = $change->before;
        $after = $change->after;
        $name = self::name($after, $this->to);
        $words = [
            $before->techniques === $after->techniques ? '' : 'instead of '.self::name($before, $this->from),
            ...self::degrees($before, $after, counted: true),
            self::reach($before, $after),
            ...self::degrees($before, $after, counted: false),
            ...self::leeway($before, $after),
            self::overAll($before->overAll, $after->overAll),
        ];
        $words = array_filter($words, static fn (string $word): bool => $word !== '');

        return $words === [] ? "{$name} written otherwise" : mb_strtolower($name).' '.implode(', ', $words);
    }

    /**
     * Members with a name of their own in differences: counts go up and down, measures go from one to the other.
     *
     * @return list<string>
     */
    private static function degrees(TechniqueUse $before, TechniqueUse $after, bool $counted): array
    {
        $words = [];
        foreach (UseMembers::degree()->all as $member) {
            $was = Construction::at($before, $member->path);
            $is = Construction::at($after, $member->path);
            if ($member->called->changed === '' || $was === $is || is_int($is) !== $counted || ! is_numeric($was) || ! is_numeric($is)) {
                continue;
            }
            $what = sprintf($member->called->changed, $after->feature ?? $before->feature ?? 'piece');
            $words[] = $what.($counted ? ($is > $was ? ' up' : ' down') : '')." from {$was} to {$is}";
        }

        return $words;
    }

    /** @return list<string> what is said to people */
    private static function leeway(TechniqueUse $before, TechniqueUse $after): array
    {
        [$was, $is] = [$before->leeway, $after->leeway];

        return [
            self::share($before->allowance->likely, $after->allowance->likely),
            self::said($was->onlyIf, $is->onlyIf, 'done in any case', 'only if'),
            self::said(implode(', ', $was->notPlaces ?? []), implode(', ', $is->notPlaces ?? []), 'no place left out', 'leaving out'),
            self::said($was->inTurnWith, $is->inTurnWith, 'no longer in turn', 'in turn with'),
            self::said($before->material->name, $after->material->name, 'without pieces', 'taking by the piece:'),
            self::most($was->coatsTo, $is->coatsTo, 'coats'),
            self::most($was->stepsTo, $is->stepsTo, 'steps'),
            match (true) {
                $was->note === $is->note => '',
                $is->note === '' => 'without its note',
                default => "with the note \"{$is->note}\"",
            },
        ];
    }

    private static function share(?float $was, ?float $is): string
    {
        return $was === $is ? '' : ($is === null ? 'reckoned for every figure' : 'reckoned for '.round($is * 100).' % of figures');
    }

    private static function said(string $was, string $is, string $none, string $words): string
    {
        return $was === $is ? '' : ($is === '' ? $none : "{$words} {$is}");
    }

    private static function most(?int $was, ?int $is, string $what): string
    {
        return match (true) {
            $was === $is => '',
            $is === null => "no more {$what} than asked",
            default => "up to {$is} {$what}",
        };
    }

    private static function overAll(?OverAll $was, ?OverAll $is): string
    {
        $words = [
            $is?->stage === $was?->stage || $is?->stage === null ? '' : "laid over all at the stage of {$is->stage->value}",
            ($is->except ?? []) === ($was->except ?? []) ? '' : (($is->except ?? []) === [] ? 'over everything' : 'not over '.implode(', ', $is->except ?? [])),
        ];

        return implode(', ', array_filter($words, static fn (string $word): bool => $word !== ''));
    }

    private static function reach(TechniqueUse $before, TechniqueUse $after): string
    {
        $was = self::where($before);
        $is = self::where($after);

        return $was === $is ? '' : "{$is} instead of {$was}";
    }

    private static function where(TechniqueUse $use): string
    {
        $words = array_filter([
            $use->places === null || $use->places === [] ? UseWords::extent($use->extent) : implode(', ', $use->places),
            $use->cover === null ? '' : round($use->cover * 100).' % of it',
            $use->feature === null ? '' : "each {$use->feature}",
        ], static fn (string $word): bool => $word !== '');

        return $words === [] ? 'everywhere' : implode(', ', $words);
    }

    private static function criterion(CriterionChange $change): string
    {
        return match (true) {
            $change->before === null => "judged by \"{$change->after?->text}\"",
            $change->after === null => "no longer judged by \"{$change->before->text}\"",
            $change->before->severity !== $change->after->severity => "\"{$change->after->text}\" is {$change->after->severity->value} instead of {$change->before->severity->value}",
            $change->before->text !== $change->after->text => "judged by \"{$change->after->text}\" instead of \"{$change->before->text}\"",
            default => "\"{$change->after->text}\" judges other work",
        };
    }

    private static function name(TechniqueUse $use, Standard $standard): string
    {
        return implode(' or ', array_map(static fn (string $id): string => $standard->hasTechnique($id) ? $standard->technique($id)->name : $id, $use->techniques));
    }

    private static function degree(TechniqueUse $use): string
    {
        $degree = UseWords::degree($use);

        return $degree === '' ? '' : " ({$degree})";
    }
}
