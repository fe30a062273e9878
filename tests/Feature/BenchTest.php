<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Actions\Bench\PaintNeeds;
use App\Actions\Composing\JobFigures;
use App\Actions\Schemes\SchemeBook;
use App\Export\QrCode;
use App\Http\Bench\AtHandResource;
use App\Http\Bench\BenchResource;
use App\Http\Bench\BenchSheetResource;
use App\Http\Bench\SheetSpray;
use App\Http\Paints\PaintNeedsResource;
use App\Models\BenchMark;
use App\Models\Figure;
use App\Models\Paint;
use App\Models\Scheme;
use App\Models\User;
use Core\Composition\ComposedUse;
use Core\Plan\FigureState;
use Document\Standard\PieceKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;

/**
 * Sheets at the bench, marks on them, and what is mixed.
 *
 * @phpstan-import-type BenchSheet_ from BenchSheetResource
 * @phpstan-import-type BenchStep from BenchSheetResource
 * @phpstan-import-type BenchRow from BenchResource
 * @phpstan-import-type SprayedField from SheetSpray
 * @phpstan-import-type AtHand_ from AtHandResource
 * @phpstan-import-type PaintNeeds_ from PaintNeedsResource
 */
final class BenchTest extends TestCase
{
    public function test_there_is_one_sheet_for_figures_of_a_unit_that_have_most_in_common(): void
    {
        /** @var list<BenchRow> $sheets */
        $sheets = $this->benchOf($this->lead());

        // Seven units. Leaders two tiers up, of both Lamplighters, have little in common with their men and sheets of their own;
        // those of the watch and of the divers share theirs.
        self::assertCount(9, $sheets);
        self::assertEqualsWithDelta($this->sheetOf($this->figure('1st Lamplighters', 9), $this->lead())['minutes'], $sheets[0]['minutes'], 1e-6, 'in the list as on the sheet');
        self::assertSame(['Muster', 'Guard', 'Muster', 'Guard', 'Muster, Watch', 'Guard, Banner'], array_column(array_slice($sheets, 0, 6), 'tier'));
    }

    /** What lists are made of is kept by what it follows from: whatever of that changes, they say what the sheets say. */
    #[TestWith(['nothing', false])]
    #[TestWith(['a mark', true])]
    #[TestWith(['a mix of the job that takes more coats', true])]
    #[TestWith(['paints that take more coats', true])]
    #[TestWith(['a school', true])]
    #[TestWith(['a use left out', true])]
    #[TestWith(['how much sheets share', true])]
    #[TestWith(['a figure of a tier of its own', true])]
    public function test_the_list_says_of_each_sheet_what_the_sheet_says(string $changed, bool $isSeen): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        [$job, $unit] = [$this->job(), $this->unit('1st Lamplighters')];
        $mix = ['figure_type_id' => $unit->figure_type_id, 'scheme_id' => null, 'area' => 'boots', 'use' => 'base', 'step' => 1, 'mix' => 'Thin Ice', 'version' => null];
        Paint::query()->orderBy('id')->firstOrFail()->update(['name' => 'Thin Ice', 'coats_dark' => 6, 'coats_middle' => 6, 'coats_light' => 6]);
        $this->newRequest();
        $before = $this->benchOf($this->lead());
        match ($changed) {
            'a mark' => $this->answer($this->isla(), 'POST', '/bench-marks', ['area' => 'face', 'use' => 'base', 'reason' => null, 'state' => 'done', 'figures' => $this->seen([$figure->id], 'face', 'base')]),
            'a mix of the job that takes more coats' => $this->answer($this->lead(), 'PUT', "/jobs/{$job->id}/mixes", $mix),
            'paints that take more coats' => Paint::query()->update(['coats_dark' => 6, 'coats_middle' => 6, 'coats_light' => 6]),
            'a school' => $this->answer($this->lead(), 'PUT', "/jobs/{$job->id}/schools", ['version' => $job->version, 'question' => 'metals', 'choice' => 'last']),
            'a use left out' => $this->answer($this->lead(), 'POST', "/units/{$unit->id}/waivers", ['version' => $unit->version, 'figures' => null, 'area' => 'oilskin coat', 'use' => 'wash', 'reason' => 'kept clean', 'agreed_with' => 'the client']),
            'how much sheets share' => $this->answer($this->lead(), 'PUT', '/scheme-rules', ['sheet_share' => 1.0] + array_column($this->answer($this->lead(), 'GET', '/scheme-rules'), 'number', 'name')),
            'a figure of a tier of its own' => DB::table('figures')->where('unit_id', $unit->id)->where('number', 5)->update(['tier_id' => DB::table('figures')->where('unit_id', $unit->id)->where('number', 1)->value('tier_id')]),
            default => null,
        };
        $this->newRequest();
        /** @var list<BenchRow> $rows */
        $rows = $this->benchOf($this->lead());

        self::assertSame($isSeen, $rows !== $before);
        foreach ($rows as $row) {
            $this->newRequest();
            /** @var BenchSheet_ $sheet */
            $sheet = $this->answer($this->lead(), 'GET', "/jobs/{$row['job_id']}/bench-sheets/{$row['key']}");
            self::assertSame([$row['figures'], $row['steps']], [count($sheet['figures']), $sheet['length']], $row['unit']);
            self::assertEqualsWithDelta($row['minutes'], $sheet['minutes'], 1e-6, $row['unit']);
            $left = 0;
            foreach ($sheet['figures'] as $one) {
                $numbers = array_map(static fn (array $step): int => $step['number'], array_filter($sheet['steps'], static fn (array $step): bool => in_array($one['id'], $step['figures'], true)
                    && ! in_array($one['id'], array_column($step['marks'], 'figure_id'), true)));
                $left += count(array_unique($numbers));
            }
            self::assertSame($row['left'], $left, $row['unit']);
        }
    }

    public function test_the_list_says_who_has_each_sheet(): void
    {
        $this->figure('1st Lamplighters', 9)->update(['painter_id' => $this->jory()->id]);
        $sheets = $this->benchOf($this->lead());
        $painters = array_column($sheets, 'painters');

        self::assertEqualsCanonicalizing(['Isla Coade', 'Jory Vean'], $painters[0]);
        self::assertSame(['Isla Coade'], $painters[1]);
        self::assertContains([], $painters, 'nobody has the sea troll');
    }

    public function test_a_painter_sees_the_sheets_of_own_figures(): void
    {
        $units = array_column($this->benchOf($this->jory()), 'unit');

        self::assertSame(['Tide divers', 'Heron riders'], $units);
    }

    public function test_steps_have_paints_minutes_drying_caution_and_why(): void
    {
        $steps = $this->steps($this->figure('1st Lamplighters', 9), $this->isla());
        $base = $this->step($steps, 'oilskin coat', 'base');

        self::assertSame(['Base coat', '2 coats', false], [$base['title'], $base['degree'], $base['tidy']]);
        self::assertSame('Oilskin Ochre', $base['mixes'][0]['text']);
        self::assertSame('#b98a2e', $base['mixes'][0]['parts'][0]['hex']);
        self::assertNotEmpty($base['why']);
        self::assertStringContainsString('respirator', (string) $this->step($steps, 'figure', 'prime-grey')['caution']);
        self::assertSame(10.0, (float) $base['dry']);
    }

    public function test_a_step_says_where_it_goes_by_the_names_of_tier_and_figure(): void
    {
        $steps = $this->steps($this->figure('Quay watch', 1), $this->lead());
        $light = $this->step($steps, 'face', 'first-light');
        self::assertSame(['brow', 'nose', 'cheeks', 'chin'], $light['where']);
        self::assertSame('brow, nose, cheeks, chin', $light['degree']);
        self::assertSame([], array_filter($light['why'], static fn (array $why): bool => $why['reason'] === 'place'));
        self::assertSame([[], ['eye']], [$this->step($steps, 'face', 'base')['where'], $this->step($this->steps($this->figure('Harbour master', 1), $this->lead()), 'face', 'eye')['where']]);

        DB::table('figure_areas')->where('key', 'face')->update(['places' => '["Brow", "cheek"]']);
        $light = $this->step($this->steps($this->figure('Quay watch', 1), $this->lead()), 'face', 'first-light');
        self::assertSame(['Brow', 'cheek'], $light['where']);
        self::assertSame(['The tier names nose, chin as well; the figure type names no such place on its face.'], array_column(array_filter($light['why'], static fn (array $why): bool => $why['reason'] === 'place'), 'sentence'));
    }

    public function test_at_hand_is_how_it_must_look_and_what_mends_a_slip(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $washed = $this->atHand($figure, 'trousers', 'wash');
        self::assertSame(['Kelp Bed'], array_column(array_filter($washed['ready'], static fn (array $one): bool => $one['below']), 'text'));
        self::assertNotSame([], array_filter($washed['ready'], static fn (array $one): bool => ! $one['below']), 'neighbours that have their colour');
        self::assertNotNull($washed['after']);
        self::assertNotNull($washed['finished']);
        $based = $this->atHand($figure, 'trousers', 'base');
        self::assertNotEquals($based['after'], $washed['after']);
        self::assertEquals($based['finished'], $washed['finished']);
    }

    public function test_at_hand_is_the_picture_that_governs_and_where_the_light_comes_from(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $common = Scheme::query()->where('force_id', $figure->unit->job->force_id)->sole();
        $own = $common->replicate(['one_common'])->fill(['name' => 'Second watch', 'common_id' => $common->id, 'light_from' => '']);
        $own->save();
        $figure->unit->update(['scheme_id' => $own->id]);
        $shown = function (Scheme $scheme, string $member, string $said) use ($figure): ?array {
            $scheme->update([$member => $said]);
            $this->app->make(SchemeBook::class)->forget();

            return $this->atHand($figure, 'trousers', 'base')['scheme'];
        };

        self::assertNull($shown($common, 'light_from', ''));
        self::assertSame(['id' => $own->id, 'picture' => null, 'light_from' => 'low and left'], $shown($common, 'light_from', 'low and left'));
        self::assertSame(['id' => $common->id, 'picture' => 'quay.jpg', 'light_from' => 'low and left'], $shown($common, 'picture', 'quay.jpg'));
        self::assertNull($this->atHand($figure, 'figure', 'clean')['scheme'], 'nothing is painted');
        self::assertSame(['id' => $own->id, 'picture' => 'night.jpg', 'light_from' => 'low and left'], $shown($own, 'picture', 'night.jpg'), 'what a scheme says itself holds');
    }

    public function test_paper_leads_back_to_the_sheets_of_its_unit_by_a_code(): void
    {
        $unit = $this->figure('1st Lamplighters', 9)->unit;
        $code = $this->as($this->isla(), 'GET', "/units/{$unit->id}/code");

        $code->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
        self::assertSame(QrCode::svg(url('/bench')."?unit={$unit->id}"), $code->getContent());
        self::assertContains($unit->id, array_column($this->benchOf($this->isla()), 'unit_id'));
    }

    public function test_at_hand_names_what_is_not_asked_for_there_and_what_runs_out(): void
    {
        Paint::query()->where('name', 'Oilskin Ochre')->update(['stock_ml' => 0.01]);
        $figure = $this->figure('1st Lamplighters', 9);
        self::assertSame(['Oilskin Ochre'], array_column($this->atHand($figure, 'oilskin coat', 'base')['short'], 'paint'));
        self::assertSame([], $this->atHand($figure, 'trousers', 'base')['short'], 'there is enough of it');
        self::assertSame(['eye'], $this->atHand($figure, 'face', 'base')['not_asked'], 'at Muster eyes stay as they are');
        $sheet = $this->sheetOf($figure, $this->isla());
        $this->assertRefused($this->as($this->isla(), 'GET', "/jobs/{$figure->unit->job_id}/bench-sheets/{$sheet['key']}/at-hand?line=4999"), 422, 'unknown-step', '/line');
        $this->assertRefused($this->as($this->isla(), 'GET', "/jobs/{$figure->unit->job_id}/bench-sheets/{$sheet['key']}/at-hand?line=x"), 422, 'invalid', '/line');
    }

    public function test_every_step_of_two_has_a_mix_of_its_own(): void
    {
        $layer = $this->step($this->steps($this->figure('1st Lamplighters', 1), $this->isla()), 'oilskin coat', 'layer');

        self::assertSame(['Lantern Yellow', 'Lantern Yellow 1 + Gull White 1'], array_column($layer['mixes'], 'text'));
    }

    public function test_a_rider_is_joined_to_the_mount_once_both_are_painted_and_a_figure_of_one_part_to_nothing(): void
    {
        $rider = $this->figure('Heron riders', 2);
        $sheet = $this->sheetOf($rider, $this->isla());
        $join = array_column($sheet['joins'], null, 'part')['rider'];
        $own = array_filter($sheet['steps'], static fn (array $step): bool => in_array($step['part'], ['rider', 'heron'], true) && $step['area'] !== 'figure');

        self::assertSame(['heron', [['area' => 'riding cloak', 'other' => 'heron feathers'], ['area' => 'saddle and tack', 'other' => 'heron feathers']]], [$join['to'], $join['contacts']]);
        self::assertSame(max(0, ...array_column($own, 'number')), $join['number']);
        self::assertContains($rider->id, $join['figures']);
        self::assertSame([], $this->sheetOf($this->figure('1st Lamplighters', 1), $this->isla())['joins']);
    }

    public function test_one_wash_on_two_areas_is_one_step_with_two_places(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $sheet = $this->sheetOf($figure, $this->isla());
        $face = $this->step($sheet['steps'], 'face', 'wash');
        $hands = $this->step($sheet['steps'], 'hands', 'wash');
        $go = array_column($sheet['goes'], null, 'number')[$face['number']];

        self::assertSame($face['number'], $hands['number']);
        self::assertSame($sheet['length'], max(0, ...array_column($sheet['steps'], 'number')));
        self::assertSame(['face', 'hands'], $go['areas']);
        self::assertEqualsWithDelta($face['minutes'] + $hands['minutes'], $go['minutes'], 1e-9);
        // Five drops of each for both, where each by itself would be rounded up.
        self::assertSame($face['mixes'][0]['text'], $hands['mixes'][0]['text']);
        self::assertEqualsWithDelta(($face['mixes'][0]['batch']['ml'] ?? 0) + ($hands['mixes'][0]['batch']['ml'] ?? 0), $go['batches'][0]['batch']['ml'], 0.011);
        self::assertContains('One paint, laid the same way on face, hands: in one go, in which none soils another.', array_column($face['why'], 'sentence'));

        $left = fn (): int => array_column($this->sheetOf($figure, $this->isla())['figures'], 'left', 'id')[$figure->id] ?? 0;
        $before = $left();
        $mark = ['use' => 'wash', 'reason' => null, 'state' => 'done'];
        $this->answer($this->isla(), 'POST', '/bench-marks', $mark + ['area' => 'face', 'figures' => $this->seen([$figure->id], 'face', 'wash')]);
        self::assertSame($before, $left(), 'done at one of its places it is not done');
        $this->answer($this->isla(), 'POST', '/bench-marks', $mark + ['area' => 'hands', 'figures' => $this->seen([$figure->id], 'hands', 'wash')]);
        self::assertSame($before - 1, $left());
    }

    public function test_what_was_just_laid_is_wet_until_it_is_dry(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $wet = fn (string $area, string $use): array => $this->step($this->steps($figure, $this->isla()), $area, $use)['wet'];
        self::assertSame([], $wet('face', 'wash'));
        $this->freezeTime(function (Carbon $now) use ($figure, $wet): void {
            $this->answer($this->isla(), 'POST', '/bench-marks', ['area' => 'face', 'use' => 'base', 'reason' => null, 'state' => 'done', 'figures' => $this->seen([$figure->id], 'face', 'base')]);

            // A base coat dries in ten minutes.
            self::assertSame([['figure_id' => $figure->id, 'minutes' => 10, 'until' => $now->copy()->addMinutes(10)->startOfSecond()->toAtomString(), 'by' => 'Base coat, face']], $wet('face', 'wash'));
            self::assertSame([], $wet('hands', 'wash'));
            self::assertSame([$figure->id], array_column($wet('figure', 'matt'), 'figure_id'), 'varnish lies on the face too');
        });
        $this->travel(11)->minutes();
        self::assertSame([], $wet('figure', 'matt'));
    }

    public function test_another_mix_on_one_of_them_parts_them(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->answer($this->lead(), 'PUT', "/jobs/{$this->job()->id}/mixes", ['figure_type_id' => $this->unit('1st Lamplighters')->figure_type_id, 'scheme_id' => null, 'area' => 'hands', 'use' => 'wash', 'step' => 1, 'mix' => 'Bilge wash', 'version' => null]);
        $steps = $this->sheetOf($figure, $this->isla())['steps'];

        self::assertNotSame($this->step($steps, 'face', 'wash')['number'], $this->step($steps, 'hands', 'wash')['number']);
    }

    public function test_a_mark_is_set_for_one_or_all_and_taken_back(): void
    {
        $figures = array_map(fn (int $number): int => $this->figure('1st Lamplighters', $number)->id, [9, 10]);
        $mark = ['area' => 'figure', 'use' => 'clean', 'reason' => null];
        $this->answer($this->isla(), 'POST', '/bench-marks', ['figures' => $this->seen($figures, 'figure', 'clean'), 'state' => 'done'] + $mark);
        self::assertSame(2, BenchMark::query()->whereIn('figure_id', $figures)->count());
        self::assertSame(FigureState::Painting, $this->figure('1st Lamplighters', 9)->state);

        $this->answer($this->isla(), 'POST', '/bench-marks', ['figures' => $this->seen([$figures[0]], 'figure', 'clean'), 'state' => 'taken-back'] + $mark);
        self::assertSame([null, true], array_map(fn (array $one): ?bool => $one['seen'] === null ? null : true, $this->seen($figures, 'figure', 'clean')));
        self::assertSame(3, BenchMark::query()->whereIn('figure_id', $figures)->count(), 'what was said before stays as history');
    }

    public function test_an_excuse_needs_a_reason(): void
    {
        $excuse = ['figures' => $this->seen([$this->figure('1st Lamplighters', 9)->id], 'figure', 'clean'), 'area' => 'figure', 'use' => 'clean', 'state' => 'unreachable'];

        $this->assertRefused($this->as($this->isla(), 'POST', '/bench-marks', $excuse + ['reason' => '']), 422, 'no-reason', '/reason');
        $this->answer($this->isla(), 'POST', '/bench-marks', $excuse + ['reason' => 'under the lamp']);
        self::assertSame('under the lamp', BenchMark::query()->where('state', 'unreachable')->firstOrFail()->reason);
    }

    public function test_paints_to_fetch_are_those_of_what_is_open_in_the_order_in_which_they_are_wanted(): void
    {
        $figure = $this->figure('2nd Lamplighters', 2);
        $before = $this->sheetOf($figure, $this->isla())['fetch'];
        $needs = PaintNeeds::ofOpenLines($this->app->make(BenchSheets::class)->ofFigure($figure));

        self::assertSame('Quay Fog primer', $before[0]['name'], 'the primer comes first');
        self::assertEqualsWithDelta($needs, array_column($before, 'ml', 'name'), 1e-9);
        $this->answer($this->isla(), 'POST', '/bench-marks', ['figures' => [['id' => $figure->id, 'seen' => null]], 'area' => 'figure', 'use' => 'prime-grey', 'state' => 'done', 'reason' => null]);
        $after = array_column($this->sheetOf($figure, $this->isla())['fetch'], 'ml', 'name');
        self::assertEqualsWithDelta($needs['Quay Fog primer'] * 10 / 11, $after['Quay Fog primer'], 1e-9, 'one of eleven has it');
    }

    public function test_a_sheet_says_what_it_takes_by_hand_and_with_drying(): void
    {
        $sheet = $this->sheetOf($this->figure('1st Lamplighters', 9), $this->isla());
        $times = $sheet['times'];
        $along = array_column($times['paths'], null, 'path');

        self::assertEqualsWithDelta(count($sheet['figures']) * $sheet['minutes'], $times['by_hand'], 1e-6);
        foreach ($times['paths'] as $path) {
            self::assertEqualsWithDelta($times['by_hand'] + $path['waiting'], $path['elapsed'], 1e-6);
        }
        self::assertLessThan($along['figure-by-figure']['changes'], $along['step-by-step']['changes']);
    }

    public function test_a_sheet_says_what_is_quicker_sprayed_for_its_batch(): void
    {
        self::assertSame([], $this->sprayed(), 'the coat comes after skin and trousers: four masks a figure cost more than the brush');

        $this->layInBy('spray');
        [$coat] = $this->sprayed();
        self::assertSame([['oilskin coat'], 'Oilskin Ochre', 11, false, null], [$coat['areas'], $coat['paint'], $coat['figures'], $coat['pays'], $coat['from']]);
        self::assertSame(['face', 'hands', 'trousers', 'guard badge'], $coat['masked']);
        self::assertEqualsWithDelta(20 + 0.25 * $coat['by_brush'] + 11 * 4 * 4, $coat['by_spray'], 1e-6);

        $this->answer($this->lead(), 'PUT', '/scheme-rules', ['spray_mask' => 0, 'spray_setup' => 1, 'spray_clean' => 2] + array_column($this->answer($this->lead(), 'GET', '/scheme-rules'), 'number', 'name'));
        self::assertSame([true, 3], [$this->sprayed()[0]['pays'], $this->sprayed()[0]['from']]);

        $this->layInBy('brush');
        self::assertSame([], $this->sprayed(), 'who lays in by brush is not asked');
    }

    private function layInBy(string $school): void
    {
        $this->rewrite(PieceKind::Head, static fn (array $head): array => ['schools' => ['lay-in' => $school] + (array) ($head['schools'] ?? [])] + $head);
    }

    /**
     * @phpstan-impure
     *
     * @return list<SprayedField>
     */
    private function sprayed(): array
    {
        return $this->sheetOf($this->figure('1st Lamplighters', 9), $this->isla())['spray']['fields'];
    }

    public function test_what_is_laid_into_wet_paint_does_not_wait_for_it(): void
    {
        $this->rewrite(PieceKind::Technique, static fn (array $technique): array => ($technique['id'] === 'wash' ? ['wet_into' => ['base']] : []) + $technique);
        $steps = $this->steps($this->figure('1st Lamplighters', 9), $this->isla());
        $base = $this->step($steps, 'oilskin coat', 'base');
        $wash = $this->step($steps, 'oilskin coat', 'wash');

        self::assertSame([10, 1, '', 'All-over wash'], [$base['dry'], $base['dry_times'], $base['wet_into'], $base['wet_then']], 'of its two coats the last is not waited for');
        self::assertSame(['Base coat', ''], [$wash['wet_into'], $wash['wet_then']]);
        self::assertSame($base['number'] + 1, $wash['number']);
        self::assertStringContainsString('while that is wet', $wash['why'][0]['sentence']);
        self::assertStringNotContainsString('to dry', implode(' ', array_column($wash['why'], 'sentence')));
    }

    public function test_what_is_asked_only_if_may_turn_out_not_to_be_needed(): void
    {
        $this->rewrite(PieceKind::Cell, static fn (array $cell): array => ['uses' => array_map(
            static fn (mixed $use): mixed => is_array($use) && ($use['technique'] ?? '') === 'clean' ? ['only_if' => 'a line shows', 'material' => 'blade', 'material_pieces' => 2] + $use : $use,
            (array) $cell['uses'],
        )] + $cell);
        $figure = $this->figure('1st Lamplighters', 9);
        $clean = $this->step($this->steps($figure, $this->isla()), 'figure', 'clean');
        self::assertSame(['a line shows', ['name' => 'blade', 'pieces' => 2]], [$clean['only_if'], $clean['material']]);
        $say = fn (string $use): array => ['figures' => $this->seen([$figure->id], 'figure', $use), 'area' => 'figure', 'use' => $use, 'state' => 'not-needed', 'reason' => null];

        $this->answer($this->isla(), 'POST', '/bench-marks', $say('clean'));
        $mark = BenchMark::query()->where('state', 'not-needed')->firstOrFail();
        self::assertSame(['asked only if a line shows', 'Isla Coade'], [$mark->reason, $mark->user->name]);
        $this->assertRefused($this->as($this->isla(), 'POST', '/bench-marks', $say('prime-grey')), 422, 'always-needed', '/state');

        /** @var PaintNeeds_ $needs */
        $needs = $this->answer($this->isla(), 'GET', '/paint-needs');
        $atBench = Figure::query()->whereIn('state', [FigureState::ToPaint, FigureState::Painting])->count();
        self::assertSame([['name' => 'blade', 'pieces' => 2 * $atBench]], array_values(array_filter($needs['materials'], static fn (array $one): bool => $one['name'] === 'blade')));
    }

    public function test_a_studio_with_a_hair_dryer_waits_less(): void
    {
        $numbers = array_column($this->answer($this->lead(), 'GET', '/scheme-rules'), 'number', 'name');
        $this->answer($this->lead(), 'PUT', '/scheme-rules', ['drying' => 0.3] + $numbers);
        $wash = $this->step($this->steps($this->figure('1st Lamplighters', 9), $this->isla()), 'oilskin coat', 'wash');

        self::assertSame(3.0, (float) $wash['dry'], 'ten minutes in the air');
        self::assertStringContainsString('0.3 of that', (string) json_encode($wash['why']));
    }

    public function test_more_coats_of_a_paint_take_more_minutes_and_drying(): void
    {
        $ochre = (array) array_column($this->answer($this->lead(), 'GET', '/paints'), null, 'name')['Oilskin Ochre'];
        $this->answer($this->lead(), 'PUT', '/paints/'.json_encode($ochre['id']), ['coats_middle' => 5, 'colour' => $ochre['hex']] + $ochre);
        $base = $this->step($this->steps($this->figure('1st Lamplighters', 9), $this->isla()), 'oilskin coat', 'base');
        $coats = $base['mixes'][0]['coats'];

        self::assertSame(5, $coats, 'ochre over the middle grey of the primer');
        self::assertSame(5, $base['dry_times']);
        self::assertContains('paint', array_column($base['why'], 'reason'));
        $composed = $this->app->make(JobFigures::class)->ofFigure($this->figure('1st Lamplighters', 9));
        $asked = array_values(array_filter($composed->composition->usesOn('oilskin coat'), static fn (ComposedUse $use): bool => $use->use->id === 'base'))[0];
        self::assertEqualsWithDelta($asked->minutes * 5 / 2, $base['minutes'], 1e-9, 'two coats were asked for');
    }

    public function test_who_does_not_paint_a_figure_does_not_mark_it(): void
    {
        $mark = ['figures' => $this->seen([$this->figure('1st Lamplighters', 9)->id], 'figure', 'clean'), 'area' => 'figure', 'use' => 'clean', 'state' => 'done'];

        $this->assertRefused($this->as($this->jory(), 'POST', '/bench-marks', $mark), 403, 'not-your-figure');
    }

    public function test_what_is_not_on_the_sheet_or_not_at_the_bench_is_not_marked(): void
    {
        $mark = ['area' => 'figure', 'use' => 'clean', 'state' => 'done'];

        $this->assertRefused($this->as($this->isla(), 'POST', '/bench-marks', ['figures' => $this->seen([$this->figure('1st Lamplighters', 9)->id], 'figure', 'freehand'), 'use' => 'freehand'] + $mark), 422, 'unknown-use', '/use');
        $this->assertRefused($this->as($this->isla(), 'POST', '/bench-marks', ['figures' => $this->seen([$this->figure('1st Lamplighters', 2)->id], 'figure', 'clean')] + $mark), 403, 'not-at-the-bench');
        $this->assertRefused($this->as($this->isla(), 'POST', '/bench-marks', ['figures' => $this->seen([$this->figure('1st Lamplighters', 9)->id, $this->figure('1st Lamplighters', 1)->id], 'figure', 'clean')] + $mark), 422, 'other-sheet', '/figures');
        $this->assertRefused($this->as($this->isla(), 'POST', '/bench-marks', ['figures' => []] + $mark), 422, 'invalid', '/figures');
    }

    public function test_a_figure_is_handed_over_when_every_step_is_marked_or_excused(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->assertRefused($this->as($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]), 403, 'steps-left');
        foreach ($this->steps($figure, $this->isla()) as $i => $step) {
            $this->answer($this->isla(), 'POST', '/bench-marks', ['figures' => $this->seen([$figure->id], $step['area'], $step['use']), 'area' => $step['area'], 'use' => $step['use'], 'state' => $i === 3 ? 'later' : 'done', 'reason' => 'when the badge is here']);
        }
        self::assertSame(['left' => 0, 'to_mend' => false, 'may_mark' => true, 'may_hand_over' => true], $this->standing($figure, $this->isla()));
        self::assertSame(['left' => 0, 'to_mend' => false, 'may_mark' => false, 'may_hand_over' => false], $this->standing($figure, $this->jory()), 'somebody else paints it');
        $this->as($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]])->assertOk();
        self::assertSame(FigureState::ToCheck, $figure->refresh()->state);
        self::assertSame(['left' => null, 'to_mend' => false, 'may_mark' => false, 'may_hand_over' => false], $this->standing($figure, $this->isla()));
        $this->assertRefused($this->as($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]), 403, 'handed-over');
    }

    public function test_marks_of_equal_degree_stand_after_a_change_of_tier_and_others_are_asked_again(): void
    {
        $figure = $this->figure('1st Lamplighters', 8);
        $marked = BenchMark::query()->where('figure_id', $figure->id)->count();
        $this->answer($this->lead(), 'PATCH', '/figures', ['figures' => [['id' => $figure->id, 'version' => $figure->version]], 'tier' => 'guard']);
        $steps = $this->steps($figure, $this->isla());

        // Cleaning and priming are the same at both tiers; the face has two coats at both; the hands get a second coat.
        self::assertNotEmpty($this->step($steps, 'figure', 'prime-grey')['marks']);
        self::assertNotEmpty($this->step($steps, 'face', 'base')['marks']);
        self::assertEmpty($this->step($steps, 'hands', 'base')['marks']);
        self::assertSame($marked, BenchMark::query()->where('figure_id', $figure->id)->count(), 'marks that do not stand stay as history');
    }

    public function test_a_mix_is_typed_or_picked_and_a_stale_one_is_refused(): void
    {
        $type = $this->unit('1st Lamplighters')->figure_type_id;
        $set = fn (string $mix, ?int $version) => $this->as($this->isla(), 'PUT', "/jobs/{$this->job()->id}/mixes", ['figure_type_id' => $type, 'area' => 'boots', 'use' => 'base', 'step' => 1, 'mix' => $mix, 'version' => $version]);

        $set('tarred rope 2 + Lamp Black', null)->assertOk();
        $mix = $this->step($this->steps($this->figure('1st Lamplighters', 9), $this->isla()), 'boots', 'base')['mixes'][0];
        self::assertSame(['Tarred Rope 2 + Lamp Black 1', 'job', 1], [$mix['text'], $mix['from'], $mix['version']]);

        $set('Gull White 1 + water 1', 1)->assertOk();
        $this->assertRefused($set('Gull White', 1), 409, 'stale');
        $this->assertRefused($set('Bluish 1 + Gull White 2', 2), 422, 'unknown-paint', '/mix');
        $this->assertRefused($set('Gull White 0', 2), 422, 'unreadable-mix', '/mix');
        $set('', 2)->assertOk();
        $mix = $this->step($this->steps($this->figure('1st Lamplighters', 9), $this->isla()), 'boots', 'base')['mixes'][0];
        self::assertSame(['Tarred Rope', 'scheme', null], [$mix['text'], $mix['from'], $mix['version']], 'without its own, the job takes that of the scheme');
    }

    public function test_who_paints_nothing_of_a_job_sets_no_mix_of_it(): void
    {
        $job = $this->answer($this->lead(), 'POST', '/jobs', ['name' => 'Other', 'client' => 'C', 'force' => 'F'])['id'];
        self::assertIsInt($job);

        $this->assertRefused($this->as($this->isla(), 'PUT', "/jobs/{$job}/mixes", ['figure_type_id' => null, 'area' => 'boots', 'use' => 'base', 'step' => 1, 'mix' => 'Gull White']), 403, 'not-your-job');
    }

    public function test_a_sheet_that_is_no_more_is_not_found(): void
    {
        $this->assertRefused($this->as($this->lead(), 'GET', "/jobs/{$this->job()->id}/bench-sheets/1-gone"), 404, 'not-found');
    }

    /** @return array<string, mixed> what its sheet says of a figure */
    private function standing(Figure $figure, User $user): array
    {
        $key = $this->app->make(BenchSheets::class)->ofFigure($figure)->key;
        /** @var array{figures: list<array{id: int, left: int|null, to_mend: bool, may_mark: bool, may_hand_over: bool}>} $sheet */
        $sheet = $this->answer($user, 'GET', "/jobs/{$this->job()->id}/bench-sheets/{$key}");
        $one = array_values(array_filter($sheet['figures'], static fn (array $one): bool => $one['id'] === $figure->id))[0];

        return ['left' => $one['left'], 'to_mend' => $one['to_mend'], 'may_mark' => $one['may_mark'], 'may_hand_over' => $one['may_hand_over']];
    }

    /** @return list<BenchStep> */
    private function steps(Figure $figure, User $user): array
    {
        return $this->sheetOf($figure, $user)['steps'];
    }

    /** @return AtHand_ */
    private function atHand(Figure $figure, string $area, string $use): array
    {
        $sheet = $this->sheetOf($figure, $this->isla());
        foreach ($sheet['steps'] as $line => $step) {
            if ([$step['area'], $step['use']] === [$area, $use]) {
                /** @var AtHand_ */
                return $this->answer($this->isla(), 'GET', "/jobs/{$figure->unit->job_id}/bench-sheets/{$sheet['key']}/at-hand?line={$line}");
            }
        }

        self::fail("There is no {$use} on {$area}.");
    }

    /**
     * @param  list<BenchStep>  $steps
     * @return BenchStep
     */
    private function step(array $steps, string $area, string $use): array
    {
        foreach ($steps as $step) {
            if ($step['area'] === $area && $step['use'] === $use) {
                return $step;
            }
        }
        self::fail("There is no step {$use} on {$area}.");
    }
}
