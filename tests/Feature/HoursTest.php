<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Standards\StandardLibrary;
use App\Http\Standards\HoursResource;
use App\Models\FigureType;
use App\Models\StandardPiece;
use App\Models\StandardVersion;
use Document\Standard\PieceKind;

/**
 * Minutes of a tier from what a whole figure takes.
 *
 * @phpstan-import-type Hours_ from HoursResource
 */
final class HoursTest extends TestCase
{
    public function test_four_hours_are_spread_and_taken(): void
    {
        $draft = $this->draft();
        $type = FigureType::query()->whereNull('job_id')->where('key', 'heron-rider')->firstOrFail();
        $spread = $this->spread($draft, ['tier' => 'guard', 'minutes' => 240, 'figure_type' => $type->id]);

        self::assertEqualsWithDelta(240, $spread['after'], 5, 'handy numbers lie a little beside it');
        $ratios = array_map(static fn (array $use): float => $use['after'] / $use['before'], array_filter($spread['uses'], static fn (array $use): bool => $use['before'] > 3));
        self::assertNotEmpty($ratios);
        self::assertEqualsWithDelta(240 / $spread['before'], array_sum($ratios) / count($ratios), 0.15);

        $this->answer($this->lead(), 'POST', "/standards/{$draft->id}/changes", ['changes' => array_map(fn (array $cell): array => $this->changed($draft, $cell), $spread['cells'])]);
        $this->app->make(StandardLibrary::class)->forgetVersion($draft->id);
        self::assertEqualsWithDelta($spread['after'], $this->spread($draft, ['tier' => 'guard', 'minutes' => 60, 'figure_type' => $type->id])['before'], 1e-6, 'what was shown is what there is');
    }

    public function test_of_the_reference_figure_where_no_figure_is_named(): void
    {
        $spread = $this->spread($this->draft(), ['tier' => 'muster', 'minutes' => 45]);

        self::assertEqualsWithDelta(45, $spread['after'], 2);
        self::assertFalse($spread['guess']);
    }

    public function test_what_cannot_be_spread_is_told_at_its_place(): void
    {
        $draft = $this->draft();
        $refused = fn (array $body, string $code, string $path) => $this->assertRefused($this->as($this->lead(), 'POST', "/standards/{$draft->id}/hours", $body), 422, $code, $path);

        $refused(['tier' => 'gold', 'minutes' => 60], 'unknown-tier', '/tier');
        $refused(['tier' => 'guard', 'minutes' => 0], 'invalid', '/minutes');
        $refused(['tier' => 'cabinet', 'minutes' => 'a day'], 'invalid', '/minutes');
        $this->as($this->lead(), 'POST', "/standards/{$draft->id}/hours", ['tier' => 'guard', 'minutes' => 60, 'figure_type' => 9999])->assertNotFound();
    }

    private function draft(): StandardVersion
    {
        $from = StandardVersion::query()->where('state', 'in-force')->firstOrFail();

        return StandardVersion::query()->whereKey($this->answer($this->lead(), 'POST', '/standards', ['from' => $from->id])['id'])->firstOrFail();
    }

    /**
     * @param  array<string, mixed>  $body
     * @return Hours_
     */
    private function spread(StandardVersion $draft, array $body): array
    {
        /** @var Hours_ */
        return $this->answer($this->lead(), 'POST', "/standards/{$draft->id}/hours", $body);
    }

    /**
     * @param  array{surface: string, uses: list<array<string, mixed>>}  $cell
     * @return array<string, mixed>
     */
    private function changed(StandardVersion $draft, array $cell): array
    {
        $piece = StandardPiece::query()->where('standard_version_id', $draft->id)->where('kind', PieceKind::Cell)->where('key', 'guard')->where('surface', $cell['surface'])->firstOrFail();

        return ['kind' => 'cell', 'id' => 'guard', 'surface' => $cell['surface'], 'revision' => 1, 'value' => ['uses' => $cell['uses']] + $piece->value];
    }
}
