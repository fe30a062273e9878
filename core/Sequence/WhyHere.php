<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\NumberText;

/** Why a step stands where it does, in words: the edges that hold it, or what its place saves. */
final readonly class WhyHere
{
    /** So many are named; the others are counted. */
    private const NAMED = 3;

    /** @return non-empty-list<array{reason: string, sentence: string}> */
    public static function of(PlannedStep $planned): array
    {
        $why = $planned->wetInto === null ? [] : [[
            'reason' => 'wet',
            'sentence' => "It is laid into {$planned->wetInto->name()} while that is wet: both in one go on each figure, and nothing between.",
        ]];
        foreach (OrderForce::cases() as $force) {
            $held = array_values(array_filter($planned->after, static fn (After $after): bool => $after->force === $force && $after->step !== $planned->wetInto));
            foreach (self::held($force, $held, $planned->step) as $sentence) {
                $why[] = ['reason' => self::label($force), 'sentence' => $sentence];
            }
        }
        if ($planned->inOneGo !== []) {
            $areas = array_map(static fn (Step $step): string => $step->area->area->id, $planned->inOneGo);
            $why[] = ['reason' => 'one go', 'sentence' => 'One paint, laid the same way on '.implode(', ', $areas).': in one go, in which none soils another.'];
        }
        if ($planned->ahead !== null) {
            $why[] = ['reason' => self::label(OrderForce::School), 'sentence' => "In this school {$planned->ahead->rule} ({$planned->ahead->for}): other paint waits for it."];
        }
        if ($planned->step->keptOff() !== []) {
            $why[] = ['reason' => self::label(OrderForce::School), 'sentence' => 'In this school metals come last: it is kept off '.self::names($planned->step->keptOff()).'.'];
        }
        foreach (self::saved($planned) as $sentence) {
            $why[] = ['reason' => 'free', 'sentence' => $sentence];
        }

        return $why === [] ? [['reason' => 'free', 'sentence' => 'Free here: nothing must come before it. Inner comes before outer, and work of one technique stays together.']] : $why;
    }

    /** @return non-empty-list<array{reason: string, sentence: string}> */
    public static function ofTidying(TidyBack $tidying): array
    {
        $messy = self::names(array_map(static fn (Step $step): string => $step->name(), $tidying->soiledBy));

        return [['reason' => 'soiled', 'sentence' => "There is paint on it, and {$messy} is messy and touches it: what has soiled it is mended once, before anything else is laid on it."]];
    }

    private static function label(OrderForce $force): string
    {
        return match ($force) {
            OrderForce::Standard => 'the standard',
            OrderForce::Whole => 'whole figure',
            OrderForce::On => 'sits on',
            OrderForce::Technique => 'technique',
            OrderForce::School => 'school',
        };
    }

    /**
     * @param  list<After>  $held of one force
     * @return iterable<string>
     */
    private static function held(OrderForce $force, array $held, Step $step): iterable
    {
        if ($force === OrderForce::Whole && $step->isOfWhole() && $held !== []) {
            yield 'It goes over the whole figure, on top of '.self::names(array_map(static fn (After $after): string => $after->step->name(), $held)).'.';

            return;
        }
        if ($force === OrderForce::On && $held !== []) {
            yield "It sits on {$held[0]->step->area->area->id}: ".self::names(array_map(static fn (After $after): string => $after->step->technique->name, $held)).' there would run over it.';

            return;
        }
        if ($force === OrderForce::School) {
            yield from self::schooled($held);

            return;
        }
        foreach ($held as $after) {
            yield self::one($after);
        }
    }

    /**
     * @param  list<After>  $held by schools
     * @return iterable<string> one for each school
     */
    private static function schooled(array $held): iterable
    {
        $bySchool = [];
        foreach ($held as $after) {
            $bySchool["{$after->school?->rule} ({$after->school?->for})"][] = $after->step->name();
        }
        foreach ($bySchool as $school => $steps) {
            yield "In this school {$school}: it waits for ".self::names($steps).'.';
        }
    }

    private static function one(After $after): string
    {
        $dry = $after->step->technique->dryMinutes;
        $dries = $dry > 0 ? ' and needs '.NumberText::of($dry, 1).' minutes to dry' : '';

        if ($after->step->technique->isAgain()) {
            return 'The middle colour again lies under it.';
        }

        return match ($after->force) {
            OrderForce::Whole => "{$after->step->technique->name} goes over the whole figure first{$dries}; this lies on it.",
            OrderForce::Technique => "{$after->step->name()} comes before it: ".($after->why?->inWords() ?? 'the technique says so').'.',
            default => $dry > 0 ? "{$after->step->name()} lies under it{$dries}." : "The standard lays it after {$after->step->name()}.",
        };
    }

    /** @return iterable<string> */
    private static function saved(PlannedStep $planned): iterable
    {
        foreach ($planned->saves as $saved) {
            $here = $planned->after === [] ? 'Free here: it saves' : 'In this place it saves';
            $number = NumberText::of($saved->minutes, 1);
            $minutes = $number === '1' ? '1 minute' : "{$number} minutes";
            yield $saved->messy === $planned->step
                ? "{$here} {$minutes} of tidying {$saved->area}: nothing lies there yet that it would spoil."
                : "{$here} {$minutes} of tidying: {$saved->messy->name()} would soil it.";
        }
    }

    /** @param  non-empty-list<string>  $names */
    private static function names(array $names): string
    {
        $more = count($names) - self::NAMED;

        return implode('; ', array_slice($names, 0, self::NAMED)).($more > 0 ? " and {$more} more" : '');
    }
}
