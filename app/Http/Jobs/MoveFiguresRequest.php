<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** Which figures go where: to another unit, or to one of their own by this name. */
final class MoveFiguresRequest extends ApiRequest
{
    use FigureIds;

    public function rules(): array
    {
        return [
            ...self::FIGURE_IDS,
            'to' => ['required_without:name', 'nullable', 'integer'],
            'name' => ['required_without:to', 'nullable', 'string', 'max:190'],
        ];
    }

    public function to(): ?int
    {
        return $this->filled('to') ? $this->integer('to') : null;
    }
}
