<?php

declare(strict_types=1);

namespace App\Models;

use Core\School\SchoolQuestion;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $unit_id
 * @property int|null $figure_id
 * @property int $figure_area_id
 * @property SchoolQuestion $question
 * @property string $choice
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read FigureArea $figureArea
 */
final class AreaSchool extends StudioRow
{
    protected $table = 'area_schools';

    protected $casts = ['question' => SchoolQuestion::class];

    /** @return BelongsTo<FigureArea, $this> */
    public function figureArea(): BelongsTo
    {
        return $this->belongsTo(FigureArea::class);
    }
}
