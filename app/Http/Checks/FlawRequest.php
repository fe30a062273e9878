<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Checks\NotedFlaw;
use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use App\Models\Role;
use Core\Check\FlawKind;
use Core\Standard\Side;

/** A flaw found in a check. */
final class FlawRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'flaw' => ['required', 'string', OneOf::of(FlawKind::class)],
            'area' => ['required', 'string'],
            'side' => ['required', 'string', OneOf::of(Side::class)],
            'size_mm' => ['nullable', 'numeric', 'min:0', 'max:500', 'required_unless:flaw,broken'],
            'note' => ['nullable', 'string', 'max:500'],
            'x' => ['bail', 'nullable', 'numeric', 'min:0', 'max:1', 'required_with:y'],
            'y' => ['bail', 'nullable', 'numeric', 'min:0', 'max:1', 'required_with:x'],
            'key' => self::REQUEST_KEY,
        ];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy];
    }

    public function flaw(): NotedFlaw
    {
        return new NotedFlaw(
            FlawKind::from($this->string('flaw')->toString()),
            $this->string('area')->toString(),
            Side::from($this->string('side')->toString()),
            $this->float('size_mm'),
            $this->string('note')->toString(),
            $this->input('x') === null ? null : ['x' => $this->float('x'), 'y' => $this->float('y')],
        );
    }
}
