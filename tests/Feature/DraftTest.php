<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\StandardPiece;
use App\Models\StandardVersion;
use App\Models\User;
use App\Models\VersionState;
use Document\Standard\PieceKind;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** A draft of the house standard: written piece by piece, by one or by two, undone, put in force. */
final class DraftTest extends TestCase
{
    private const CLOTH = ['tier' => 'guard', 'surface' => 'cloth', 'uses' => [['technique' => 'base', 'minutes' => 5], ['technique' => 'layer', 'minutes' => 6]]];

    public function test_a_draft_is_a_copy_with_the_next_label(): void
    {
        $draft = $this->draft();

        self::assertSame(['2026.2', VersionState::Draft], [$draft->label, $draft->state]);
        $document = $this->document($draft);
        self::assertSame('2026.2', $document['version']);
        self::assertEquals(['version' => '2026.1'] + $document, $this->document(StandardVersion::query()->firstOrFail()));
    }

    public function test_a_studio_has_one_draft_at_a_time(): void
    {
        $this->draft();

        $this->assertRefused($this->as($this->lead(), 'POST', '/standards', ['from' => $this->inForce()->id]), 422, 'draft-exists');
    }

    public function test_only_the_lead_writes(): void
    {
        $draft = $this->draft();
        // A painter sees no draft, so there is none to be refused.
        foreach ([[$this->deputy(), 403, 'not-allowed'], [$this->isla(), 404, 'not-found']] as [$user, $status, $code]) {
            $this->assertRefused($this->as($user, 'POST', '/standards', ['ladder' => 'four']), 403, 'not-allowed');
            $this->assertRefused($this->as($user, 'POST', "/standards/{$draft->id}/changes", ['changes' => [$this->cell(self::CLOTH, 1)]]), $status, $code);
        }
    }

    public function test_what_is_in_force_is_not_written(): void
    {
        $this->assertRefused($this->change($this->inForce(), [$this->cell(self::CLOTH, 1)]), 403, 'not-a-draft');
    }

    public function test_a_cell_is_changed_and_everything_computed_follows(): void
    {
        $draft = $this->draft();
        $answer = $this->changed($draft, [$this->cell(self::CLOTH, 1)]);

        self::assertSame(['Base coat', 'Layer'], array_column($this->sheetCell($answer, 'guard', 'cloth')['uses'], 'name'));
        self::assertContains('no-criterion guard cloth', $this->findings($answer));
        self::assertSame(2, Arr::get($answer, 'revisions.cells.guard cloth'));
    }

    public function test_silence_and_not_asked_for_are_different(): void
    {
        $draft = $this->draft();
        $this->changed($draft, [$this->cell(['tier' => 'watch', 'surface' => 'marking', 'uses' => []], 0)]);
        $answer = $this->changed($draft, [['kind' => 'cell', 'id' => 'guard', 'surface' => 'marking', 'revision' => 1, 'value' => null]]);

        self::assertSame(['not-asked', 'undecided'], [$this->sheetCell($answer, 'watch', 'marking')['state'], $this->sheetCell($answer, 'guard', 'marking')['state']]);
    }

    public function test_two_tiers_change_places_in_the_ladder(): void
    {
        $draft = $this->draft();
        $ranks = fn (): array => array_map(static fn (StandardPiece $tier): mixed => $tier->value['rank'], $this->tierPieces($draft));
        $before = $ranks();
        $other = ['watch' => 'guard', 'guard' => 'watch'];
        $this->changed($draft, array_values(array_map(static fn (StandardPiece $tier): array => [
            'kind' => 'tier', 'id' => $tier->key, 'surface' => '', 'revision' => 1, 'value' => ['rank' => $before[$other[$tier->key]]] + $tier->value,
        ], array_intersect_key($this->tierPieces($draft), $other))));

        self::assertSame(['watch' => $before['guard'], 'guard' => $before['watch']] + $before, array_replace(array_fill_keys(['watch', 'guard'], null), $ranks()));
    }

    public function test_two_leads_in_one_cell_neither_loses_work(): void
    {
        $draft = $this->draft();
        $this->changed($draft, [$this->cell(self::CLOTH, 1)]);
        $response = $this->change($draft, [$this->cell(['uses' => [['technique' => 'stain']]] + self::CLOTH, 1)]);

        $this->assertRefused($response, 409, 'stale');
        $response->assertJsonPath('now.revision', 2)->assertJsonPath('now.by', 'Marsali Teague')->assertJsonPath('now.value.uses.1.technique', 'layer');
        $answer = $this->changed($draft, [$this->cell(['uses' => [['technique' => 'stain']]] + self::CLOTH, 2)]);
        self::assertSame(['stain'], Arr::get($this->sheetCell($answer, 'guard', 'cloth'), 'uses.0.techniques'));
    }

    public function test_several_changes_are_stored_together_or_not_at_all(): void
    {
        $draft = $this->draft();
        $response = $this->change($draft, [$this->cell(self::CLOTH, 1), $this->cell(['tier' => 'watch', 'surface' => 'cloth', 'uses' => [['technique' => 'sponge']]], 1)]);

        $this->assertRefused($response, 422, 'unknown-technique', '/changes/1/value/uses/0/technique');
        self::assertSame(0, DB::table('standard_changes')->count());
    }

    public function test_changes_are_undone_and_done_again_one_by_one(): void
    {
        $draft = $this->draft();
        $before = $this->document($draft);
        $this->changed($draft, [$this->cell(self::CLOTH, 1)]);
        $this->changed($draft, [$this->cell(['uses' => []] + self::CLOTH, 2)]);
        $after = $this->document($draft);

        $this->answer($this->lead(), 'POST', "/standards/{$draft->id}/undo");
        $this->answer($this->lead(), 'POST', "/standards/{$draft->id}/undo");
        self::assertEquals($before, $this->document($draft));
        $this->assertRefused($this->as($this->lead(), 'POST', "/standards/{$draft->id}/undo"), 403, 'nothing-to-undo');
        $this->answer($this->lead(), 'POST', "/standards/{$draft->id}/redo");
        $this->answer($this->lead(), 'POST', "/standards/{$draft->id}/redo");
        self::assertEquals($after, $this->document($draft));
    }

    public function test_undo_never_touches_what_somebody_else_wrote_since(): void
    {
        $draft = $this->draft();
        $second = $this->secondLead();
        $this->changed($draft, [$this->cell(self::CLOTH, 1)]);
        $this->answer($second, 'POST', "/standards/{$draft->id}/changes", ['changes' => [$this->cell(['uses' => []] + self::CLOTH, 2)]]);

        $this->assertRefused($this->as($this->lead(), 'POST', "/standards/{$draft->id}/undo"), 403, 'changed-since');
        $this->answer($second, 'POST', "/standards/{$draft->id}/undo");
        $this->answer($this->lead(), 'POST', "/standards/{$draft->id}/undo");
    }

    public function test_a_tier_that_is_taken_away_takes_its_cells_and_comes_back_with_them(): void
    {
        $draft = $this->draft();
        $before = $this->document($draft);
        $answer = $this->changed($draft, [['kind' => 'tier', 'id' => 'open', 'surface' => '', 'revision' => 1, 'value' => null]]);
        self::assertNotContains('open', array_column($this->rows($answer, 'sheet.tiers'), 'key'));

        $this->answer($this->lead(), 'POST', "/standards/{$draft->id}/undo");
        $after = $this->document($draft);
        self::assertEqualsCanonicalizing($this->rows($before, 'requirements'), $this->rows($after, 'requirements'));
    }

    public function test_what_jobs_use_is_not_taken_away(): void
    {
        $draft = $this->draft();
        $gone = static fn (string $kind, string $id): array => ['kind' => $kind, 'id' => $id, 'surface' => '', 'revision' => 1, 'value' => null];

        $tier = $this->change($draft, [$gone('tier', 'muster')]);
        $this->assertRefused($tier, 422, 'in-use', '/changes/0/value');
        self::assertStringContainsString('Retire it instead', (string) $tier->getContent());
        $this->assertRefused($this->change($draft, [$gone('surface', 'cloth')]), 422, 'in-use');
        $technique = $this->change($draft, [$gone('technique', 'stipple')]);
        self::assertTrue($technique->isSuccessful() || $technique->json('error.code') === 'in-use');
        $this->assertRefused($this->change($draft, [$gone('technique', 'wash')]), 422, 'in-use');
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> a change, code, path within the value */
    public static function wrong(): iterable
    {
        $tier = ['id' => 'gilt', 'name' => 'Gilt', 'rank' => 9, 'distance_mm' => 300, 'sides' => ['front'], 'look_minutes' => 1, 'limits' => ['critical' => 0, 'major' => 0, 'minor' => 1], 'colour_tolerance' => 3, 'budget_minutes' => 10, 'by_agreement' => false, 'retired' => false];
        $new = static fn (array $change): array => ['kind' => 'tier', 'id' => 'gilt', 'surface' => '', 'revision' => 0, 'value' => $change + $tier];
        $cell = static fn (array $use): array => ['kind' => 'cell', 'id' => 'guard', 'surface' => 'cloth', 'revision' => 1, 'value' => ['tier' => 'guard', 'surface' => 'cloth', 'uses' => [$use]]];
        $technique = static fn (string $id, array $change): array => ['kind' => 'technique', 'id' => $id, 'surface' => '', 'revision' => 1, 'value' => $change + ['id' => $id, 'name' => $id, 'group' => 'shade', 'opacity' => 'transparent']];

        yield 'a rank that is taken' => [$new(['rank' => 3]), 'duplicate-rank', '/rank'];
        yield 'an empty name' => [$new(['name' => '  ']), 'out-of-range', '/name'];
        yield 'a name of 300 characters' => [$new(['name' => str_repeat('x', 300)]), 'out-of-range', '/name'];
        yield 'negative minutes' => [$cell(['technique' => 'base', 'minutes' => -1]), 'out-of-range', '/uses/0/minutes'];
        yield 'minutes that are no number' => [$cell(['technique' => 'base', 'minutes' => 'ten']), 'wrong-type', '/uses/0/minutes'];
        yield 'minutes a piece without a piece' => [$cell(['technique' => 'base', 'each' => 2]), 'each-without-feature', '/uses/0/each'];
        yield 'a member that nobody knows' => [$cell(['technique' => 'base', 'shine' => 2]), 'unknown-member', '/uses/0/shine'];
        yield 'a technique after one that is none' => [$technique('wash', ['comes_after' => [['technique' => 'gilding', 'why' => 'drying']]]), 'unknown-technique', '/comes_after/0/technique'];
        yield 'another tier in its place' => [$new(['id' => 'silver']), 'unknown-value', '/id'];
        yield 'the head taken away' => [['kind' => 'head', 'id' => '', 'surface' => '', 'revision' => 1, 'value' => null], 'missing-member', ''];
        yield 'an order taken away' => [['kind' => 'order', 'id' => 'tiers', 'surface' => '', 'revision' => 1, 'value' => null], 'missing-member', ''];
        yield 'something that is no piece' => [['kind' => 'cell', 'id' => 'guard', 'surface' => 'cloth', 'revision' => 1, 'value' => 'nothing'], 'wrong-type', ''];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_told_at_its_place_and_nothing_is_lost(array $change, string $code, string $path): void
    {
        $draft = $this->draft();
        $before = $this->document($draft);

        $this->assertRefused($this->change($draft, [$change]), 422, $code, "/changes/0/value{$path}");
        $this->assertRefused($this->as($this->lead(), 'POST', "/standards/{$draft->id}/previews", ['changes' => [$change]]), 422, $code);
        self::assertEquals($before, $this->document($draft));
    }

    public function test_techniques_that_wait_for_each_other_are_kept_and_told_where_an_area_lays_both(): void
    {
        $draft = $this->draft();
        $order = static fn (string $id, string $after): array => ['kind' => 'technique', 'id' => $id, 'surface' => '', 'revision' => 1, 'value' => ['id' => $id, 'name' => $id, 'group' => 'light', 'opacity' => 'semi', 'comes_after' => [['technique' => $after, 'why' => 'access']]]];
        $both = ['kind' => 'cell', 'id' => 'guard', 'surface' => 'cloth', 'revision' => 1, 'value' => ['tier' => 'guard', 'surface' => 'cloth', 'uses' => [['technique' => 'base'], ['technique' => 'drybrush'], ['technique' => 'layer']]]];
        $answer = $this->changed($draft, [$order('layer', 'drybrush'), $order('drybrush', 'layer'), $both]);

        $told = array_filter($this->rows($answer, 'sheet.findings'), static fn (array $one): bool => $one['code'] === 'wrong-order');
        self::assertContains(['guard', 'cloth', 'drybrush'], array_map(static fn (array $one): array => [$one['tier'], $one['surface'], $one['use']], $told));
    }

    public function test_a_finding_is_accepted_with_a_reason_and_goes_with_the_file(): void
    {
        $draft = $this->draft();
        $answer = $this->answer($this->lead(), 'GET', "/standards/{$draft->id}/draft");
        $head = Arr::only((array) Arr::get($answer, 'document'), ['name', 'version', 'reference', 'schools', 'notes', 'accepted']);
        $head['accepted'] = [['code' => 'undecided', 'tier' => 'watch', 'surface' => 'marking', 'reason' => 'Nobody books it.', 'by' => 'Marsali Teague']];
        $answer = $this->changed($draft, [['kind' => 'head', 'id' => '', 'surface' => '', 'revision' => 1, 'value' => $head]]);
        $finding = current(array_filter($this->rows($answer, 'sheet.findings'), static fn (array $one): bool => $one['code'] === 'undecided'));
        self::assertIsArray($finding);

        self::assertSame(['Nobody books it.', 'Marsali Teague'], [$finding['accepted'], $finding['accepted_by']]);
        self::assertEquals($head['accepted'], $this->document($draft)['accepted']);
    }

    public function test_a_preview_shows_what_would_be_and_stores_nothing(): void
    {
        $draft = $this->draft();
        $preview = $this->answer($this->lead(), 'POST', "/standards/{$draft->id}/previews", ['changes' => [$this->cell(self::CLOTH, 1)]]);

        self::assertSame('guard', Arr::get($preview, 'plates.0.tier'));
        self::assertSame(['seam', 'recess', 'low-face', 'face', 'high-face', 'low-edge', 'edge', 'point'], array_column($this->rows($preview, 'plates.0.zones'), 'zone'));
        self::assertSame(0, StandardVersion::query()->findOrFail($draft->id)->revision);
    }

    public function test_the_fix_of_a_finding_settles_it(): void
    {
        $draft = $this->draft();
        $answer = $this->answer($this->lead(), 'GET', "/standards/{$draft->id}/draft");
        $finding = current(array_filter($this->rows($answer, 'sheet.findings'), static fn (array $one): bool => $one['code'] === 'undecided'));
        self::assertIsArray($finding);
        $fix = $finding['fix'];
        self::assertIsArray($fix);
        $answer = $this->changed($draft, [['kind' => $fix['kind'], 'id' => $fix['id'], 'surface' => $fix['surface'], 'revision' => 0, 'value' => $fix['value']]]);

        self::assertNotContains('undecided watch marking', $this->findings($answer));
    }

    public function test_a_draft_is_put_in_force_with_who_why_and_the_difference_in_words(): void
    {
        $draft = $this->draft();
        $cloth = Arr::first((array) $this->document($draft)['requirements'], static fn (mixed $one): bool => is_array($one) && $one['tier'] === 'watch' && $one['surface'] === 'cloth');
        self::assertIsArray($cloth);
        Arr::set($cloth, 'uses.2.steps', 2);
        Arr::set($cloth, 'uses.2.minutes', 30);
        $this->changed($draft, [$this->cell($cloth, 1)]);
        $lines = array_column($this->rows($this->answer($this->deputy(), 'GET', "/standards/{$draft->id}/difference"), 'lines'), 'sentence');
        // Cloth is 0.34 and 0.12 of a lamplighter: 18 minutes more are 8.28.
        self::assertSame(['Watch, Cloth: layer steps up from 1 to 2, minutes from 12 to 30; +8.3 min a lamplighter'], $lines);

        $this->assertRefused($this->as($this->lead(), 'POST', "/standards/{$draft->id}/in-force", ['revision' => 0, 'why' => 'x']), 409, 'stale');
        $this->assertRefused($this->as($this->lead(), 'POST', "/standards/{$draft->id}/in-force", ['revision' => 1, 'why' => '']), 422, 'invalid', '/why');
        $row = $this->answer($this->lead(), 'POST', "/standards/{$draft->id}/in-force", ['revision' => 1, 'why' => 'Coats need it.']);

        self::assertSame(['in-force', 'Marsali Teague', 'Coats need it.'], [$row['state'], $row['in_force_by'], $row['in_force_why']]);
        self::assertSame(['2026.1' => VersionState::Retired, '2026.2' => VersionState::InForce], StandardVersion::query()->orderBy('label')->pluck('state', 'label')->all());
        self::assertSame('2026.1', $this->job()->standardVersion->label);
    }

    public function test_a_draft_is_discarded_and_jobs_are_not_booked_under_one(): void
    {
        $draft = $this->draft();
        $this->assertRefused($this->as($this->lead(), 'POST', '/jobs', ['name' => 'x', 'client' => 'y', 'force' => 'z', 'standard_version_id' => $draft->id]), 422, 'no-standard');
        $this->answer($this->lead(), 'DELETE', "/standards/{$draft->id}");

        self::assertNull(StandardVersion::query()->find($draft->id));
        self::assertSame(0, DB::table('standard_pieces')->where('standard_version_id', $draft->id)->count() + DB::table('tiers')->where('standard_version_id', $draft->id)->count());
    }

    public function test_another_studio_sees_nothing_of_a_draft(): void
    {
        $draft = $this->draft();
        foreach (['GET' => ['draft', 'difference', 'jobs', 'plates?surface=cloth'], 'POST' => ['undo', 'redo']] as $method => $paths) {
            foreach ($paths as $path) {
                $this->assertRefused($this->as($this->stranger(), $method, "/standards/{$draft->id}/{$path}"), 404, 'not-found');
            }
        }
    }

    /** @return array<string, StandardPiece> by id */
    private function tierPieces(StandardVersion $draft): array
    {
        $pieces = [];
        foreach (StandardPiece::query()->where('standard_version_id', $draft->id)->where('kind', PieceKind::Tier)->orderBy('position')->get() as $piece) {
            $pieces[$piece->key] = $piece;
        }

        return $pieces;
    }

    private function draft(): StandardVersion
    {
        $row = $this->answer($this->lead(), 'POST', '/standards', ['from' => $this->inForce()->id]);

        return StandardVersion::query()->whereKey($row['id'])->firstOrFail();
    }

    private function inForce(): StandardVersion
    {
        return StandardVersion::query()->where('state', 'in-force')->firstOrFail();
    }

    private function secondLead(): User
    {
        return User::query()->create(['studio_id' => $this->lead()->studio_id, 'name' => 'Second Lead', 'email' => 'second@kittiwake.example', 'role' => 'lead', 'password' => 'x'])->refresh();
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @return array<string, mixed>
     */
    private function cell(array $value, int $revision): array
    {
        return ['kind' => 'cell', 'id' => $value['tier'], 'surface' => $value['surface'], 'revision' => $revision, 'value' => $value];
    }

    /**
     * @param  list<array<string, mixed>>  $changes
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function change(StandardVersion $draft, array $changes): TestResponse
    {
        return $this->as($this->lead(), 'POST', "/standards/{$draft->id}/changes", ['changes' => $changes]);
    }

    /**
     * @param  list<array<string, mixed>>  $changes
     * @return array<array-key, mixed>
     */
    private function changed(StandardVersion $draft, array $changes): array
    {
        return $this->answer($this->lead(), 'POST', "/standards/{$draft->id}/changes", ['changes' => $changes]);
    }

    /** @return array<array-key, mixed> */
    private function document(StandardVersion $version): array
    {
        $document = json_decode((string) $this->as($this->lead(), 'GET', "/standards/{$version->id}/document")->getContent(), true);
        self::assertIsArray($document);

        return $document;
    }

    /**
     * @param  array<array-key, mixed>  $answer
     * @return list<array<array-key, mixed>>
     */
    private function rows(array $answer, string $path): array
    {
        $rows = Arr::get($answer, $path);
        self::assertIsArray($rows);

        return array_values(array_filter($rows, is_array(...)));
    }

    /**
     * @param  array<array-key, mixed>  $answer
     * @return array{state: string, uses: list<array<string, mixed>>}
     */
    private function sheetCell(array $answer, string $tier, string $surface): array
    {
        $cell = current(array_filter($this->rows($answer, 'sheet.cells'), static fn (array $one): bool => $one['tier'] === $tier && $one['surface'] === $surface));
        self::assertIsArray($cell);

        /** @var array{state: string, uses: list<array<string, mixed>>} */
        return $cell;
    }

    /**
     * @param  array<array-key, mixed>  $answer
     * @return list<string>
     */
    private function findings(array $answer): array
    {
        return array_map(static fn (array $one): string => implode(' ', array_filter([$one['code'], $one['tier'], $one['surface']], is_string(...))), $this->rows($answer, 'sheet.findings'));
    }
}
