<?php

declare(strict_types=1);

namespace Cli\Command;

use Core\Check\BrokenFault;
use Core\Check\ColourFault;
use Core\Check\CriterionFault;
use Core\Check\Fault;
use Core\Check\FlawFault;
use Core\Check\Judge;
use Core\Check\MissingFault;
use Core\Check\Weight;
use Core\Check\Zone;
use Core\Standard\Severity;
use Core\Standard\Side;
use Document\Member\TierMembers;
use Document\Shape\FaultSchema;
use Document\Shape\Schema;

/**
 * `verdict`: faults weighed against the limits of a tier.
 *
 * @phpstan-import-type JudgingDocument from \Document\Member\TierMembers
 *
 * @phpstan-type FaultDocument array{
 *   kind: 'criterion'|'missing'|'colour'|'flaw'|'broken',
 *   severity?: string,
 *   side?: string,
 *   waived?: bool,
 *   delta_e?: int|float,
 *   size_mm?: int|float,
 *   zone?: string,
 * }
 */
final readonly class Verdict implements Command
{
    public function name(): string
    {
        return 'verdict';
    }

    public function summary(): string
    {
        return 'faults of a figure weighed against its tier';
    }

    public function schema(): array
    {
        return Schema::object([
            'tier' => TierMembers::judging()->schema(),
            'faults' => Schema::list(FaultSchema::fault()),
        ]);
    }

    public function run(array $input): array
    {
        /** @var array{tier: JudgingDocument, faults: list<FaultDocument>} $input */
        $judgement = (new Judge(TierMembers::judging()->read($input['tier'])))->judge(array_map(self::fault(...), $input['faults']));

        return [
            'faults' => array_map(static fn (Weight $weight): array => [
                'severity' => $weight->severity->value ?? 'none',
                'why' => $weight->sentence,
            ], $judgement->weights),
            'counts' => $judgement->counts,
            'verdict' => $judgement->verdict->value,
        ];
    }

    /** @param  FaultDocument  $fault */
    private static function fault(array $fault): Fault
    {
        $side = isset($fault['side']) ? Side::from($fault['side']) : null;
        $severity = Severity::from($fault['severity'] ?? Severity::Critical->value);
        $deltaE = isset($fault['delta_e']) ? (float) $fault['delta_e'] : null;
        $waived = $fault['waived'] ?? false;

        return match ($fault['kind']) {
            'criterion' => new CriterionFault($severity, $side, $waived),
            'missing' => new MissingFault($severity, $side, $waived),
            'colour' => new ColourFault($deltaE ?? 0.0, $waived),
            'flaw' => new FlawFault((float) ($fault['size_mm'] ?? 0), Zone::from($fault['zone'] ?? ''), $side ?? Side::Front, $deltaE, $waived),
            'broken' => new BrokenFault($waived),
        };
    }
}
