<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\Hours;
use App\Models\User;
use App\Refusals\NotAllowed;

/** Writes down when somebody sits at the bench. */
final readonly class WriteHours
{
    public function __construct(private Hours $hours)
    {
    }

    public function __invoke(HoursRequest $request, User $user): HoursResource
    {
        if (! $request->person()->isLead() && $user->id !== $request->person()->id) {
            throw NotAllowed::because('not-your-hours', 'Everybody writes down own hours; those of others the lead.');
        }
        $this->hours->write($user, $request->integer('begins'), $request->pause(), $request->minutes(), $request->away(), $request->versionRead());

        return new HoursResource($request->person()->studio, $request->person());
    }
}
