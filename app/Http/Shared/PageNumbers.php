<?php

declare(strict_types=1);

namespace App\Http\Shared;

use Illuminate\Contracts\Pagination\LengthAwarePaginator;

/** Where in a list a page is, and how much there is in all. */
final readonly class PageNumbers
{
    /**
     * @param  LengthAwarePaginator<int, covariant mixed>  $page
     * @return array{page: int, pages: int, all: int}
     */
    public static function of(LengthAwarePaginator $page): array
    {
        return ['page' => $page->currentPage(), 'pages' => $page->lastPage(), 'all' => $page->total()];
    }
}
