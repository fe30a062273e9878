<?php

declare(strict_types=1);

namespace App\Export;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Makes the pictures of plates that were just shown for the first time, before somebody scrolls to them. */
final class DrawPlates implements ShouldQueue
{
    use Queueable;

    /** Behind what somebody waits for. */
    public const QUEUE = 'ahead';

    /** @param  list<string>  $drawings keys */
    public function __construct(private readonly array $drawings)
    {
        $this->onQueue(self::QUEUE);
    }

    public function handle(PictureAtNeed $pictures): void
    {
        foreach ($this->drawings as $key) {
            $pictures->png($key, PlateFiles::WIDTHS[0]);
        }
    }
}
