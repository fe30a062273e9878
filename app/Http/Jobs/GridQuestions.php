<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Composing\ComposedFigure;
use App\Models\Job;
use Core\Composition\ClientsSay;
use Core\Plan\FigureState;
use Core\School\SchoolQuestion;
use Core\Standard\Standard;

/**
 * What is to be settled before work, and cannot be worked out: what the figures are for, in what the client has a say, what the
 * standard is silent about, and what nobody is sure of.
 *
 * @phpstan-type SilentCell array{tier: string, surface: string, figures: int}
 * @phpstan-type ClientsChoice array{
 *   question: string,
 *   name: string,
 *   surfaces: list<string>,
 *   figures: int,
 *   choices: list<array{choice: string, name: string, for: string}>,
 * }
 * @phpstan-type UnsureArea array{
 *   type_id: int,
 *   type: string,
 *   area: string,
 *   surface: string,
 *   figures: int,
 * }
 * @phpstan-type Questions array{
 *   purpose: bool,
 *   choices: list<ClientsChoice>,
 *   unsure: list<UnsureArea>,
 *   silent: list<SilentCell>,
 * }
 */
final readonly class GridQuestions
{
    /** @var list<ComposedFigure> that are not finished */
    private array $figures;

    /**
     * @param  list<ComposedFigure>  $figures of the job
     * @param  bool  $isInColours whether a scheme of the force says its colours
     */
    public function __construct(
        array $figures,
        private Standard $standard,
        private Job $job,
        private bool $isInColours,
    ) {
        $this->figures = array_values(array_filter($figures, static fn (ComposedFigure $one): bool => $one->row->state !== FigureState::Signed));
    }

    /** @return Questions */
    public function toArray(): array
    {
        return [
            'purpose' => $this->figures !== [] && $this->job->purpose === null,
            'choices' => $this->choices(),
            'unsure' => $this->unsure(),
            'silent' => $this->silent(),
        ];
    }

    /** @return list<ClientsChoice> */
    private function choices(): array
    {
        $say = new ClientsSay($this->standard, $this->isInColours);
        $surfaces = $count = $known = [];
        foreach ($this->figures as $figure) {
            // Figures that are alike have been composed once.
            $open = $known[spl_object_id($figure->composition)] ??= $say->open($figure->composition);
            foreach ($open as $question => $on) {
                $count[$question] = ($count[$question] ?? 0) + 1;
                $surfaces[$question] = ($surfaces[$question] ?? []) + array_flip($on);
            }
        }
        $asked = array_filter(SchoolQuestion::ofTheClient(), fn (SchoolQuestion $one): bool => isset($count[$one->value]) && ! in_array($one->value, $this->job->left_to_studio, true));

        return array_values(array_map(fn (SchoolQuestion $one): array => [
            'question' => $one->value, 'name' => $one->inWords(), 'figures' => $count[$one->value] ?? 0,
            'surfaces' => array_map(fn (string $id): string => $this->standard->surface($id)->name, array_map(strval(...), array_keys($surfaces[$one->value] ?? []))),
            'choices' => SchoolsResource::choices($one),
        ], $asked));
    }

    /** @return list<UnsureArea> */
    private function unsure(): array
    {
        $unsure = [];
        foreach ($this->figures as $figure) {
            foreach ($figure->type->unsure() as $area) {
                $key = "{$figure->typeId()} {$area}";
                $unsure[$key] ??= ['type_id' => $figure->typeId(), 'type' => $figure->type->name, 'area' => $area, 'surface' => $figure->type->area($area)->area->surface ?? '', 'figures' => 0];
                $unsure[$key]['figures']++;
            }
        }

        return array_values($unsure);
    }

    /** @return list<SilentCell> */
    private function silent(): array
    {
        $silent = [];
        foreach ($this->figures as $composed) {
            $seen = [];
            foreach ($composed->composition->undecided as $id) {
                $area = $composed->figure->area($id);
                if ($area === null) {
                    continue;
                }
                $key = "{$composed->figure->tierOf($area)}\n{$area->surface}";
                $silent[$key] = ($silent[$key] ?? 0) + (isset($seen[$key]) ? 0 : 1);
                $seen[$key] = true;
            }
        }

        return array_map(static function (string $key, int $figures): array {
            [$tier, $surface] = explode("\n", $key);

            return ['tier' => $tier, 'surface' => $surface, 'figures' => $figures];
        }, array_keys($silent), array_values($silent));
    }
}
