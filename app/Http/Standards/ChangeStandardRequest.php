<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\PieceChange;
use App\Http\Shared\AnyJson;
use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use App\Refusals\NotRight;
use Document\Standard\Piece;
use Document\Standard\PieceKind;

/** New values for pieces of a draft, each with the revision that was read. */
final class ChangeStandardRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'changes' => ['required', 'array', 'min:1', 'max:200'],
            'changes.*.kind' => ['required', OneOf::of(PieceKind::class)],
            'changes.*.id' => ['nullable', 'string', 'max:120'],
            'changes.*.surface' => ['nullable', 'string', 'max:120'],
            'changes.*.revision' => ['required', 'integer', 'min:0'],
            'changes.*.value' => [new AnyJson],
        ];
    }

    /** @return list<PieceChange> */
    public function changes(): array
    {
        $changes = [];
        foreach ($this->sent() as $i => $change) {
            $value = $change['value'] ?? null;
            if ($value !== null && ! is_array($value)) {
                throw NotRight::at("/changes/{$i}/value", 'wrong-type', 'A piece is an object, or null to take it away.');
            }
            $changes[] = new PieceChange(
                Piece::of(PieceKind::from(self::text($change, 'kind')), self::text($change, 'id'), self::text($change, 'surface')),
                $value,
                is_int($change['revision'] ?? null) ? $change['revision'] : 0,
                "/changes/{$i}/value",
            );
        }

        return $changes;
    }

    /**
     * As it was sent: values of a standard are not trimmed, and an empty text is not nothing.
     *
     * @return list<array<array-key, mixed>>
     */
    private function sent(): array
    {
        $body = json_decode((string) $this->getContent(), true);
        $changes = is_array($body) && is_array($body['changes'] ?? null) ? $body['changes'] : [];

        return array_values(array_filter($changes, is_array(...)));
    }

    /** @param  array<array-key, mixed>  $change */
    private static function text(array $change, string $member): string
    {
        return is_string($change[$member] ?? null) ? $change[$member] : '';
    }
}
