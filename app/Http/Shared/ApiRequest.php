<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Import\PlainText;
use App\Models\Figure;
use App\Models\Role;
use App\Models\Unit;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Validation\Validator;
use LogicException;

/** A request of somebody who is signed in. Who may send it is said by the list of roles; by default the lead only. */
abstract class ApiRequest extends FormRequest
{
    /** A page of a list. */
    protected const PAGE = ['nullable', 'integer', 'min:1', 'max:1000000'];

    /** What names a request that may be sent again. */
    protected const REQUEST_KEY = ['nullable', 'string', 'uuid'];

    private const AS_TYPED = ['password', 'current_password', 'password_confirmation'];

    public function authorize(): bool
    {
        return in_array($this->person()->role, $this->allowed(), true);
    }

    /** What is typed is text and nothing else; a password is what it is. */
    protected function prepareForValidation(): void
    {
        $this->replace(PlainText::ofAll((array) $this->input(), self::AS_TYPED));
    }

    public function person(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : throw new LogicException('This address is behind the sign-in.');
    }

    /** @return array<string, list<mixed>|string> */
    abstract public function rules(): array;

    /** In the list of what is wrong, a member of a list is called by its name, not by the way to it, which its place tells. */
    public function withValidator(Validator $validator): void
    {
        $validator->setImplicitAttributesFormatter(static fn (string $way): string => str_replace('_', ' ', Str::afterLast($way, '.')));
    }

    /** The version of the row that the sender read. */
    public function versionRead(): int
    {
        return $this->integer('version');
    }

    /** What names this request, so that it is done once however often it arrives; null: it is sent once. */
    public function requestKey(): ?string
    {
        return $this->textOrNull('key');
    }

    /** The one figure of the unit that is meant; null: the whole unit. */
    public function figureOf(Unit $unit): ?Figure
    {
        return $this->filled('figure_id') ? Figure::query()->where('unit_id', $unit->id)->findOrFail($this->integer('figure_id')) : null;
    }

    /** @return list<Role> */
    protected function allowed(): array
    {
        return [Role::Lead];
    }

    /** The bytes of a file that came along; null where none did. */
    protected function uploaded(string $name): ?string
    {
        $file = $this->file($name);

        return $file instanceof UploadedFile ? (string) file_get_contents($file->getRealPath()) : null;
    }

    protected function textOrNull(string $name): ?string
    {
        $text = $this->input($name);

        return is_string($text) && $text !== '' ? $text : null;
    }

    protected function numberOrNull(string $name): ?float
    {
        return $this->input($name) === null ? null : $this->float($name);
    }
}
