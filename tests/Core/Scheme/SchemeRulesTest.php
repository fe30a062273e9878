<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Scheme\NotASetting;
use Core\Scheme\SchemeRules;
use Core\Scheme\Setting;
use PHPUnit\Framework\TestCase;

final class SchemeRulesTest extends TestCase
{
    public function test_what_is_not_set_is_as_usual(): void
    {
        $rules = new SchemeRules(['max_step' => 20.0]);

        self::assertSame([4.0, 20.0, 30.0], [$rules->ladder->minStep, $rules->ladder->maxStep, $rules->ladder->minSpan]);
        self::assertSame(array_map(static fn (Setting $setting): string => $setting->value, Setting::cases()), array_keys($rules->numbers()));
        foreach (Setting::cases() as $setting) {
            self::assertSame($setting->usual(), (new SchemeRules)->numbers()[$setting->value]);
            self::assertNotSame('', $setting->inWords());
        }
    }

    public function test_a_number_that_makes_no_sense_is_refused_at_its_place(): void
    {
        foreach (['family_limit' => 1.2, 'max_step' => -1.0, 'turn_degrees' => 181.0, 'drops_per_ml' => 0.0, 'drying' => 0.0] as $name => $number) {
            try {
                new SchemeRules([$name => $number]);
                self::fail($name);
            } catch (NotASetting $refusal) {
                self::assertSame(['out-of-range', "/{$name}"], [$refusal->code(), $refusal->pointer()]);
            }
        }
        $this->expectExceptionMessage('no ladder could hold to that');
        new SchemeRules(['min_step' => 30.0, 'max_step' => 25.0]);
    }
}
