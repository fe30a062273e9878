<?php

declare(strict_types=1);

namespace App\Actions\Paints;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Import\PaintEntry;
use App\Models\Paint;
use App\Refusals\NotRight;
use App\Refusals\Stale;
use Core\Colour\ColourText;
use Core\CoreException;
use Core\Scheme\Recipe;
use Illuminate\Support\Facades\DB;

/** Writes a paint of the studio down. */
final readonly class StorePaint
{
    public function __construct(
        private PaintBook $paints,
    ) {
    }

    /** @throws NotRight */
    public function create(PaintEntry $entry): Paint
    {
        return Transaction::run(function () use ($entry): Paint {
            $this->requireFree($entry->name, null);
            $paint = Paint::query()->create(self::members($entry))->refresh();
            $this->paints->forget();

            return $paint;
        });
    }

    /** @throws NotRight|Stale */
    public function change(Paint $paint, PaintEntry $entry, int $versionRead): Paint
    {
        return Transaction::run(function () use ($paint, $entry, $versionRead): Paint {
            $this->requireFree($entry->name, $paint->id);
            $now = Versioned::lock($paint, $versionRead, "\"{$paint->name}\"");
            $now->fill(self::members($entry))->save();
            $this->paints->forget();

            return $now;
        });
    }

    private function requireFree(string $name, ?int $but): void
    {
        if (mb_strtolower($name) === Recipe::WATER) {
            throw NotRight::at('/name', 'paint-exists', 'Water is always there; give the paint another name.');
        }
        if (Paint::query()->where(DB::raw('LOWER(name)'), mb_strtolower($name))->when($but !== null, static fn ($query) => $query->whereKeyNot($but))->exists()) {
            throw NotRight::at('/name', 'paint-exists', "The studio has a paint \"{$name}\" already; give this one another name.");
        }
    }

    /** @return array<string, mixed> */
    private static function members(PaintEntry $entry): array
    {
        try {
            $hex = ColourText::read($entry->colour)->hex();
        } catch (CoreException $refusal) {
            throw NotRight::core($refusal, '/colour');
        }

        return [
            'name' => $entry->name, 'kind' => $entry->kind, 'hex' => $hex, 'opacity' => $entry->opacity,
            'coats_dark' => $entry->coatsDark, 'coats_middle' => $entry->coatsMiddle, 'coats_light' => $entry->coatsLight,
            'hiding' => $entry->hiding, 'finish' => $entry->finish, 'ml' => $entry->ml, 'stock_ml' => $entry->stockMl, 'note' => $entry->note,
        ];
    }
}
