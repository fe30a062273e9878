<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\DraftReading;
use App\Actions\Standards\EditedStandard;
use App\Actions\Standards\PieceChange;
use App\Actions\Standards\RunningWork;
use App\Actions\Standards\StandardLibrary;
use App\Models\Job;
use App\Models\JobState;
use App\Models\StandardVersion;
use App\Models\User;
use Document\Standard\StandardReader;

/**
 * A version of the standard as it is shown, and as it is written.
 *
 * @phpstan-import-type StandardDocument from StandardReader as Document
 */
final readonly class SheetPresenter
{
    public function __construct(
        private StandardLibrary $library,
        private DraftReading $drafts,
    ) {
    }

    public function of(StandardVersion $version): SheetResource
    {
        $document = $this->library->document($version);

        return new SheetResource(
            $version,
            StandardReader::ofSound()->read($document),
            $document,
            RunningWork::now(),
            Job::query()->where('standard_version_id', $version->id)->where('state', JobState::Open)->count(),
        );
    }

    /** @param  list<PieceChange>  $changes */
    public function preview(StandardVersion $version, array $changes): PreviewResource
    {
        $document = EditedStandard::of($this->library->document($version), $changes);

        /** @var Document $document */
        return new PreviewResource(StandardReader::ofSound()->read($document), $document, $changes, RunningWork::now());
    }

    public function draft(StandardVersion $version, User $reader): DraftResource
    {
        return new DraftResource($this->of($version), $this->library->document($version), $this->drafts->of($version, $reader));
    }
}
