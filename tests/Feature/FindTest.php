<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Scheme;

/** Anything is found by words of its name, and nothing of another studio. */
final class FindTest extends CheckTestCase
{
    public function test_each_kind_is_found_by_its_name(): void
    {
        self::assertSame([['job', 'Harbour guard of Port Ember']], $this->found('ember GUARD port'));
        self::assertSame([['unit', '1st Lamplighters'], ['unit', '2nd Lamplighters'], ['figure-type', 'Lamplighter, on foot']], $this->found('lamplighter'));
        self::assertSame([['figure', '2nd Lamplighters, figure 4']], $this->found('2nd 4'));
        self::assertContains(['paint', 'Night Tide wash'], $this->found('tide'));
        $scheme = Scheme::query()->firstOrFail()->name;
        self::assertContains(['scheme', $scheme], $this->found($scheme));
    }

    public function test_a_figure_is_found_by_its_own_name(): void
    {
        $this->figure('2nd Lamplighters', 4)->update(['name' => 'Serjeant Anka']);

        self::assertSame([['figure', 'Serjeant Anka, 2nd Lamplighters, figure 4']], $this->found('anka'));
        self::assertSame([['figure', 'Serjeant Anka, 2nd Lamplighters, figure 4']], $this->found('2nd 4'), 'and by its unit and number as before');
    }

    public function test_a_record_is_found_by_its_number_and_by_its_unit(): void
    {
        $record = $this->signed($this->figure('1st Lamplighters', 3));
        self::assertContains(['record', "Record {$record->number}"], $this->found((string) $record->number));
        self::assertNotContains(['record', "Record {$record->number}"], $this->found('77'));
        self::assertContains(['record', "Record {$record->number}"], $this->found('1st lamp'));
    }

    public function test_what_is_typed_stands_for_itself(): void
    {
        self::assertSame([], $this->found('%'));
        self::assertSame([], $this->found('_'));
        $this->assertRefused($this->as($this->lead(), 'GET', '/found'), 422, 'invalid', '/words');
        $this->assertRefused($this->as($this->lead(), 'GET', '/found?words='.str_repeat('a', 121)), 422, 'invalid', '/words');
    }

    public function test_nothing_of_another_studio_is_found(): void
    {
        foreach (['lamplighter', 'ember', 'tide', '2nd 4'] as $words) {
            self::assertSame([], $this->answer($this->stranger(), 'GET', '/found?words='.rawurlencode($words)), $words);
        }
    }

    public function test_a_new_studio_is_led_from_its_standard_to_its_first_record(): void
    {
        $steps = fn (): mixed => $this->answer($this->stranger(), 'GET', '/today')['first_steps'];
        self::assertSame(['standard', 'paints', 'figure-types', 'roster', 'scheme', 'bench', 'record'], array_column((array) $steps(), 'step'));
        self::assertSame(['roster' => false, 'bench' => false, 'record' => false], array_intersect_key(array_column((array) $steps(), 'done', 'step'), ['roster' => 0, 'bench' => 0, 'record' => 0]));

        $here = array_column((array) $this->answer($this->lead(), 'GET', '/today')['first_steps'], 'done', 'step');
        self::assertSame(['standard' => true, 'paints' => true, 'figure-types' => true, 'roster' => true, 'scheme' => true, 'bench' => true, 'record' => false], $here);
        self::assertNull($this->answer($this->isla(), 'GET', '/today')['first_steps'], 'the lead begins');
        $this->signed($this->figure('1st Lamplighters', 3));
        self::assertNull($this->answer($this->lead(), 'GET', '/today')['first_steps']);
    }

    /** @return list<array{mixed, mixed}> kind and name */
    private function found(string $words): array
    {
        return array_values(array_map(static fn (mixed $one): array => [((array) $one)['kind'], ((array) $one)['name']], $this->answer($this->isla(), 'GET', '/found?words='.rawurlencode($words))));
    }
}
