<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\BenchMark;
use App\Models\Figure;
use App\Models\Mending;
use App\Models\Mishap;
use App\Models\MishapEnd;
use App\Models\User;
use App\Refusals\NotAllowed;

/** Who painted a figure: whom it was given to, and everyone who marked or mended on it, a mishap at the bench too, and who painted it before it came back. Who looked at it between stages did not. */
final readonly class Painters
{
    /** @return list<int> ids of people */
    public static function of(Figure $figure): array
    {
        $mended = Mending::query()->whereHas('fault.check', static fn ($query) => $query->where('figure_id', $figure->id))->select('user_id');
        $mishaps = Mishap::query()->where('figure_id', $figure->id)->where('ended', MishapEnd::Mended)->select('ended_by as user_id');
        /** @var list<int> $marked */
        $marked = BenchMark::query()->where('figure_id', $figure->id)->where('is_look', false)->select('user_id')->union($mended)->union($mishaps)->pluck('user_id')->all();
        // What came finished was painted by none of them; who mends on it paints.
        $given = $figure->elsewhere ? null : $figure->painter_id ?? $figure->loadMissing('unit')->unit->painter_id;
        $before = $figure->raises_id === null ? [] : self::of($figure->raises()->with('figure')->firstOrFail()->figure);

        return array_values(array_unique([...($given === null ? [] : [$given]), ...$marked, ...$before]));
    }

    /** Whether it is somebody's own work, wholly or in part. */
    public static function painted(User $user, Figure $figure): bool
    {
        return in_array($user->id, self::of($figure), true);
    }

    /** @throws NotAllowed unless this person may look at the figure for the studio, between stages or at the end: nobody checks own work, except where the studio allows it */
    public static function requireOther(User $user, Figure $figure): void
    {
        if (! $user->role->checks()) {
            throw NotAllowed::because('not-a-checker', 'Painters do not check; the lead or a deputy does.');
        }
        if (self::painted($user, $figure) && ! $user->studio->allows_self_check) {
            throw NotAllowed::because('own-work', 'You painted or mended on this figure; somebody else checks it.');
        }
    }

    /** A painter works on own figures; the lead and a deputy may help on any. */
    public static function mayPaint(User $user, Figure $figure): bool
    {
        return $user->role->checks() || self::mayPaintWhatIsGivenTo($user, $figure->painter_id ?? $figure->loadMissing('unit')->unit->painter_id);
    }

    /** @param  int|null  $painter whom a figure is given to; null: nobody */
    public static function mayPaintWhatIsGivenTo(User $user, ?int $painter): bool
    {
        return $user->role->checks() || $painter === $user->id;
    }

    /** @throws NotAllowed if the figure is given to somebody else */
    public static function require(User $user, Figure $figure): void
    {
        if (! self::mayPaint($user, $figure)) {
            throw NotAllowed::because('not-your-figure', "Figure {$figure->number} is given to somebody else; the lead can give it to you.");
        }
    }
}
