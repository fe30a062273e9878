<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Schemes\SchemeAreaParts;
use App\Http\Schemes\SchemeAreaResource;
use App\Models\Scheme;
use App\Models\SchemeArea;

/**
 * A company, a figure type and an area that differ in single steps keep the rest.
 *
 * @phpstan-import-type SchemeArea_ from SchemeAreaParts
 * @phpstan-import-type SchemeAreaPreview from SchemeAreaResource
 */
final class DifferingSchemesTest extends SchemeTestCase
{
    private const HELMET = [['base', 'Harbour Slate', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Gull White', 0.1]];

    public function test_a_company_with_another_last_light_gets_the_new_base(): void
    {
        $common = $this->helmet();
        $company = $this->company();
        $seen = $this->write($company, self::draft('helmet', [['base', 'Harbour Slate', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Limpet', 0.1]]));
        self::assertSame([false, false, true], array_column($seen['rungs'], 'differs'));
        self::assertSame('Gull White', $seen['rungs'][2]['stood']['mix'] ?? '');
        self::assertSame(['of' => $this->scheme()->name, 'left_out' => []], $seen['lies_over']);

        $this->write($this->scheme(), self::draft('helmet', [['base', 'Rust Buoy', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Gull White', 0.1]]), $common);

        $then = $this->area($this->scheming('GET', "/schemes/{$company->id}?type=lamplighter"), 'helmet');
        self::assertSame(['Rust Buoy', 'Weir Blue', 'Limpet'], array_column($then['rungs'], 'mix'));
        self::assertGreaterThan($seen['version'], $then['version'], 'whoever has it open hears of it');
    }

    public function test_what_is_left_out_is_told_and_stays_out(): void
    {
        $common = $this->helmet();
        $company = $this->company();
        $seen = $this->write($company, self::draft('helmet', [['base', 'Harbour Slate', 1.0], ['light', 'Gull White', 0.1]]));
        self::assertSame([[1, 'Weir Blue']], array_map(static fn (array $left): array => [$left['at'], $left['rung']['mix']], $seen['lies_over']['left_out'] ?? []));

        $this->write($this->scheme(), self::draft('helmet', [['base', 'Rust Buoy', 1.0], ['light', 'Cold Spray', 0.4], ['light', 'Gull White', 0.1]]), $common);
        self::assertSame(['Rust Buoy', 'Gull White'], array_column($this->area($this->scheming('GET', "/schemes/{$company->id}?type=lamplighter"), 'helmet')['rungs'], 'mix'));
    }

    public function test_a_type_and_a_company_differ_together(): void
    {
        $this->common('boots');
        $this->write($this->scheme(), ['figure_type' => 'harbour-master', 'type' => 'harbour-master'] + self::draft('boots', [['base', 'Rust Buoy', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Gull White', 0.1]]), $this->area($this->show('harbour-master'), 'boots'));
        $company = $this->company();
        $own = $this->write($company, self::draft('boots', [['base', 'Harbour Slate', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Limpet', 0.1]]));
        $mixes = fn (string $type): array => array_column($this->area($this->scheming('GET', "/schemes/{$company->id}?type={$type}"), 'boots')['rungs'], 'mix');
        self::assertSame(['Rust Buoy', 'Weir Blue', 'Limpet'], $mixes('harbour-master'));

        // Changed while the type shows through, the base of the type does not become everybody's.
        $this->write($company, ['type' => 'harbour-master'] + self::draft('boots', [['base', 'Rust Buoy', 1.0], ['light', 'Kelp Bed', 0.4], ['light', 'Limpet', 0.1]]), $own);
        self::assertSame([['Harbour Slate', 'Kelp Bed', 'Limpet'], ['Rust Buoy', 'Kelp Bed', 'Limpet']], [$mixes('lamplighter'), $mixes('harbour-master')]);
    }

    public function test_an_area_is_the_same_as_another_but_for_what_it_says_itself(): void
    {
        $helmet = $this->helmet();
        $badge = $this->write($this->scheme(), ['same_as' => 'helmet'] + self::draft('guard badge', [['base', 'Harbour Slate', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Limpet', 0.1]]));
        self::assertSame(['helmet', 'helmet'], [$badge['same_as'], $badge['lies_over']['of'] ?? '']);

        $helmet = $this->write($this->scheme(), self::draft('helmet', [['base', 'Rust Buoy', 1.0], ['light', 'Weir Blue', 0.4], ['light', 'Gull White', 0.1]]), $helmet);
        self::assertSame(['Rust Buoy', 'Weir Blue', 'Limpet'], array_column($this->area($this->show('lamplighter'), 'guard badge')['rungs'], 'mix'));

        $refused = fn (array $body, string $code) => $this->assertRefused($this->as($this->lead(), 'PUT', "/scheme-areas/{$helmet['id']}", $body + ['version' => $helmet['version']] + self::draft('helmet', self::HELMET)), 422, $code, '/same_as');
        $refused(['same_as' => 'guard badge'], 'same-as-itself');
        $refused(['same_as' => 'helmet'], 'same-as-itself');
        $refused(['same_as' => 'no such thing'], 'no-ladder');
    }

    public function test_what_an_area_was_the_same_as_may_go(): void
    {
        $helmet = $this->helmet();
        $badge = $this->write($this->scheme(), ['same_as' => 'helmet'] + self::draft('guard badge', self::HELMET));
        $this->as($this->lead(), 'DELETE', "/scheme-areas/{$helmet['id']}", ['version' => $helmet['version']])->assertOk();

        $kept = $this->write($this->scheme(), ['same_as' => 'helmet', 'note' => 'as it was'] + self::draft('guard badge', self::HELMET), $badge);
        self::assertSame(['helmet', null, 3], [$kept['same_as'], $kept['lies_over'], count($kept['rungs'])]);
    }

    public function test_a_preview_shows_what_would_differ(): void
    {
        $this->helmet();
        /** @var SchemeAreaPreview $preview */
        $preview = $this->answer($this->lead(), 'POST', "/schemes/{$this->company()->id}/area-previews", self::draft('helmet', [['base', 'Harbour Slate', 1.0], ['light', 'Limpet', 0.4]]) + ['type' => 'lamplighter']);

        self::assertSame([false, true], array_column($preview['area']['rungs'], 'differs'));
        self::assertCount(1, $preview['area']['lies_over']['left_out'] ?? []);
    }

    private function company(): Scheme
    {
        $this->answer($this->lead(), 'POST', '/schemes', ['force' => 'Harbour guard', 'name' => 'Third company']);

        return Scheme::query()->where('name', 'Third company')->firstOrFail();
    }

    /** @return SchemeArea_ the common helmet, in three steps */
    private function helmet(): array
    {
        return $this->common('helmet');
    }

    /** @return SchemeArea_ */
    private function common(string $area): array
    {
        return $this->write($this->scheme(), self::draft($area, self::HELMET), $this->area($this->show('lamplighter'), $area));
    }

    /**
     * @param  array<array-key, mixed>  $draft
     * @param  SchemeArea_|null  $on what stands there; null: nothing yet
     * @return SchemeArea_ as it is then
     */
    private function write(Scheme $scheme, array $draft, ?array $on = null): array
    {
        $draft += ['type' => 'lamplighter'];

        return $this->area(
            $on === null
                ? $this->scheming('POST', "/schemes/{$scheme->id}/areas", $draft)
                : $this->scheming('PUT', "/scheme-areas/{$on['id']}", ['version' => $on['version']] + $draft),
            is_string($draft['area']) ? $draft['area'] : '',
        );
    }
}
