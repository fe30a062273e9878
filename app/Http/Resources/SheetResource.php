<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\StandardVersion;
use Core\Check\VisualAngle;
use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Lint\Finding;
use Core\Lint\FindingText;
use Core\Lint\Lint;
use Core\Lint\ReferenceWork;
use Core\Standard\Answering;
use Core\Standard\Criterion;
use Core\Standard\Requirement;
use Core\Standard\Rise;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use Core\Standard\Tier;
use Core\Standard\UseWords;
use Core\Why;

/**
 * The sheet of a standard: surfaces down, tiers across.
 *
 * @phpstan-import-type Why from WhyShape as WhyData
 * @phpstan-import-type Limits from WhyShape
 *
 * @phpstan-type SheetTier array{key: string, name: string, rank: int, by_agreement: bool, retired: bool, distance_mm: float, notice_arcmin: float, smallest_mm: float, smallest_why: WhyData, sides: list<string>, limits: Limits, colour_tolerance: float, look_minutes: float, budget_minutes: float, minutes: float, minutes_why: WhyData, compared_with: string|null}
 * @phpstan-type SheetUse array{id: string, name: string, group: string, choices: list<string>, degree: string, extent: string, coats: int, steps: int, minutes: float|null, each: float|null, feature: string|null, rise: 'new'|'more'|'instead'|'same', was: string}
 * @phpstan-type SheetCriterion array{id: string, text: string, severity: string, feature: string|null}
 * @phpstan-type SheetCell array{tier: string, surface: string, state: 'asked'|'not-asked'|'undecided', uses: list<SheetUse>, criteria: list<SheetCriterion>}
 * @phpstan-type SheetFinding array{code: string, tier: string, surface: string|null, use: string|null, message: string, why: WhyData}
 * @phpstan-type Sheet array{id: int, name: string, version: string, state: string, in_force_at: string|null, jobs: int, reference: string|null, tiers: list<SheetTier>, surfaces: list<array{key: string, name: string}>, cells: list<SheetCell>, findings: list<SheetFinding>}
 */
final readonly class SheetResource extends Resource
{
    public function __construct(
        private StandardVersion $version,
        private Standard $standard,
        private int $jobs,
    ) {
    }

    /** @return Sheet */
    public function toArray(): array
    {
        $work = new ReferenceWork($this->standard);
        $tiers = $cells = [];
        foreach ($this->standard->tiersByRank() as $tier) {
            $composition = $work->of($tier);
            $tiers[] = $this->tier($tier, $composition);
            foreach ($this->standard->surfaces as $surface) {
                $cells[] = $this->cell($tier, $surface->id, $composition);
            }
        }

        return [
            'id' => $this->version->id,
            'name' => $this->standard->name,
            'version' => $this->standard->version,
            'state' => $this->version->state,
            'in_force_at' => $this->version->in_force_at?->toIso8601ZuluString(),
            'jobs' => $this->jobs,
            'reference' => $this->standard->reference === null ? null : sprintf('%d areas, size %s', count($this->standard->reference->areas), $this->standard->reference->size),
            'tiers' => $tiers,
            'surfaces' => array_map(static fn ($surface): array => ['key' => $surface->id, 'name' => $surface->name], $this->standard->surfaces),
            'cells' => $cells,
            'findings' => $this->findings(),
        ];
    }

    /** @return SheetTier */
    private function tier(Tier $tier, Composition $composition): array
    {
        $judging = $tier->judging;
        $smallest = VisualAngle::arcmin($judging->noticeArcmin)->sizeAt($judging->distanceMm);

        return [
            'key' => $tier->id, 'name' => $tier->name, 'rank' => $tier->rank, 'by_agreement' => $tier->byAgreement, 'retired' => $tier->retired,
            'distance_mm' => $judging->distanceMm,
            'notice_arcmin' => $judging->noticeArcmin,
            'smallest_mm' => $smallest,
            'smallest_why' => (new Why(
                ['viewing distance' => "{$judging->distanceMm} mm", 'noticed from' => "{$judging->noticeArcmin} minutes of arc", 'smallest flaw that counts' => number_format($smallest, 2).' mm'],
                'Size is 2·distance·tan(angle / 2). What is smaller is noted and not counted.',
                'published: ISO 8596 for the angle that sight parts; the noticing angle is a studio setting',
            ))->toArray(),
            'sides' => array_column($judging->sides, 'value'),
            'limits' => ['critical' => $judging->limits->critical, 'major' => $judging->limits->major, 'minor' => $judging->limits->minor],
            'colour_tolerance' => $judging->colourTolerance,
            'look_minutes' => $tier->lookMinutes,
            'budget_minutes' => $tier->budgetMinutes,
            'minutes' => $composition->minutes,
            'minutes_why' => (new Why(
                ['uses on the reference figure' => (string) count($composition->uses), 'minutes' => number_format($composition->minutes, 1), 'budget' => (string) $tier->budgetMinutes],
                'For each use on each area of the reference figure: fixed + each × pieces + minutes × share × size; then the sum.',
                Why::STANDARD,
            ))->toArray(),
            'compared_with' => $this->standard->nextLower($tier)?->name,
        ];
    }

    /** @return SheetCell */
    private function cell(Tier $tier, string $surface, Composition $composition): array
    {
        $requirement = $this->standard->requirement($tier->id, $surface);
        $lower = $this->standard->nextLower($tier);
        $below = $lower === null ? null : $this->standard->requirement($lower->id, $surface);

        return [
            'tier' => $tier->id,
            'surface' => $surface,
            'state' => match (true) {
                $requirement === null => 'undecided',
                $requirement->asksNothing() => 'not-asked',
                default => 'asked',
            },
            'uses' => array_map(fn (TechniqueUse $use): array => $this->use($use, $below, $surface, $composition), $requirement->uses ?? []),
            'criteria' => array_map(static fn (Criterion $criterion): array => [
                'id' => $criterion->id, 'text' => $criterion->text, 'severity' => $criterion->severity->value, 'feature' => $criterion->feature,
            ], $requirement->criteria ?? []),
        ];
    }

    /** @return SheetUse */
    private function use(TechniqueUse $use, ?Requirement $below, string $surface, Composition $composition): array
    {
        $rise = Rise::of($use, $below, new Answering($this->standard));
        $onReference = array_filter(
            $composition->uses,
            static fn (ComposedUse $laid): bool => $laid->use->id === $use->id && $laid->area->surface === $surface,
        );
        $techniques = array_map(fn (string $id): string => $this->standard->technique($id)->name, $use->techniques);

        return [
            'id' => $use->id,
            'name' => $techniques[0],
            'group' => $this->standard->technique($use->techniques[0])->group->value,
            'choices' => count($techniques) > 1 ? $techniques : [],
            'degree' => UseWords::degree($use),
            'extent' => $use->extent->value,
            'coats' => $use->coats,
            'steps' => $use->steps,
            'minutes' => $onReference === [] ? null : array_sum(array_column($onReference, 'minutes')),
            'each' => $use->feature !== null && $use->allowance->each > 0 ? $use->allowance->each : null,
            'feature' => $use->feature,
            'rise' => $rise->kind,
            'was' => $rise->note,
        ];
    }

    /** @return list<SheetFinding> */
    private function findings(): array
    {
        $text = new FindingText($this->standard);

        return array_map(static fn (Finding $finding): array => [
            'code' => $finding->code->value, 'tier' => $finding->tier, 'surface' => $finding->surface, 'use' => $finding->use,
            'message' => $text->sentence($finding), 'why' => $text->why($finding)->toArray(),
        ], (new Lint)->read($this->standard));
    }
}
