<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Paints\PaintBook;
use App\Actions\Standards\StandardLibrary;
use App\Models\Job;
use App\Models\JobState;
use App\Models\Scheme;
use App\Models\StandardVersion;
use App\Refusals\NotRight;
use Core\Composition\Composer;
use Core\Composition\FigureType;
use Core\Scheme\Mending;
use Core\Scheme\PaintedFigure;
use Core\Scheme\Recipe;
use Core\Scheme\Tints;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Tier;

/** Reads a scheme as it comes out on a figure type at a tier of the standard in force. */
final readonly class ReadScheme
{
    public function __construct(
        private SchemeBook $book,
        private ForceTypes $types,
        private StandardLibrary $library,
        private PaintBook $paints,
    ) {
    }

    /**
     * @param  string|null  $type key; null: the first of the force
     * @param  string|null  $tier id; null: the highest that has a list price
     *
     * @throws NotRight if the studio has no standard in force, or there is no such type or tier
     */
    public function handle(Scheme $scheme, ?string $type, ?string $tier): SchemeReading
    {
        $types = $this->types->of($scheme->force_id);
        $key = self::key($types, $type);
        $ladders = $this->book->of($scheme);
        $standard = $this->standard($scheme);
        $types = $ladders->types($types, $standard);
        $shown = self::tier($standard, $tier);
        $composition = (new Composer($standard))->composeType($types[$key], $shown->id);
        $overAll = $ladders->overAll($key, $composition, $standard, $shown->id);
        $painted = [];
        foreach ($types[$key]->areas as $area) {
            $ladder = $ladders->tier($key, $area->area->id, $composition->usesOn($area->area->id), $standard, $shown->id, $area->area->surface === Surface::WHOLE ? null : $overAll);
            if ($ladder !== null) {
                $painted[$area->area->id] = $ladder;
            }
        }

        return new SchemeReading($scheme, $ladders, $standard, $types, $key, $shown, $composition, new PaintedFigure($types[$key], $painted, $standard, $scheme->focal ?? [], $scheme->one_colour), $this->mending($ladders), Acceptances::of($scheme), $overAll);
    }

    /**
     * Key of the figure type that is meant.
     *
     * @throws NotRight if there is none of that name
     */
    public function type(Scheme $scheme, ?string $type): string
    {
        return self::key($this->types->of($scheme->force_id), $type);
    }

    /** @param  array<string, FigureType>  $types by key */
    private static function key(array $types, ?string $type): string
    {
        $key = $type ?? array_key_first($types) ?? throw NotRight::at('/type', 'no-figure-type', 'The studio has no figure type yet; make one in Studio or with a roster, then its areas can be coloured.');

        return isset($types[$key]) ? $key : throw NotRight::at('/type', 'unknown-figure-type', "The force has no figure type \"{$key}\"; it has: ".implode(', ', array_keys($types)).'.');
    }

    public function standard(Scheme $scheme): Standard
    {
        $job = Job::query()->where('force_id', $scheme->force_id)->where('state', JobState::Open)->orderByDesc('id')->first();
        $version = $job === null ? StandardVersion::inForce() : StandardVersion::query()->find($job->standard_version_id);

        return $version === null
            ? throw NotRight::at('/tier', 'no-standard', 'No standard is in force; write one and put it in force first, for its tiers say what a scheme is laid with.')
            : $this->library->of($version->id);
    }

    public function mending(SchemeLadders $ladders): Mending
    {
        $light = $ladders->scheme->light_paint_id;

        return new Mending($ladders->rules->ladder, new Tints(array_values($this->paints->all())), $light === null ? null : Recipe::of($this->paints->paint($light)));
    }

    private static function tier(Standard $standard, ?string $id): Tier
    {
        $offered = $standard->offeredTiers();
        foreach ($offered as $tier) {
            if ($tier->id === $id) {
                return $tier;
            }
        }
        if ($id !== null) {
            throw NotRight::at('/tier', 'unknown-tier', "The standard has no tier \"{$id}\"; it has: ".implode(', ', array_map(static fn (Tier $tier): string => $tier->id, $offered)).'.');
        }
        $listed = array_filter($offered, static fn (Tier $tier): bool => ! $tier->byAgreement);

        return array_values($listed)[count($listed) - 1] ?? $offered[0] ?? throw NotRight::at('/tier', 'no-tier', 'The standard has no tier that is offered.');
    }
}
