<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Clearance;
use App\Models\HoursRow;
use App\Models\Unit;
use App\Models\User;
use App\Models\WorkedTime;
use Illuminate\Support\Arr;

/** Who should paint what: cleared, in time, evenly, and so that somebody is left to sign it. */
final class PaintersTest extends CheckTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        HoursRow::query()->delete();
        $this->sits($this->isla(), 240);
        $this->sits($this->jory(), 240);
    }

    public function test_units_that_nobody_has_are_proposed_and_given(): void
    {
        Unit::query()->where('job_id', $this->job()->id)->update(['painter_id' => null]);
        $painters = $this->painters();
        $rows = self::rows($painters);

        self::assertSame([$this->isla()->name, $this->jory()->name], array_column((array) $painters['people'], 'name'));
        self::assertNotSame([], $rows);
        self::assertSame([true], [$painters['is_best']]);
        $given = array_map(static fn (array $row): array => ['unit' => $row['unit'], 'version' => $row['version'], 'figures' => null, 'painter_id' => $row['proposed']], $rows);
        self::assertEqualsCanonicalizing([$this->isla()->id, $this->jory()->id], array_values(array_unique(array_column($given, 'painter_id'), SORT_REGULAR)), 'both have as much time');
        $this->answer($this->lead(), 'PATCH', "/jobs/{$this->job()->id}/rows", ['rows' => $given]);

        self::assertSame([], self::rows($this->painters()));
        $anew = array_column(self::rows($this->painters('?anew=1')), 'name');
        self::assertContains('2nd Lamplighters', $anew);
        self::assertNotContains('1st Lamplighters', $anew, 'it is begun: one hand paints it');
    }

    public function test_who_is_not_cleared_is_told_for_what_and_not_proposed(): void
    {
        Unit::query()->where('name', '2nd Lamplighters')->update(['painter_id' => null]);
        Clearance::query()->where('user_id', $this->jory()->id)->delete();
        Clearance::query()->create(['user_id' => $this->jory()->id, 'technique' => 'base', 'up_to_rank' => 3, 'given_by' => $this->lead()->id]);
        Clearance::query()->where('user_id', $this->isla()->id)->delete();
        $row = self::row($this->painters(), '2nd Lamplighters');
        $cell = $this->cell($row, $this->jory());

        self::assertFalse($cell['cleared']);
        self::assertContains('All-over wash at Guard', (array) $cell['not'], 'its leader is at Guard');
        self::assertNotContains('Base coat at Guard', (array) $cell['not']);
        self::assertSame('Not cleared for all of it.', $cell['bar']);
        self::assertNull($this->cell($row, $this->isla())['cleared'], 'nothing is said of her');
        self::assertSame(['unsaid', 'said'], array_column((array) $this->painters()['people'], 'alone'));
        self::assertSame($this->isla()->id, $row['proposed']);
    }

    public function test_somebody_is_left_to_sign_it(): void
    {
        Unit::query()->where('name', '2nd Lamplighters')->update(['painter_id' => null]);
        HoursRow::query()->delete();
        $this->sits($this->lead(), 400);
        User::query()->whereKey($this->deputy()->id)->update(['signing_rank' => null]);
        $row = self::row($this->painters(), '2nd Lamplighters');

        self::assertSame([null, 'Nobody else may sign it.'], [$row['proposed'], $this->cell($row, $this->lead())['bar']]);
        User::query()->whereKey($this->deputy()->id)->update(['signing_rank' => 3]);
        self::assertSame($this->lead()->id, self::row($this->painters(), '2nd Lamplighters')['proposed']);
    }

    public function test_minutes_are_at_the_pace_that_was_worked(): void
    {
        Unit::query()->where('name', '2nd Lamplighters')->update(['painter_id' => null]);
        $usual = $this->cell(self::row($this->painters(), '2nd Lamplighters'), $this->jory())['minutes'];
        foreach (range(1, 5) as $time) {
            WorkedTime::query()->create(['user_id' => $this->jory()->id, 'unit_id' => $this->unit('1st Lamplighters')->id, 'area' => 'face', 'use' => 'base', 'technique' => 'base', 'figures' => [$time], 'minutes' => 20, 'allowed' => 10]);
        }
        $row = self::row($this->painters(), '2nd Lamplighters');

        self::assertGreaterThan($usual, $this->cell($row, $this->jory())['minutes']);
        self::assertSame($usual, $this->cell($row, $this->isla())['minutes']);
    }

    public function test_without_hours_nobody_is_proposed_and_a_full_week_is_told(): void
    {
        Unit::query()->where('job_id', $this->job()->id)->update(['painter_id' => null]);
        $this->sits($this->isla(), 10);
        $this->sits($this->jory(), 10);
        $full = $this->painters();
        self::assertGreaterThan(0, $full['late']);
        self::assertStringContainsString('least late', Arr::string($full, 'why.rule'));

        HoursRow::query()->delete();
        $none = $this->painters();
        self::assertSame([], $none['people']);
        self::assertNull(self::rows($none)[0]['proposed']);
        self::assertSame(403, $this->as($this->isla(), 'GET', "/jobs/{$this->job()->id}/painters")->getStatusCode());
    }

    public function test_a_clearance_stands_on_work_that_was_signed(): void
    {
        $of = fn (User $person): array => array_column((array) $this->answer($this->lead(), 'GET', "/people/{$person->id}/clearances")['techniques'], 'signed', 'technique');
        self::assertSame([], array_filter($of($this->isla())), 'nothing is signed yet');
        $this->signed();
        $this->signed($this->figure('1st Lamplighters', 3));

        self::assertSame([['tier' => 'Muster', 'figures' => 2]], $of($this->isla())['base']);
        self::assertSame([], $of($this->isla())['dark-line'] ?? []);
        self::assertSame([], array_filter($of($this->jory())), 'it is not his');
    }

    private function sits(User $person, float $minutes): void
    {
        HoursRow::query()->where('user_id', $person->id)->delete();
        (new HoursRow)->forceFill(['user_id' => $person->id, 'begins' => 540, 'minutes' => array_fill(0, 7, $minutes), 'away' => [], 'version' => 1])->save();
    }

    /** @return array<array-key, mixed> */
    private function painters(string $query = ''): array
    {
        return $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/painters{$query}");
    }

    /**
     * @param  array<array-key, mixed>  $painters
     * @return list<array<array-key, mixed>>
     */
    private static function rows(array $painters): array
    {
        return array_map(static fn (mixed $row): array => (array) $row, array_values((array) $painters['rows']));
    }

    /**
     * @param  array<array-key, mixed>  $painters
     * @return array<array-key, mixed>
     */
    private static function row(array $painters, string $unit): array
    {
        return Arr::first(self::rows($painters), static fn (array $row): bool => $row['name'] === $unit) ?? self::fail("{$unit} is not among them.");
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return array<array-key, mixed>
     */
    private function cell(array $row, User $person): array
    {
        return (array) Arr::first((array) $row['cells'], static fn (mixed $cell): bool => Arr::get((array) $cell, 'painter') === $person->id);
    }
}
