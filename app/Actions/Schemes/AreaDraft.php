<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

/**
 * The colours of an area as somebody writes them, not looked at yet.
 *
 * @phpstan-type RungDraft array{role: string, mix: string, cover: float, coats: int}
 * @phpstan-type UseDraft array{use: string, step: int, mix: string}
 */
final readonly class AreaDraft
{
    /**
     * @param  string  $figureType key of the type that differs; empty for any
     * @param  list<RungDraft>  $rungs
     * @param  list<UseDraft>  $uses
     * @param  string  $sameAs area whose colours it takes, but for what it says itself; empty: none
     * @param  string  $surface what the area is in this scheme; empty: as its figure type has it
     */
    public function __construct(
        public string $area,
        public string $figureType,
        public array $rungs,
        public array $uses,
        public bool $takesSharedLight = true,
        public string $turn = 'none',
        public bool $quiet = false,
        public string $note = '',
        public string $sameAs = '',
        public string $surface = '',
    ) {
    }
}
