<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Paints\PaintBook;
use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\Scheme;
use App\Refusals\NotRight;
use Core\CoreException;
use Core\Scheme\Recipe;
use Core\Scheme\SharedLight;

/** Changes what holds for all areas of a scheme. */
final readonly class ChangeScheme
{
    public function __construct(
        private PaintBook $paints,
        private SchemeBook $book,
    ) {
    }

    /**
     * @throws NotRight|\App\Refusals\Stale
     */
    public function handle(Scheme $scheme, SchemeHead $head, int $versionRead): Scheme
    {
        $members = [
            'name' => $head->name,
            'ground_paint_id' => $this->paint($head->ground, '/ground'),
            'sketch_paint_id' => $this->paint($head->sketch, '/sketch'), 'sketch_cover' => $head->sketchCover,
            'light_paint_id' => $this->paint($head->light, '/light'),
            'light_own' => $head->lightOwn, 'light_parts' => $head->lightParts, 'light_reach' => $head->lightReach,
            'last_light' => $head->lastLight, 'light_from' => $head->lightFrom, 'focal' => $head->focal, 'one_colour' => $head->oneColour, 'accents' => $head->accents, 'note' => $head->note,
        ];
        $this->requireLight($head, $members['light_paint_id']);
        if (Scheme::query()->where('force_id', $scheme->force_id)->where('name', $head->name)->whereKeyNot($scheme->id)->exists()) {
            throw NotRight::at('/name', 'scheme-exists', "The force has a scheme \"{$head->name}\" already; give this one another name.");
        }

        return Transaction::run(function () use ($scheme, $members, $versionRead): Scheme {
            $now = Versioned::lock($scheme, $versionRead, "the scheme \"{$scheme->name}\"");
            $now->fill($members)->save();
            $this->book->forget();

            return $now;
        });
    }

    private function requireLight(SchemeHead $head, ?int $paint): void
    {
        if ($head->lastLight !== 'shared') {
            return;
        }
        if ($paint === null) {
            throw NotRight::at('/light', 'no-light', 'Say which paint is the shared light, or let each area keep its own lights.');
        }
        try {
            new SharedLight(Recipe::of($this->paints->paint($paint)), $head->lightOwn, $head->lightParts, $head->lightReach);
        } catch (CoreException $refusal) {
            throw NotRight::core($refusal, '/light_parts');
        }
    }

    private function paint(string $name, string $pointer): ?int
    {
        return trim($name) === '' ? null : ($this->paints->id($name) ?? throw NotRight::at($pointer, 'unknown-paint', "The studio has no paint \"{$name}\"; pick one of its paints.", trim($name)));
    }
}
