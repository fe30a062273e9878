<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Bench\Mixes;
use App\Actions\Bench\Painters;
use App\Actions\Checks\CheckReading;
use App\Actions\Checks\OpenFaults;
use App\Actions\Checks\ReadCheck;
use App\Models\Check;
use App\Models\Figure;
use App\Models\Mishap;
use App\Models\MishapEnd;
use App\Models\RoundState;
use App\Models\User;

/** A check as it is shown to somebody. */
final readonly class CheckPresenter
{
    public function __construct(
        private ReadCheck $reading,
        private Mixes $mixes,
    ) {
    }

    public function of(Check $check, User $user): CheckResource
    {
        return $this->read($this->reading->handle($check), $user);
    }

    public function read(CheckReading $reading, User $user): CheckResource
    {
        $composed = $reading->composed;
        $mixes = $this->mixes->of($composed);
        $colours = [];
        foreach ($composed->type->areas as $area) {
            $colour = $mixes->colour($area->area->id);
            if ($colour !== null) {
                $colours[$area->area->id] = $colour;
            }
        }
        $painted = Painters::of($reading->check->figure);
        /** @var list<string> $painters */
        $painters = User::query()->whereIn('id', $painted)->orderBy('name')->pluck('name')->all();
        $mended = Mishap::query()->where('figure_id', $composed->id)->where('ended', MishapEnd::Mended)->with(['user', 'ender'])->orderBy('id')->get();

        return new CheckResource($reading, $user, $colours, $painters, in_array($user->id, $painted, true), array_values($mended->all()));
    }

    /** The last refused check of a figure, for who mends it. */
    public function toMend(Figure $figure, User $user): MendResource
    {
        $figure->loadMissing(['unit.job', 'unit.tier.piece', 'tier.piece']);
        $check = Check::query()->where('figure_id', $figure->id)->where('state', RoundState::Refused)->orderByDesc('round')->with(['opener', 'closer'])->first();
        $reading = $check === null ? null : $this->reading->handle($check);

        return new MendResource(
            $figure,
            $figure->tier->name ?? $figure->unit->tier->name,
            $check?->closer->name ?? $check?->opener->name,
            $check?->closed_at?->toIso8601ZuluString(),
            $reading === null ? [] : $this->read($reading, $user)->toArray()['faults'],
            $reading === null ? 0 : count(OpenFaults::in($reading)),
            Painters::mayPaint($user, $figure) && $figure->state->isSentBack(),
        );
    }
}
