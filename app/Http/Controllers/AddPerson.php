<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Studios\AddPerson as AddPersonAction;
use App\Http\Requests\PersonRequest;
use App\Http\Resources\PeopleResource;

/** Makes an account for somebody of the studio. */
final readonly class AddPerson
{
    public function __construct(private AddPersonAction $adding)
    {
    }

    public function __invoke(PersonRequest $request): PeopleResource
    {
        $studio = $request->person()->studio;
        $this->adding->handle(
            $studio,
            $request->string('name')->toString(),
            $request->string('email')->toString(),
            $request->role(),
            $request->signingRank(),
            $request->string('password')->toString(),
        );

        return new PeopleResource(array_values($studio->users()->orderBy('name')->get()->all()));
    }
}
