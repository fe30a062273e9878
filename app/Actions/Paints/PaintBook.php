<?php

declare(strict_types=1);

namespace App\Actions\Paints;

use App\Actions\ReadOnce;
use App\Models\CurrentStudio;
use App\Models\JobMixPart;
use App\Models\Paint as PaintRow;
use App\Models\SchemeStepPart;
use App\Refusals\NotRight;
use Core\Colour\MixNotation;
use Core\Colour\Srgb;
use Core\CoreException;
use Core\Scheme\Coverage;
use Core\Scheme\Paint;
use Core\Scheme\PaintKind;
use Core\Scheme\Recipe;
use Core\Scheme\RecipePart;
use Core\Standard\Opacity;
use LogicException;

/** The paints of the studio as the core knows them, read once a request. */
final class PaintBook implements ReadOnce
{
    /** @var array<int, array<int, Paint>> by studio and id */
    private array $paints = [];

    /** @var array<int, array<string, int>> id by studio and name in lower case */
    private array $ids = [];

    private int $reading = 0;

    public function __construct(private readonly CurrentStudio $studio)
    {
    }

    public static function core(PaintRow $row): Paint
    {
        return new Paint(
            $row->name,
            PaintKind::from($row->kind),
            Srgb::fromHex($row->hex),
            Opacity::from($row->opacity),
            new Coverage($row->coats_dark, $row->coats_middle, $row->coats_light),
            $row->hiding,
            $row->finish,
            $row->ml,
            $row->stock_ml,
            $row->note,
        );
    }

    /** @return array<int, Paint> by id, in the order of their names */
    public function all(): array
    {
        $studio = $this->studio->id();
        if (! isset($this->paints[$studio])) {
            $paints = $ids = [];
            foreach (PaintRow::query()->orderBy('name')->get() as $row) {
                $paints[$row->id] = self::core($row);
                $ids[mb_strtolower($row->name)] = $row->id;
            }
            [$this->paints[$studio], $this->ids[$studio]] = [$paints, $ids];
        }

        return $this->paints[$studio];
    }

    public function paint(int $id): Paint
    {
        return $this->all()[$id];
    }

    public function id(string $name): ?int
    {
        $this->all();

        return $this->ids[$this->studio->id()][mb_strtolower($name)] ?? null;
    }

    /**
     * A recipe as it is typed: `Gull White`, `Gull White 1 + Weir Blue 3`, `Bilge wash 1 + water 1`.
     *
     * @param  string  $pointer to where it was typed
     *
     * @throws NotRight if it cannot be read, or names a paint that the studio has not
     */
    public function recipe(string $text, string $pointer): Recipe
    {
        try {
            $parts = [];
            $water = 0.0;
            foreach (MixNotation::read($text) as $entry) {
                if (mb_strtolower($entry['name']) === Recipe::WATER) {
                    $water += $entry['parts'];

                    continue;
                }
                $id = $this->id($entry['name']) ?? throw $this->unknown($entry['name'], $pointer);
                $parts[$id] = new RecipePart($this->paint($id), $entry['parts'] + ($parts[$id]->parts ?? 0.0));
            }

            return $parts === [] ? throw NotRight::at($pointer, 'unreadable-mix', 'Water alone paints nothing; name a paint.') : new Recipe(array_values($parts), $water);
        } catch (CoreException $refusal) {
            throw NotRight::core($refusal, $pointer);
        }
    }

    /**
     * A recipe as it is stored.
     *
     * @param  iterable<JobMixPart|SchemeStepPart>  $rows in their order
     */
    public function stored(iterable $rows, float $water): Recipe
    {
        $parts = [];
        foreach ($rows as $row) {
            $parts[] = new RecipePart($this->paint($row->paint_id), $row->parts);
        }

        return $parts === [] ? throw new LogicException('A recipe was stored without paint.') : new Recipe($parts, $water);
    }

    /** @return list<array{paint_id: int|null, parts: float, position: int}> the parts of a recipe as rows */
    public function rows(Recipe $recipe): array
    {
        return array_map(
            fn (RecipePart $part, int $position): array => ['paint_id' => $this->id($part->paint->name), 'parts' => $part->parts, 'position' => $position],
            $recipe->parts,
            array_keys($recipe->parts),
        );
    }

    /** After a paint was stored: all is read again. */
    public function forget(): void
    {
        $this->paints = $this->ids = [];
        $this->reading++;
    }

    /** Counts up whenever paints are read again, for who keeps what was made of them. */
    public function reading(): int
    {
        return $this->reading;
    }

    private function unknown(string $name, string $pointer): NotRight
    {
        $near = array_filter($this->all(), static fn (Paint $paint): bool => levenshtein(mb_strtolower(substr($paint->name, 0, 100)), mb_strtolower(substr($name, 0, 100))) <= 2);
        $meant = $near === [] ? '' : ' Perhaps you meant "'.array_values($near)[0]->name.'".';

        return NotRight::at($pointer, 'unknown-paint', "The studio has no paint \"{$name}\"; pick one of its paints, or write a mix like \"Gull White 1 + Weir Blue 3\".{$meant}", $name);
    }
}
