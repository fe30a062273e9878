<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheet;
use App\Actions\Bench\SheetStep;
use App\Http\Shared\WhyShape;
use Core\NumberText;
use Core\Schedule\LaidLine;
use Core\Schedule\SprayField;
use Core\Schedule\SprayFields;
use Core\Schedule\SprayTimes;
use Core\Scheme\Setting;
use Core\School\SchoolQuestion;
use Core\Sequence\PlannedStep;
use Core\Standard\Caution;
use Core\Standard\TechniqueGroup;
use Core\Why as CoreWhy;

/**
 * Lay-ins that are quicker sprayed for this batch; where the job is sprayed, those that are not. A job that is laid in by brush
 * is not asked.
 *
 * @phpstan-import-type Why from WhyShape
 *
 * @phpstan-type SprayedField array{
 *   areas: list<string>,
 *   paint: string,
 *   figures: int,
 *   by_brush: float,
 *   by_spray: float,
 *   pays: bool,
 *   from: int|null,
 *   first: bool,
 *   masked: list<string>,
 * }
 * @phpstan-type SheetSpray_ array{fields: list<SprayedField>, caution: string, why: Why}
 */
final readonly class SheetSpray
{
    public function __construct(
        private BenchSheet $sheet,
    ) {
    }

    /** @return SheetSpray_ */
    public function toArray(): array
    {
        $rules = $this->sheet->alike[0]->mixes->rules;
        $times = new SprayTimes($rules->of(Setting::SpraySetup), $rules->of(Setting::SprayClean), $rules->of(Setting::SprayMask), $rules->of(Setting::SprayShare), $rules->of(Setting::SprayField));
        $why = new CoreWhy(
            [
                'set up and clean, once' => NumberText::of($times->setup + $times->clean, 1).' min',
                'a mask' => NumberText::of($times->mask, 1).' min',
                'share of its minutes by brush' => NumberText::of($times->share, 2),
                'least share of a figure' => NumberText::of($times->field, 2),
            ],
            'A lay-in is sprayed where setting up, cleaning, spraying and masking take less than the brush, for the whole batch. Masked is a neighbour that has paint by then, or that needs its own ground; what waits for no other paint is reckoned as the first colour of all, where that saves masks. Small fields are left to the brush, and where nobody said what borders on a field, nothing is told of it.',
            CoreWhy::STUDIO_SETTING,
        );

        return [
            'fields' => array_map(self::field(...), $this->toTell((new SprayFields($this->sheet->typeInParts(), $times))->along($this->lines()))),
            'caution' => Caution::of(TechniqueGroup::Ground) ?? '',
            'why' => $why->toArray(),
        ];
    }

    /**
     * @param  list<SprayField>  $fields
     * @return list<SprayField>
     */
    private function toTell(array $fields): array
    {
        return match ($this->sheet->standard->schools->taken(SchoolQuestion::LayIn)?->id) {
            'brush' => [],
            'spray' => $fields,
            default => array_values(array_filter($fields, static fn (SprayField $field): bool => $field->pays())),
        };
    }

    /** @return list<LaidLine> */
    private function lines(): array
    {
        return array_map(function (SheetStep $step): LaidLine {
            return new LaidLine($step->planned, $step->planned instanceof PlannedStep ? $this->sheet->mixesOf($step)->paint($step->planned->step->laid) : '', count($this->sheet->figuresOf($step)), $this->sheet->minutesOnAll($step));
        }, $this->sheet->steps);
    }

    /** @return SprayedField */
    private static function field(SprayField $field): array
    {
        return [
            'areas' => $field->areas, 'paint' => $field->paint, 'figures' => $field->figures, 'by_brush' => $field->byBrush, 'by_spray' => $field->bySpray,
            'pays' => $field->pays(), 'from' => $field->from, 'first' => $field->first, 'masked' => $field->masked,
        ];
    }
}
