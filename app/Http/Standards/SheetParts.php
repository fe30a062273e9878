<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\RunningWork;
use App\Http\Shared\WhyShape;
use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\ReferenceWork;
use Core\Composition\SizeClass;
use Core\Lint\Finding;
use Core\Lint\FindingText;
use Core\Lint\Lint;
use Core\Standard\Acceptance;
use Core\Standard\Answering;
use Core\Standard\Criterion;
use Core\Standard\FaultLimits;
use Core\Standard\Judging;
use Core\Standard\Menu;
use Core\Standard\Requirement;
use Core\Standard\Rise;
use Core\Standard\Severity;
use Core\Standard\Side;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use Core\Standard\Tier;
use Core\Standard\UseWords;
use Core\Why;
use Document\Member\HeadWords;
use Document\Member\TierMembers;
use Document\Standard\PieceKind;
use Document\Standard\Remedy;
use Document\Standard\StandardPieces;

/**
 * The parts that a sheet is made of: heads of tiers, cells, findings.
 *
 * @phpstan-import-type Why from WhyShape as WhyData
 * @phpstan-import-type Limits from WhyShape
 *
 * @phpstan-type SheetPrice array{school: 'list'|'hours', list: array<string, int>|null, hourly: int|null}
 * @phpstan-type SheetTier array{
 *   key: string,
 *   name: string,
 *   rank: int,
 *   retired: bool,
 *   distance_mm: float,
 *   smallest_mm: float,
 *   smallest_why: WhyData,
 *   sides: list<value-of<Side>>,
 *   limits: Limits,
 *   budget_minutes: float,
 *   price: SheetPrice|null,
 *   note: string,
 *   terms: list<string>,
 *   minutes: float,
 *   minutes_to: float,
 *   minutes_why: WhyData,
 *   compared_with: string|null,
 * }
 * @phpstan-type SheetUse array{
 *   id: string,
 *   name: string,
 *   group: string,
 *   choices: list<string>,
 *   techniques: list<string>,
 *   degree: string,
 *   extent: string,
 *   coats: int,
 *   steps: int,
 *   minutes: float|null,
 *   each: float|null,
 *   feature: string|null,
 *   menu: string|null,
 *   rise: 'new'|'more'|'instead'|'same',
 *   was: string,
 *   note: string,
 * }
 * @phpstan-type SheetCriterion array{
 *   id: string,
 *   text: string,
 *   severity: value-of<Severity>,
 *   feature: string|null,
 * }
 * @phpstan-type SheetMenu array{id: string, name: string, choose: int|null, uses: list<string>}
 * @phpstan-type SheetCell array{
 *   tier: string,
 *   surface: string,
 *   state: 'asked'|'not-asked'|'undecided',
 *   uses: list<SheetUse>,
 *   criteria: list<SheetCriterion>,
 *   menus: list<SheetMenu>,
 *   note: string,
 *   minutes: float|null,
 * }
 * @phpstan-type SheetFix array{
 *   label: string,
 *   kind: value-of<PieceKind>,
 *   id: string,
 *   surface: string,
 *   value: array<string, mixed>,
 * }
 * @phpstan-type SheetFinding array{
 *   code: string,
 *   tier: string,
 *   surface: string|null,
 *   use: string|null,
 *   advice: bool,
 *   message: string,
 *   why: WhyData,
 *   accepted: string|null,
 *   accepted_by: string|null,
 *   fix: SheetFix|null,
 * }
 */
final readonly class SheetParts
{
    private ReferenceWork $work;

    private Answering $answering;

    /** @param  StandardPieces  $pieces of the document that the standard was read from */
    public function __construct(
        private Standard $standard,
        private StandardPieces $pieces,
    ) {
        $this->work = new ReferenceWork($standard);
        $this->answering = new Answering($standard);
    }

    public function work(Tier $tier): Composition
    {
        return $this->work->of($tier);
    }

    /** @return SheetTier */
    public function tier(Tier $tier, Composition $composition): array
    {
        $judging = $tier->judging;
        $smallest = $judging->smallestNoticedMm();
        $terms = $tier->terms;

        return [
            'key' => $tier->id, 'name' => $tier->name, 'rank' => $tier->rank, 'retired' => $tier->retired,
            'distance_mm' => $judging->distanceMm,
            'smallest_mm' => $smallest,
            'smallest_why' => (new Why(
                ['viewing distance' => "{$judging->distanceMm} mm", 'noticed from' => "{$judging->noticeArcmin} minutes of arc", 'smallest flaw that counts' => number_format($smallest, 2).' mm'],
                'Size is 2·distance·tan(angle / 2). What is smaller is noted and not counted.',
                'published: ISO 8596 for the angle that sight parts; the noticing angle is a studio setting',
            ))->toArray(),
            'sides' => array_column($judging->sides, 'value'),
            'limits' => $judging->limits->toArray(),
            'budget_minutes' => $tier->budgetMinutes,
            'price' => $terms->price === null ? null : ['school' => $terms->price->school(), 'list' => $terms->price->list === [] ? null : $terms->price->list, 'hourly' => $terms->price->hourly],
            'note' => $terms->note,
            'terms' => [...HeadWords::of(TierMembers::all(), $tier), ...self::bySize($judging)],
            'minutes' => $composition->minutes,
            'minutes_to' => $composition->minutesAtMost(),
            'minutes_why' => (new Why(
                ['uses on the reference figure' => (string) count($composition->uses), 'minutes' => number_format($composition->minutes, 1), 'budget' => (string) $tier->budgetMinutes],
                'For each use on each area of the reference figure: fixed + each × pieces + minutes × share × size; then the sum.',
                Why::STANDARD,
            ))->toArray(),
            'compared_with' => $this->standard->nextLower($tier)?->name,
        ];
    }

    /** @return SheetCell */
    public function cell(Tier $tier, string $surface, Composition $composition): array
    {
        $requirement = $this->standard->requirement($tier->id, $surface);
        $lower = $this->standard->nextLower($tier);
        $below = $lower === null ? null : $this->standard->requirement($lower->id, $surface);
        $laid = array_values(array_filter($composition->uses, static fn (ComposedUse $use): bool => $use->area->surface === $surface));

        return [
            'tier' => $tier->id,
            'surface' => $surface,
            'state' => match (true) {
                $requirement === null => 'undecided',
                $requirement->asksNothing() => 'not-asked',
                default => 'asked',
            },
            'uses' => array_map(fn (TechniqueUse $use): array => $this->use($use, $requirement, $below, $laid), $requirement->uses ?? []),
            'criteria' => array_map(static fn (Criterion $criterion): array => [
                'id' => $criterion->id, 'text' => $criterion->text, 'severity' => $criterion->severity->value, 'feature' => $criterion->feature,
            ], $requirement->criteria ?? []),
            'menus' => array_map(static fn (Menu $menu): array => ['id' => $menu->id, 'name' => $menu->name, 'choose' => $menu->choose, 'uses' => $menu->uses], $requirement->menus ?? []),
            'note' => $requirement->note ?? '',
            'minutes' => $laid === [] ? null : (float) array_sum(array_column($laid, 'minutes')),
        ];
    }

    /**
     * Findings, then advice.
     *
     * @param  RunningWork  $running what running jobs have
     * @return list<SheetFinding>
     */
    public function findings(RunningWork $running): array
    {
        $lint = new Lint(inUse: $running->surfaces);
        $findings = array_map(fn (Finding $finding): array => $this->finding($finding, false), $lint->read($this->standard));
        $advice = array_map(fn (Finding $finding): array => $this->finding($finding, true), $lint->advise($this->standard));

        return [...$findings, ...$advice];
    }

    /**
     * @param  list<ComposedUse>  $laid on the reference figure, on this surface
     * @return SheetUse
     */
    private function use(TechniqueUse $use, ?Requirement $requirement, ?Requirement $below, array $laid): array
    {
        $rise = Rise::of($use, $below, $this->answering);
        $onReference = array_filter($laid, static fn (ComposedUse $one): bool => $one->use->id === $use->id);
        $techniques = array_map(fn (string $id): string => $this->standard->technique($id)->name, $use->techniques);

        return [
            'id' => $use->id,
            'name' => $techniques[0],
            'group' => $this->standard->technique($use->techniques[0])->group->value,
            'choices' => count($techniques) > 1 ? $techniques : [],
            'techniques' => $use->techniques,
            'degree' => UseWords::degree($use),
            'extent' => $use->extent->value,
            'coats' => $use->coats,
            'steps' => $use->steps,
            'minutes' => $onReference === [] ? null : (float) array_sum(array_column($onReference, 'minutes')),
            'each' => $use->feature !== null && $use->allowance->each > 0 ? $use->allowance->each : null,
            'feature' => $use->feature,
            'menu' => $requirement?->menuOf($use->id)?->name,
            'rise' => $rise->kind,
            'was' => $rise->note,
            'note' => $use->leeway->note,
        ];
    }

    /** @return SheetFinding */
    private function finding(Finding $finding, bool $advice): array
    {
        $text = new FindingText($this->standard);
        $accepted = array_filter($this->standard->accepted, static fn (Acceptance $one): bool => $one->covers($finding->code, $finding->tier, $finding->surface, $finding->use));
        $acceptance = array_values($accepted)[0] ?? null;
        $remedy = (new Remedy($this->pieces, $this->standard))->for($finding);

        return [
            'code' => $finding->code, 'tier' => $finding->tier, 'surface' => $finding->surface, 'use' => $finding->use,
            'advice' => $advice,
            'message' => $text->sentence($finding),
            'why' => $text->why($finding)->toArray(),
            'accepted' => $acceptance?->reason,
            'accepted_by' => $acceptance?->by,
            'fix' => $remedy === null ? null : self::fix($remedy),
        ];
    }

    /**
     * @param  array{label: string, piece: \Document\Standard\Piece, value: array<array-key, mixed>}  $remedy
     * @return SheetFix
     */
    private static function fix(array $remedy): array
    {
        /** @var array<string, mixed> $value */
        $value = $remedy['value'];

        return ['label' => $remedy['label'], 'kind' => $remedy['piece']->kind->value, 'id' => $remedy['piece']->id, 'surface' => $remedy['piece']->surface, 'value' => $value];
    }

    /** @return list<string> what size classes bear that bear more or less than the others */
    private static function bySize(Judging $judging): array
    {
        return array_map(static fn (string $size, FaultLimits $limits): string => SizeClass::from($size)->inWords()." bears {$limits->critical} critical, {$limits->major} major, {$limits->minor} minor", array_keys($judging->limitsBySize), $judging->limitsBySize);
    }
}
