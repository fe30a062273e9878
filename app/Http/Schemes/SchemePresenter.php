<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\AreaDraft;
use App\Actions\Schemes\DraftReader;
use App\Actions\Schemes\ForcePaints;
use App\Actions\Schemes\ReadScheme;
use App\Models\Scheme;
use App\Models\SchemeNote;

/** A scheme as it is shown. */
final readonly class SchemePresenter
{
    private const MOST_NOTES = 50;

    public function __construct(
        private ReadScheme $reading,
        private DraftReader $drafts,
        private ForcePaints $paints,
    ) {
    }

    public function of(Scheme $scheme, ?string $type, ?string $tier): SchemeResource
    {
        $scheme->load(['force', 'groundPaint', 'sketchPaint', 'lightPaint']);
        $others = array_map(SchemesResource::row(...), $this->list($scheme->force_id));

        return new SchemeResource($this->reading->handle($scheme, $type, $tier), $others, array_values(SchemeNote::query()->where('scheme_id', $scheme->id)->with('user')->orderByDesc('id')->limit(self::MOST_NOTES)->get()->all()), $this->paints->of($scheme->force_id));
    }

    /** @return list<Scheme> of one force, or of all */
    public function list(?int $forceId = null): array
    {
        $query = Scheme::query()->with('force')->withCount('areas')->orderBy('force_id')->orderByRaw('common_id IS NOT NULL, name');

        return array_values(($forceId === null ? $query : $query->where('force_id', $forceId))->get()->all());
    }

    /** An area as it would come out, written so; nothing is stored. */
    public function preview(Scheme $scheme, AreaDraft $draft, ?string $type, ?string $tier, int $figures): SchemeAreaResource
    {
        $ladder = $this->drafts->read($draft);
        $reading = $this->reading->handle($scheme, $type, $tier);

        return new SchemeAreaResource($reading, $scheme, $ladder, $draft, $figures);
    }

    public function plates(Scheme $scheme, ?string $type, ?string $area): SchemePlatesResource
    {
        $reading = $this->reading->handle($scheme, $type, null);

        return new SchemePlatesResource($reading, $reading->plates($area));
    }
}
