<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Record\NotARecord;
use Core\Record\Said;
use Core\Standard\FaultLimits;
use Core\Standard\Judging;
use Core\Standard\OutOfRange;
use Core\Standard\Severity;
use Core\Standard\Side;

/** Computes the verdict of a sealed record again, from the record alone. */
final readonly class SealedVerdict
{
    /** The first format whose records hold all that the verdict was computed from. */
    public const FORMAT = 'ordotype-sign-off/2';

    /** @return list<string> what does not follow from the rest of the record; empty also for older formats */
    public static function faults(string $canonical): array
    {
        try {
            $record = Said::in($canonical);

            return $record->textOrNull('format') === self::FORMAT ? self::compare($record) : [];
        } catch (NotARecord|OutOfRange $unreadable) {
            return [$unreadable->getMessage()];
        } catch (\ValueError) {
            return ['It holds a word that its format does not know.'];
        }
    }

    /** @return list<string> */
    private static function compare(Said $record): array
    {
        $rounds = $record->each('rounds');
        $faults = array_values(array_filter(
            $rounds === [] ? [] : $rounds[count($rounds) - 1]->each('faults'),
            static fn (Said $fault): bool => $fault->isTrue('stands'),
        ));
        $judgement = (new Judge(self::judging($record->at('tier'))))->judge(array_map(static fn (Said $fault): Fault => self::found($fault)->weighed(), $faults));
        $wrong = [];
        foreach ($judgement->weights as $i => $weight) {
            $sealed = $faults[$i]->text('severity');
            $follows = $weight->severity->value ?? 'none';
            if ($sealed !== $follows) {
                $wrong[] = "A fault on {$faults[$i]->text('area')} is sealed as {$sealed}; it weighs {$follows}.";
            }
        }
        $verdict = $record->at('verdict');
        foreach ($judgement->counts as $severity => $count) {
            if ($verdict->at('counts')->whole($severity) !== $count) {
                $wrong[] = "It counts {$verdict->at('counts')->whole($severity)} {$severity} faults; there are {$count}.";
            }
        }
        if ($verdict->text('is') !== $judgement->verdict->value) {
            $wrong[] = "The verdict is sealed as {$verdict->text('is')}; from its own faults follows {$judgement->verdict->value}.";
        }

        return $wrong;
    }

    private static function found(Said $fault): FoundFault
    {
        $severity = $fault->textOrNull('own_severity');
        $side = $fault->textOrNull('side');
        $zone = $fault->textOrNull('zone');

        return new FoundFault(
            FaultKind::from($fault->text('kind')),
            $severity === null ? null : Severity::from($severity),
            $side === null ? null : Side::from($side),
            $zone === null ? null : Zone::from($zone),
            $fault->numberOrNull('size_mm'),
            $fault->has('waived'),
        );
    }

    private static function judging(Said $tier): Judging
    {
        $limits = $tier->at('limits');

        return new Judging(
            $tier->number('distance_mm'),
            array_map(Side::from(...), $tier->texts('sides')),
            new FaultLimits($limits->whole('critical'), $limits->whole('major'), $limits->whole('minor')),
            $tier->number('colour_tolerance'),
            $tier->number('notice_arcmin'),
        );
    }
}
