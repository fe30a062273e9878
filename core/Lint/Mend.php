<?php

declare(strict_types=1);

namespace Core\Lint;

/** The change of one piece that settles a finding. It is a proposal; how it is written is for who writes the document. */
final readonly class Mend
{
    /** @param  array<string, mixed>  $values what the piece gets, by its member in the document */
    private function __construct(
        public MendKind $kind,
        public string $label,
        public array $values = [],
    ) {
    }

    public static function notAsked(): self
    {
        return new self(MendKind::NotAsked, 'Not asked for');
    }

    public static function useFromBelow(): self
    {
        return new self(MendKind::UseFromBelow, 'As the tier below');
    }

    public static function layInFromBelow(): self
    {
        return new self(MendKind::LayInFromBelow, 'Lay in as the tier below');
    }

    public static function criteriaFromBelow(): self
    {
        return new self(MendKind::CriteriaFromBelow, 'Judge as the tier below');
    }

    public static function withoutCriterion(): self
    {
        return new self(MendKind::WithoutCriterion, 'Leave it out');
    }

    public static function steps(int $steps): self
    {
        return new self(MendKind::Use, "Take {$steps}", ['steps' => $steps]);
    }

    /** @param  string|list<string>  $value as the document has it */
    public static function use(string $member, string|array $value, string $label): self
    {
        return new self(MendKind::Use, $label, [$member => $value]);
    }

    /** @param  int|float|array<string, int|array<string, int>>  $value in the unit of the member */
    public static function tier(string $member, int|float|array $value, string $label): self
    {
        return new self(MendKind::Tier, $label, [$member => $value]);
    }
}
