<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Why;

/** The words of a finding, as its rule has them. */
final readonly class FindingText
{
    public function __construct(private Standard $standard)
    {
    }

    public function sentence(Finding $finding): string
    {
        $surface = $finding->surface === null ? '' : $this->standard->surface($finding->surface)->name;

        return Lint::rule($finding->code)->sentence($finding, $this->standard->tier($finding->tier)->name, $surface);
    }

    public function why(Finding $finding): Why
    {
        $inputs = ['tier' => $this->standard->tier($finding->tier)->name];
        if ($finding->surface !== null) {
            $inputs['surface'] = $this->standard->surface($finding->surface)->name;
        }
        if ($finding->use !== null) {
            $inputs['use'] = $finding->use;
        }
        foreach (array_keys($finding->arguments) as $name) {
            $inputs[$name] = $finding->number($name);
        }
        $rule = Lint::rule($finding->code);

        return new Why($inputs, $rule->rule(), $rule->source());
    }
}
