<?php

declare(strict_types=1);

namespace App\Casts;

use App\Actions\Quotes\QuoteContent;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * What was offered, in a JSON column. Quotes from before there were pictures of figures, or plates, have none.
 *
 * @phpstan-import-type OfferedContent from QuoteContent
 *
 * @implements CastsAttributes<OfferedContent, OfferedContent>
 */
final class OfferedContentJson implements CastsAttributes
{
    /** @return OfferedContent */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        $decoded = is_string($value) ? json_decode($value, true, flags: JSON_THROW_ON_ERROR) : [];
        /** @var OfferedContent $content as it was written when the quote was made */
        $content = ['wishes' => [], 'figures' => [], 'plates' => [], ...(is_array($decoded) ? $decoded : [])];

        return $content;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR);
    }
}
