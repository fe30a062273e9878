<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Figure;
use App\Models\StandardPiece;
use App\Models\StandardVersion;
use App\Models\Tier;
use Core\Plan\FigureState;
use Document\Standard\PieceKind;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

/** A new version in force, running jobs moved or left; proposals from the bench; raising. */
final class VersionsTest extends TestCase
{
    public function test_a_running_job_sees_what_a_version_would_change_and_stays_until_it_is_moved(): void
    {
        $to = $this->versionWithDearerWatch();
        $moves = $this->answer($this->lead(), 'GET', "/standards/{$to->id}/jobs");
        $job = Arr::get($moves, 'jobs.0');
        self::assertIsArray($job);
        // Two lights instead of one on the cloth of 10 figures at Watch: nothing else changes.
        self::assertSame(55, $job['figures']);
        self::assertSame($this->figuresAt('watch'), $job['changed']);
        self::assertGreaterThan($job['minutes_before'], $job['minutes_after']);
        self::assertSame($job['price_before'], $job['price_after']);
        self::assertSame('2026.1', $this->job()->standardVersion->label);

        $moved = $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/move", ['version' => $job['version'], 'to' => $to->id]);
        self::assertSame('2026.2', Arr::get($moved, 'standard.version'));
        self::assertSame(1, DB::table('job_moves')->count());
        $this->assertEveryTierIsOf($to);
        self::assertSame([], $this->answer($this->lead(), 'GET', "/standards/{$to->id}/jobs")['jobs']);
    }

    public function test_figures_in_check_whose_work_changes_go_back_to_painting_and_the_others_stay(): void
    {
        $inCheck = $this->figure('1st Lamplighters', 2);
        self::assertSame(FigureState::ToCheck, $inCheck->state);
        $to = $this->versionWithDearerWatch();
        $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/move", ['version' => $this->job()->version, 'to' => $to->id]);
        // The lamplighters in check are at Muster, which stays as it was.
        self::assertSame(FigureState::ToCheck, $this->figure('1st Lamplighters', 2)->state);
    }

    public function test_a_job_is_moved_only_to_what_is_in_force_and_only_once_as_it_was_read(): void
    {
        $job = $this->job();
        $to = $this->versionWithDearerWatch();
        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$job->id}/move", ['version' => $job->version + 1, 'to' => $to->id]), 409, 'stale');
        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$job->id}/move", ['version' => $job->version, 'to' => $job->standard_version_id]), 422, 'not-in-force');
        $this->assertRefused($this->as($this->deputy(), 'POST', "/jobs/{$job->id}/move", ['version' => $job->version, 'to' => $to->id]), 403, 'not-allowed');
        $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/move", ['version' => $job->version, 'to' => $to->id]);
        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$job->id}/move", ['version' => $job->version + 1, 'to' => $to->id]), 422, 'same-version');
    }

    public function test_a_version_without_a_tier_of_the_job_names_it(): void
    {
        $to = $this->versionWithDearerWatch();
        Tier::query()->where('standard_version_id', $to->id)->where('key', 'muster')->update(['key' => 'parade']);
        $muster = StandardPiece::query()->where('standard_version_id', $to->id)->where('kind', PieceKind::Tier)->where('key', 'muster')->firstOrFail();
        $muster->update(['key' => 'parade', 'value' => ['id' => 'parade', 'name' => 'Parade'] + $muster->value]);
        StandardPiece::query()->where('standard_version_id', $to->id)->where('kind', PieceKind::Cell)->where('key', 'muster')->delete();
        $to->update(['revision' => $to->revision + 1]);
        $moves = $this->answer($this->lead(), 'GET', "/standards/{$to->id}/jobs");

        self::assertSame(['Muster'], Arr::get($moves, 'jobs.0.missing_tiers'));
        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$this->job()->id}/move", ['version' => $this->job()->version, 'to' => $to->id]), 422, 'unknown-tier');
    }

    public function test_painters_propose_and_the_lead_takes_or_declines(): void
    {
        $body = ['tier' => 'muster', 'surface' => 'cloth', 'use' => 'wash', 'text' => 'The wash pools in the hems.'];
        $proposal = $this->answer($this->isla(), 'POST', "/jobs/{$this->job()->id}/proposals", $body);
        self::assertSame(1, $this->answer($this->lead(), 'GET', '/today')['proposals']);
        self::assertSame(0, $this->answer($this->isla(), 'GET', '/today')['proposals']);
        self::assertSame(['Isla Coade'], array_column($this->answer($this->jory(), 'GET', '/proposals'), 'by'));
        self::assertIsInt($proposal['id']);
        $path = "/proposals/{$proposal['id']}/answer";

        $this->assertRefused($this->as($this->isla(), 'POST', $path, ['version' => 1, 'state' => 'taken']), 403, 'not-allowed');
        $this->assertRefused($this->as($this->lead(), 'POST', $path, ['version' => 1, 'state' => 'declined', 'answer' => '']), 422, 'invalid', '/answer');
        $this->assertRefused($this->as($this->lead(), 'POST', $path, ['version' => 9, 'state' => 'taken']), 409, 'stale');
        $answered = $this->answer($this->lead(), 'POST', $path, ['version' => 1, 'state' => 'declined', 'answer' => 'Use less.']);
        self::assertSame(['declined', 'Use less.', 'Marsali Teague'], [$answered['state'], $answered['answer'], $answered['answered_by']]);
        $this->assertRefused($this->as($this->lead(), 'POST', $path, ['version' => 2, 'state' => 'taken']), 403, 'answered');
        $this->assertRefused($this->as($this->isla(), 'POST', "/jobs/{$this->job()->id}/proposals", ['tier' => 'gold'] + $body), 422, 'unknown-place', '/tier');
        $this->assertRefused($this->as($this->isla(), 'POST', "/jobs/{$this->job()->id}/proposals", ['text' => ''] + $body), 422, 'invalid', '/text');
    }

    public function test_a_figure_is_raised_with_what_is_added_tidied_and_blocked_and_the_stopping_places(): void
    {
        $version = StandardVersion::query()->firstOrFail();
        $types = $this->answer($this->lead(), 'GET', '/figure-types');
        $type = current(array_filter($types, static fn (mixed $one): bool => is_array($one) && $one['name'] === 'Lamplighter, on foot'));
        self::assertIsArray($type);
        self::assertIsInt($type['id']);
        $raise = $this->answer($this->isla(), 'GET', "/standards/{$version->id}/raise?figure_type={$type['id']}&from=muster&to=watch");

        $uses = array_map(static fn (mixed $one): string => is_array($one) ? implode(' ', array_filter([$one['area'], $one['use']], is_string(...))) : '', (array) $raise['uses']);
        self::assertContains('oilskin coat layer', $uses);
        self::assertContains('figure matt', $uses);
        self::assertNotContains('oilskin coat base', $uses);
        self::assertContains('oilskin coat', array_column((array) $raise['tidy'], 'area'));
        self::assertSame(['muster'], array_column((array) $raise['stopping'], 'tier'));
        $order = array_map(static fn (mixed $one): array => is_array($one) ? $one : [], array_values((array) $raise['order']));
        $kinds = array_count_values(array_map(static fn (array $one): string => is_string($one['kind']) ? $one['kind'] : '', $order));
        self::assertSame([count($uses), count((array) $raise['tidy'])], [$kinds['added'], $kinds['middle']], 'all of it stands in the order');
        self::assertEqualsWithDelta(array_sum([$raise['minutes'], $raise['tidy_back_minutes']]), array_sum(array_column($order, 'minutes')), 1e-6);
        self::assertSame('matt', $order[count($order) - 2]['use'], 'varnish, then the last look');
        self::assertLessThan($raise['whole_minutes'], $raise['minutes']);
        $this->assertRefused($this->as($this->isla(), 'GET', "/standards/{$version->id}/raise?figure_type={$type['id']}&from=muster&to=gold"), 422, 'unknown-tier');
    }

    public function test_only_the_lead_checks_a_tier_that_says_so(): void
    {
        $this->rewrite(PieceKind::Tier, static fn (array $tier): array => ['checked_by' => 'lead'] + $tier);
        $figure = $this->figure('1st Lamplighters', 2);

        $this->assertRefused($this->as($this->deputy(), 'POST', "/figures/{$figure->id}/checks"), 403, 'lead-checks');
        $this->answer($this->lead(), 'POST', "/figures/{$figure->id}/checks");
    }

    /** Version 2026.2 in force, with a second light on cloth at Watch. */
    private function versionWithDearerWatch(): StandardVersion
    {
        $row = $this->answer($this->lead(), 'POST', '/standards', ['from' => StandardVersion::query()->firstOrFail()->id]);
        self::assertIsInt($row['id']);
        $this->answer($this->lead(), 'POST', "/standards/{$row['id']}/changes", ['changes' => [[
            'kind' => 'cell', 'id' => 'watch', 'surface' => 'cloth', 'revision' => 1,
            'value' => ['tier' => 'watch', 'surface' => 'cloth', 'uses' => [
                ['technique' => 'base', 'coats' => 2, 'minutes' => 12], ['technique' => 'wash', 'minutes' => 8], ['technique' => 'layer', 'steps' => 2, 'extent' => 'upper', 'minutes' => 90],
            ], 'criteria' => [['id' => 'lit', 'text' => 'Folds are lit.', 'severity' => 'minor']]],
        ]]]);
        $this->answer($this->lead(), 'POST', "/standards/{$row['id']}/in-force", ['revision' => 1, 'why' => 'Brighter ranks.']);

        return StandardVersion::query()->whereKey($row['id'])->firstOrFail();
    }

    private function figuresAt(string $tier): int
    {
        return Figure::query()->with(['unit.tier', 'tier'])->get()->filter(static fn (Figure $figure): bool => ($figure->tier->key ?? $figure->unit->tier->key) === $tier)->count();
    }

    private function assertEveryTierIsOf(StandardVersion $version): void
    {
        foreach (['units', 'figures', 'area_tiers'] as $table) {
            $others = DB::table($table)->join('tiers', 'tiers.id', '=', "{$table}.tier_id")->where("{$table}.studio_id", $version->studio_id)->where('tiers.standard_version_id', '<>', $version->id)->count();
            self::assertSame(0, $others, $table);
        }
    }
}
