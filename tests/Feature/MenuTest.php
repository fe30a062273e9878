<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CurrentStudio;
use Document\Standard\PieceKind;
use Illuminate\Support\Arr;

/** A cell of which a job chooses: the wash on the cloth of Muster, made into a menu for these tests. */
final class MenuTest extends TestCase
{
    public function test_a_job_chooses_by_agreement_and_takes_it_back(): void
    {
        $this->menu(['uses' => ['wash']]);
        self::assertSame(['laid' => false, 'chosen' => false], $this->washOn());
        $this->choose('wash', 'wash', 1);
        self::assertSame(['laid' => true, 'chosen' => true], $this->washOn());
        $this->choose('wash', null, 2);
        self::assertSame(['laid' => false, 'chosen' => false], $this->washOn());
    }

    public function test_of_so_many_the_first_are_laid_until_others_are_chosen_and_no_more_than_the_tier_includes(): void
    {
        $this->menu(['uses' => ['wash', 'base'], 'choose' => 1]);
        self::assertSame(['laid' => true, 'chosen' => false], $this->washOn());
        $this->choose('base', 'base', 1);
        self::assertSame(['laid' => false, 'chosen' => false], $this->washOn());
        $unit = $this->unit('1st Lamplighters');
        $body = ['version' => 2, 'figures' => null, 'area' => 'oilskin coat', 'use' => 'wash', 'technique' => 'wash'];
        $this->assertRefused($this->as($this->lead(), 'PUT', "/units/{$unit->id}/choices", $body), 422, 'menu-full', '/use');
    }

    /** @param  array<string, mixed>  $menu */
    private function menu(array $menu): void
    {
        $this->rewrite(PieceKind::Cell, static fn (array $cell): array => ($cell['tier'] === 'muster' && $cell['surface'] === 'cloth' ? ['menu' => [['id' => 'm', 'name' => 'Grime'] + $menu]] : []) + $cell);
        $this->app->forgetScopedInstances();
        cache()->flush();
        $this->setUpStudio();
    }

    private function choose(string $use, ?string $technique, int $version): void
    {
        $unit = $this->unit('1st Lamplighters');
        $this->answer($this->lead(), 'PUT', "/units/{$unit->id}/choices", ['version' => $version, 'figures' => null, 'area' => 'oilskin coat', 'use' => $use, 'technique' => $technique]);
    }

    /** @return array{laid: bool, chosen: bool} */
    private function washOn(): array
    {
        $this->app->forgetScopedInstances();
        $this->setUpStudio();
        $grid = $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/figures");
        $groups = array_filter((array) Arr::get($grid, 'units.0.groups'), static fn (mixed $group): bool => is_array($group) && $group['tier'] === 'muster');
        $figure = Arr::get(array_values($groups), '0.figures.0.id');
        self::assertIsInt($figure);
        $menu = array_column($this->layersOf($figure, 'oilskin coat')['uses'], 'menu', 'id')['wash'];
        self::assertNotNull($menu);

        return ['laid' => $menu['laid'], 'chosen' => $menu['chosen']];
    }

    private function setUpStudio(): void
    {
        $this->app->make(CurrentStudio::class)->enter($this->lead()->studio_id);
    }
}
