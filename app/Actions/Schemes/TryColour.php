<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Paints\PaintBook;
use App\Refusals\NotRight;
use Core\Colour\ColourText;
use Core\Colour\Srgb;
use Core\CoreException;
use Core\Scheme\ColourTrial;
use Core\Scheme\Paint;
use Core\Scheme\PaintKind;
use Core\Scheme\Recipe;

/** Tries how near paints of the studio come to a colour. */
final readonly class TryColour
{
    public function __construct(private PaintBook $paints)
    {
    }

    /**
     * @param  string  $wanted a hex, L*a*b*, or a paint or mix
     * @param  string  $from a paint or mix
     * @param  string  $with another to mix it with; empty for none
     * @param  string  $over what it is glazed over, as what is wanted; empty for nothing
     *
     * @throws NotRight
     */
    public function handle(string $wanted, string $from, string $with, string $over): TriedColour
    {
        $target = $this->colour($wanted, '/wanted');
        $under = trim($over) === '' ? null : $this->colour($over, '/over');
        $one = $this->recipe($from, '/from');
        $other = trim($with) === '' ? null : $this->recipe($with, '/with');
        if ($other === null && $under === null) {
            throw NotRight::at('/with', 'nothing-to-try', 'Say what it is mixed with, or what it is glazed over.');
        }

        return new TriedColour(
            $target,
            $other === null ? null : ColourTrial::ratio($one, $other, $target),
            $under === null ? null : ColourTrial::glaze($one, $this->medium(), $under, $target),
        );
    }

    private function recipe(string $text, string $pointer): Recipe
    {
        $recipe = $this->paints->recipe($text, $pointer);

        return $recipe->hasMetal() ? throw NotRight::at($pointer, 'no-flat-colour', 'Metal is no flat colour; it is matched by hand.') : $recipe;
    }

    private function colour(string $text, string $pointer): Srgb
    {
        try {
            return ColourText::read($text);
        } catch (CoreException) {
            return $this->paints->recipe($text, $pointer)->colour() ?? throw NotRight::at($pointer, 'no-colour', 'This has no colour of its own; name a paint that has, or write a hex.');
        }
    }

    /** The first one that is left, else the first. */
    private function medium(): ?Paint
    {
        $media = array_values(array_filter($this->paints->all(), static fn (Paint $paint): bool => $paint->kind === PaintKind::Medium));
        usort($media, static fn (Paint $a, Paint $b): int => $a->hasRunOut() <=> $b->hasRunOut());

        return $media[0] ?? null;
    }
}
