<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use Core\Check\Answer;
use Core\Check\CheckItem;
use Core\Check\ItemKind;
use Core\Standard\Side;

/** What a checker says of one item. */
final readonly class GivenAnswer
{
    /** @param  string  $id of the criterion, or of the use that was handed over undone */
    public function __construct(
        public string $area,
        public string $id,
        public ItemKind $item,
        public Answer $answer,
        public ?Side $side,
        public string $reason,
    ) {
    }

    public function key(): string
    {
        return CheckItem::keyOf($this->area, $this->id, $this->item);
    }
}
