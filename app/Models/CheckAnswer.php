<?php

declare(strict_types=1);

namespace App\Models;

use Core\Check\Answer;
use Core\Check\CheckItem;
use Core\Check\ItemKind;

/**
 * What was said of one item, with the words it was said of.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $check_action_id
 * @property ItemKind $item
 * @property string $area
 * @property string $criterion id of the criterion, or of the use that was handed over undone
 * @property string|null $text as it stood; null: answered before words were kept
 * @property string|null $severity
 * @property string $source
 * @property Answer $answer
 * @property string|null $side
 * @property string $reason
 */
final class CheckAnswer extends StudioRow
{
    protected $table = 'check_answers';

    public $timestamps = false;

    protected $casts = ['item' => ItemKind::class, 'answer' => Answer::class];

    protected $attributes = ['item' => 'criterion'];

    public function itemKey(): string
    {
        return CheckItem::keyOf($this->area, $this->criterion, $this->item);
    }
}
