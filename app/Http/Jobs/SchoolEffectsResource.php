<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Bench\SchoolEffect;
use App\Actions\Bench\SheetOrder;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use Core\School\SchoolQuestion;
use Core\Sequence\GaveWay;
use Core\Sequence\TidyBack;
use Core\Why as CoreWhy;

/**
 * What each choice of a school would do to the sheets of a job. Minutes are by hand, for all figures.
 *
 * @phpstan-import-type Why from WhyShape
 *
 * @phpstan-type EffectOnSheet array{
 *   key: string,
 *   unit: string,
 *   type: string,
 *   tier: string,
 *   figures: int,
 *   areas: list<string>,
 *   steps: int,
 *   minutes: float,
 *   tidy_minutes: float,
 *   tidied: list<string>,
 *   changes: int,
 *   not_held: list<string>,
 * }
 * @phpstan-type SchoolEffect_ array{
 *   choice: string|null,
 *   name: string,
 *   for: string,
 *   order: string,
 *   risk: string,
 *   governs: bool,
 *   minutes: float,
 *   tidy_minutes: float,
 *   changes: int,
 *   sheets: list<EffectOnSheet>,
 * }
 * @phpstan-type SchoolEffects_ array{effects: list<SchoolEffect_>, why: Why}
 */
final readonly class SchoolEffectsResource extends Resource
{
    /** @param  list<SchoolEffect>  $effects */
    public function __construct(
        private SchoolQuestion $question,
        private array $effects,
    ) {
    }

    /** @return SchoolEffects_ */
    public function toArray(): array
    {
        $sheets = $this->effects[0]->sheets ?? [];
        $why = new CoreWhy(
            ['question' => $this->question->inWords(), 'sheets' => (string) count($sheets), 'figures' => (string) array_sum(array_map(static fn (SheetOrder $one): int => count($one->sheet->figures), $sheets))],
            'Each sheet of the job is put in order anew under each choice: what the school says holds, as far as layers of a cell, stages of the whole figure, what sits on what and techniques let it; then least is tidied back. Only tidying and changes of paint differ, for the same is painted. Changes are counted step by step over all figures of a sheet.',
            CoreWhy::COMMON_PRACTICE,
        );

        return ['effects' => array_map($this->effect(...), $this->effects), 'why' => $why->toArray()];
    }

    /** @return SchoolEffect_ */
    private function effect(SchoolEffect $effect): array
    {
        $sheets = array_map(self::sheet(...), $effect->sheets);

        return [
            'choice' => $effect->choice?->id,
            'name' => $effect->choice->name ?? 'left open',
            'for' => $effect->choice->for ?? '',
            'order' => $effect->choice->order ?? '',
            'risk' => $effect->choice->repair ?? '',
            'governs' => $effect->governs,
            'minutes' => array_sum(array_column($sheets, 'minutes')),
            'tidy_minutes' => array_sum(array_column($sheets, 'tidy_minutes')),
            'changes' => array_sum(array_column($sheets, 'changes')),
            'sheets' => $sheets,
        ];
    }

    /** @return EffectOnSheet */
    private static function sheet(SheetOrder $order): array
    {
        $first = $order->sheet->first();

        return [
            'key' => $order->sheet->key,
            'unit' => $first->unit->name,
            'type' => $first->type->name,
            'tier' => implode(', ', $order->sheet->tiers()),
            'figures' => count($order->sheet->figures),
            'areas' => $order->areas(),
            'steps' => $order->length(),
            'minutes' => $order->minutes(),
            'tidy_minutes' => $order->tidyMinutes(),
            'tidied' => array_values(array_unique(array_map(static fn (TidyBack $tidying): string => $tidying->area->area->id, $order->tidied()))),
            'changes' => $order->changes(),
            'not_held' => array_values(array_unique(array_map(static fn (GaveWay $one): string => "{$one->step->area->area->id} before {$one->after->step->area->area->id}", $order->notHeld()))),
        ];
    }
}
