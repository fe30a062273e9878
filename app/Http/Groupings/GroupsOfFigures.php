<?php

declare(strict_types=1);

namespace App\Http\Groupings;

use App\Actions\Groupings\Group;
use App\Http\Shared\ApiRequest;

/**
 * What a grouping is called, and its groups.
 *
 * @phpstan-require-extends ApiRequest
 */
trait GroupsOfFigures
{
    protected const GROUPS = [
        'name' => ['required', 'string', 'max:120'],
        'groups' => ['present', 'array', 'max:100'],
        'groups.*.name' => ['bail', 'required', 'string', 'max:120', 'distinct:ignore_case'],
        'groups.*.figures' => ['present', 'array', 'max:1000'],
        'groups.*.figures.*' => ['bail', 'required', 'integer'],
    ];

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['groups.*.name.distinct' => 'Another group has this name; give each its own.'];
    }

    public function called(): string
    {
        return $this->string('name')->toString();
    }

    /** @return list<Group> */
    public function groups(): array
    {
        /** @var list<array{name: string, figures: list<int|string>}> $groups */
        $groups = $this->validated('groups');

        return array_map(static fn (array $group): Group => new Group($group['name'], array_map(intval(...), $group['figures'])), $groups);
    }
}
