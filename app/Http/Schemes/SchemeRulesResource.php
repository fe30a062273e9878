<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\Resource;
use Core\Scheme\SchemeRules;
use Core\Scheme\Setting;

/**
 * @phpstan-type SchemeSetting array{
 *   name: string,
 *   say: string,
 *   number: float,
 *   usual: float,
 *   least: float,
 *   most: float,
 * }
 */
final readonly class SchemeRulesResource extends Resource
{
    public function __construct(private SchemeRules $rules)
    {
    }

    /** @return list<SchemeSetting> */
    public function toArray(): array
    {
        $numbers = $this->rules->numbers();

        return array_map(static fn (Setting $setting): array => [
            'name' => $setting->value, 'say' => $setting->inWords(), 'number' => $numbers[$setting->value] ?? $setting->usual(), 'usual' => $setting->usual(),
            'least' => $setting->range()[0], 'most' => $setting->range()[1],
        ], Setting::cases());
    }
}
