<?php

declare(strict_types=1);

namespace Core;

/**
 * The reason behind a computed figure, order or verdict: what went in, the rule, and where the rule is from.
 *
 * @phpstan-type WhyShape array{
 *   inputs: list<array{name: string, value: string}>,
 *   rule: string,
 *   source: string,
 * }
 */
final readonly class Why
{
    public const PUBLISHED = 'published';

    public const COMMON_PRACTICE = 'common practice, no source';

    public const STUDIO_SETTING = 'studio setting';

    public const STANDARD = 'the standard';

    /** @param  array<string, string>  $inputs value by name, with its unit */
    public function __construct(
        public array $inputs,
        public string $rule,
        public string $source,
    ) {
    }

    /** @return WhyShape */
    public function toArray(): array
    {
        $inputs = [];
        foreach ($this->inputs as $name => $value) {
            $inputs[] = ['name' => $name, 'value' => $value];
        }

        return ['inputs' => $inputs, 'rule' => $this->rule, 'source' => $this->source];
    }
}
