<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\LadderFault;
use Core\Colour\LadderFinding;
use Core\NumberText;
use Core\Why;

/** The words of findings about ladders and schemes, and why they are said. */
final readonly class SchemeText
{
    public static function sentence(SchemeFinding $finding): string
    {
        $of = $finding->arguments;
        $number = static fn (string $name): string => self::number($of[$name] ?? 0);
        $apart = NumberText::few((float) ($of['apart'] ?? 0));

        return match ($finding->fault) {
            SchemeFault::NeighboursAlike => "{$finding->area} and {$of['other']} are {$apart} of L* apart, and neither a line nor a shade parts them: they run into each other. Make one lighter or darker, or line the seam.",
            SchemeFault::OneFamily => vsprintf('%s take %s of a hundred parts of what is seen from the front, over %s: the unit looks all alike.', [ucfirst((string) $of['family']), ...NumberText::beside(100 * (float) $of['share'], 100 * (float) $of['limit'])]),
            SchemeFault::HueTurns => "{$finding->area} turns {$number('turn')}° from {$of['from']} toward {$of['toward']}. Choose that it shall, or mix its lights otherwise.",
            SchemeFault::LightsDisagree => "{$finding->area} has a {$of['is']} light and {$of['others']} the other kind: a figure stands in one light.",
            SchemeFault::AreasDiffer => "{$finding->area} of {$of['one']} and of {$of['other']} are {$number('apart')} of ΔE00 apart; in one force they are one colour.",
            SchemeFault::SpanShort => vsprintf('The figure spans %1$s of L* where %3$s asks for %2$s.', [...NumberText::beside((float) $of['span'], (float) $of['asked']), $of['tier']]),
            SchemeFault::ManyHues => $finding->area === ''
                ? "The figure has {$number('many')} hues, {$of['hues']}; {$number('most')} are what the studio keeps to."
                : "{$finding->area} has {$number('many')} hues beside the one of its base, {$of['hues']}; {$number('most')} are what the studio keeps to.",
            SchemeFault::MetalsAlike => "{$finding->area} is \"{$of['recipe']}\" alone, neither shaded nor lit: the same bright metal on every figure of a row looks flat. Shade it, or let figures take one of two or three.",
            SchemeFault::TooMuchWater => "\"{$of['recipe']}\" of {$finding->area} has more water than paint: the binder breaks and pigment dries as dust. Thin it with medium, or say in the standard that the school is water.",
        };
    }

    public static function why(SchemeFinding $finding): Why
    {
        $inputs = $finding->area === '' ? [] : ['area' => $finding->area];
        foreach ($finding->arguments as $name => $value) {
            $inputs[$name] = self::number($value);
        }

        return new Why($inputs, self::rule($finding->fault), self::source($finding->fault));
    }

    public static function ofLadder(LadderFinding $finding): string
    {
        // A hair beside its bound must not read as if it held.
        [$is, $bound] = NumberText::beside($finding->is, $finding->bound);

        return match ($finding->fault) {
            LadderFault::SpanShort => "From the darkest step to the lightest it spans {$is} of L*; what draws the eye spans {$bound} at this tier.",
            LadderFault::ShadeNotDarker => $finding->is < 0
                ? sprintf('This shade is %s of L* lighter than the base.', self::number(-$finding->is))
                : "This shade is {$is} of L* darker than the base, under {$bound}: it does not show.",
            LadderFault::NotLighter => $finding->is < 0
                ? sprintf('This is %s of L* darker than what it lies on.', self::number(-$finding->is))
                : "This is {$is} of L* lighter than what it lies on, under {$bound}: it does not show.",
            LadderFault::Jump => "{$is} of L* lighter than the step before, over {$bound}: a hard line.",
            LadderFault::CoversPrevious => sprintf('It covers %s of a hundred parts, the step below it %s: nothing of that stays showing.', self::number(100 * $finding->is), self::number(100 * $finding->bound)),
        };
    }

    public static function whyOfLadder(LadderFinding $finding): Why
    {
        return new Why(
            ['is' => self::number($finding->is), 'bound' => self::number($finding->bound)],
            match ($finding->fault) {
                LadderFault::SpanShort => 'Values far enough apart make a figure stand out; of single areas only those that draw the eye must reach it, quiet ones need not.',
                LadderFault::ShadeNotDarker => 'A shade is darker than the base by at least the smallest step that is seen.',
                LadderFault::NotLighter => 'Each light is lighter than the tone it lies on by at least the smallest step that is seen.',
                LadderFault::Jump => 'Steps too far apart read as hard lines; a step between, or a glaze, softens them.',
                LadderFault::CoversPrevious => 'Each light covers less than the one before and leaves it showing.',
            },
            Why::COMMON_PRACTICE,
        );
    }

    private static function rule(SchemeFault $fault): string
    {
        return match ($fault) {
            SchemeFault::NeighboursAlike => 'Areas that touch part by value, by a dark line, by a light line on the edge, or by a shade or a pooled stain in the seam that is darker than both.',
            SchemeFault::OneFamily => 'No family of colours takes more than its share of what is seen from the front, unless the scheme says so.',
            SchemeFault::HueTurns => 'Red lightens to orange or to pink, blue to green or to purple: choose. The hue angle of the last light is held against that of the base.',
            SchemeFault::LightsDisagree => 'Warm lights with cool shades, or the other way about; not both on one figure. A light leans by what it adds to its base beyond plain white.',
            SchemeFault::AreasDiffer => 'What two figures of a force both have has one base colour; lights may differ by tier.',
            SchemeFault::SpanShort => 'The higher the tier, the further apart are the darkest and the lightest value of the figure, and of each area that draws the eye; a quiet area need not reach it.',
            SchemeFault::ManyHues => 'A figure reads by few hues: each added one has a reason. How many is a setting of the studio.',
            SchemeFault::MetalsAlike => 'Bright metal in one tone is dull in a row, the more of it is seen: vary it, or give it shade and light.',
            SchemeFault::TooMuchWater => 'Medium rather than water for washes and glazes: at most one part of water to one of paint without it.',
        };
    }

    private static function source(SchemeFault $fault): string
    {
        return match ($fault) {
            SchemeFault::OneFamily, SchemeFault::AreasDiffer, SchemeFault::ManyHues => Why::STUDIO_SETTING,
            SchemeFault::SpanShort => Why::STANDARD,
            default => Why::COMMON_PRACTICE,
        };
    }

    private static function number(string|float|int $value): string
    {
        if (is_string($value)) {
            return $value;
        }

        return NumberText::of($value, $value < 10 ? 1 : 0);
    }
}
