<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\RaisedFigure;
use App\Http\Shared\Resource;
use Core\Composition\BlockedUse;
use Core\Composition\Origin;
use Core\Composition\RaisedUse;
use Core\Composition\StoppingPlace;
use Core\Composition\Tidying;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;
use Core\Sequence\WhyHere;
use Core\Standard\UseWords;
use LogicException;

/**
 * What it takes to raise a finished figure, and where it could have stopped.
 *
 * @phpstan-type RaisedWork array{
 *   area: string,
 *   use: string,
 *   name: string,
 *   degree: string,
 *   coats: int,
 *   steps: int,
 *   minutes: float,
 * }
 * @phpstan-type RaiseStep array{
 *   kind: 'added'|'middle'|'tidy',
 *   area: string,
 *   use: string,
 *   name: string,
 *   degree: string,
 *   coats: int,
 *   steps: int,
 *   minutes: float,
 *   why: list<array{reason: string, sentence: string}>,
 * }
 * @phpstan-type BlockedWork array{area: string, use: string, name: string, why: string}
 * @phpstan-type StoppingAfter array{area: string, use: string}
 * @phpstan-type Stopping array{
 *   tier: string,
 *   name: string,
 *   passed: bool,
 *   minutes: float,
 *   after: list<StoppingAfter>,
 *   missing: list<StoppingAfter>,
 * }
 * @phpstan-type Raise array{
 *   from: string,
 *   to: string,
 *   uses: list<RaisedWork>,
 *   order: list<RaiseStep>,
 *   tidy_back_minutes: float,
 *   tidy: list<array{area: string, minutes: float}>,
 *   blocked: list<BlockedWork>,
 *   minutes: float,
 *   whole_minutes: float,
 *   stopping: list<Stopping>,
 * }
 */
final readonly class RaiseResource extends Resource
{
    public function __construct(private RaisedFigure $raised)
    {
    }

    /** @return Raise */
    public function toArray(): array
    {
        $plan = $this->raised->plan;
        $standard = $this->raised->standard;

        return [
            'from' => $this->raised->from,
            'to' => $this->raised->to,
            'uses' => array_map(static fn (RaisedUse $use): array => [
                'area' => $use->area->id, 'use' => $use->use->id, 'name' => $standard->technique($use->technique)->name, 'degree' => UseWords::degree($use->use),
                'coats' => $use->coats, 'steps' => $use->steps, 'minutes' => $use->minutes,
            ], $plan->uses),
            'order' => array_map($this->step(...), $this->raised->work->items),
            'tidy_back_minutes' => $this->raised->work->tidyMinutes,
            'tidy' => array_map(static fn (Tidying $tidy): array => ['area' => $tidy->area->id, 'minutes' => $tidy->minutes], $plan->tidies),
            'blocked' => array_map(static fn (BlockedUse $use): array => [
                'area' => $use->area->id, 'use' => $use->use->id, 'name' => $standard->technique($use->technique)->name, 'why' => $use->why,
            ], $plan->blocked),
            'minutes' => $plan->minutes,
            'whole_minutes' => $this->raised->wholeMinutes,
            'stopping' => array_map(fn (StoppingPlace $place): array => [
                'tier' => $place->tier, 'name' => $standard->tier($place->tier)->name, 'passed' => $place->isPassed(), 'minutes' => $place->minutes,
                'after' => self::after($place), 'missing' => $place->missing,
            ], $this->raised->stoppingPlaces),
        ];
    }

    /** @return RaiseStep */
    private function step(PlannedStep|TidyBack $item): array
    {
        if ($item instanceof TidyBack) {
            return self::line('tidy', $item->area->area->id, 'tidy-back', 'Tidy back', $item->minutes, WhyHere::ofTidying($item));
        }
        $laid = $item->step->laid;
        if ($laid->origin === Origin::Again) {
            return self::line('middle', $laid->area->id, 'middle', $item->step->technique->name, $laid->minutes, WhyHere::of($item));
        }
        foreach ($this->raised->plan->uses as $use) {
            if ($use->area->id === $laid->area->id && $use->use->id === $laid->use->id) {
                return ['degree' => $laid->degree(), 'coats' => $use->coats, 'steps' => $use->steps]
                    + self::line('added', $laid->area->id, $laid->use->id, $item->step->technique->name, $laid->minutes, WhyHere::of($item));
            }
        }

        throw new LogicException("{$laid->use->id} on {$laid->area->id} is not in the plan.");
    }

    /**
     * @param  'added'|'middle'|'tidy'  $kind
     * @param  list<array{reason: string, sentence: string}>  $why
     * @return RaiseStep
     */
    private static function line(string $kind, string $area, string $use, string $name, float $minutes, array $why): array
    {
        return ['kind' => $kind, 'area' => $area, 'use' => $use, 'name' => $name, 'degree' => '', 'coats' => 1, 'steps' => 1, 'minutes' => $minutes, 'why' => $why];
    }

    /** @return list<StoppingAfter> */
    private static function after(StoppingPlace $place): array
    {
        $after = [];
        foreach ($place->after as $area => $use) {
            $after[] = ['area' => (string) $area, 'use' => $use];
        }

        return $after;
    }
}
