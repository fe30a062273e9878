<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Paints\PaintBook;
use App\Refusals\NotRight;
use Core\CoreException;
use Core\Scheme\AreaLadder;
use Core\Scheme\Rung;
use Core\Scheme\RungRole;
use Core\Scheme\Turn;
use Core\Scheme\UseRecipe;

/** Reads what was written of an area, with the place of what is wrong. */
final readonly class DraftReader
{
    public function __construct(private PaintBook $paints)
    {
    }

    /** @throws NotRight */
    public function read(AreaDraft $draft): AreaLadder
    {
        $rungs = $uses = $seen = [];
        foreach ($draft->rungs as $at => $rung) {
            $recipe = $this->paints->recipe($rung['mix'], "/rungs/{$at}/mix");
            try {
                $rungs[] = new Rung(RungRole::from($rung['role']), $recipe, $rung['cover'], $rung['coats']);
            } catch (CoreException $refusal) {
                throw NotRight::core($refusal, "/rungs/{$at}");
            }
        }
        foreach ($draft->uses as $at => $use) {
            $key = json_encode([$use['use'], $use['step']], JSON_THROW_ON_ERROR);
            if (isset($seen[$key])) {
                throw NotRight::at("/uses/{$at}/use", 'duplicate-use', "\"{$use['use']}\", step {$use['step']}, is written twice here; keep one.");
            }
            $seen[$key] = true;
            $uses[] = new UseRecipe($use['use'], $use['step'], $this->paints->recipe($use['mix'], "/uses/{$at}/mix"));
        }

        return new AreaLadder($draft->area, $rungs, $uses, $draft->takesSharedLight, Turn::from($draft->turn), $draft->quiet);
    }
}
