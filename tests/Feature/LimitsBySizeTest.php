<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SignOff;
use Document\Standard\PieceKind;
use Illuminate\Support\Arr;

/** A tier bears more of a large figure than of one on foot, where it says so; the record keeps what held for this one. */
final class LimitsBySizeTest extends CheckTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->rewrite(PieceKind::Tier, static fn (array $tier): array => $tier['id'] === 'muster' ? ['limits_by_size' => ['foot' => ['critical' => 0, 'major' => 0, 'minor' => 0], 'monster' => ['critical' => 0, 'major' => 9, 'minor' => 9]]] + $tier : $tier);
    }

    public function test_a_figure_is_judged_by_the_limits_of_its_size(): void
    {
        $check = $this->open();
        self::assertSame(['critical' => 0, 'major' => 0, 'minor' => 0], Arr::get($check, 'tier.limits'));
        $check = $this->act($check, 'flaws', ['flaw' => 'patch', 'area' => 'boots', 'side' => 'front', 'size_mm' => 0.9]);
        self::assertSame(['minor', 'rework'], [$check['faults'][0]['severity'], $check['verdict']], 'one minor fault is one too many for a figure on foot');
    }

    public function test_its_record_says_what_held_for_it_and_bears_out_its_verdict(): void
    {
        $record = $this->signed();
        self::assertSame(['critical' => 0, 'major' => 0, 'minor' => 0], Arr::get((array) json_decode(SignOff::query()->findOrFail($record->id)->record, true), 'tier.limits'));
        self::assertTrue($this->verified($this->lead())['holds']);
        $terms = Arr::first((array) $this->answer($this->lead(), 'GET', '/standards/'.$this->job()->standard_version_id)['tiers'], static fn (mixed $tier): bool => Arr::get((array) $tier, 'key') === 'muster');
        self::assertContains('monster or vehicle bears 0 critical, 9 major, 9 minor', (array) Arr::get((array) $terms, 'terms'));
    }
}
