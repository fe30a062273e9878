<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\Scheme;
use App\Models\SchemeArea;
use App\Refusals\NotRight;
use App\Refusals\Stale;
use Core\Scheme\AreaLadder;
use Core\Scheme\LadderMerge;

/** Writes the colours of an area down, whole; what differs from them follows. */
final readonly class StoreArea
{
    public function __construct(
        private DraftReader $drafts,
        private SchemeBook $book,
        private Following $following,
        private WriteLadder $write,
        private AreaSurface $surfaces,
    ) {
    }

    /** @throws NotRight if the scheme has the area already for these figures, or something in it cannot be read */
    public function create(Scheme $scheme, AreaDraft $draft): SchemeArea
    {
        $ladder = $this->drafts->read($draft);
        $this->surfaces->require($scheme, $draft->surface);

        return Transaction::run(fn (): SchemeArea => $this->following->during($scheme->force_id, function () use ($scheme, $draft, $ladder): array {
            if (SchemeArea::query()->where(['scheme_id' => $scheme->id, 'area' => $draft->area, 'figure_type' => $draft->figureType])->exists()) {
                throw NotRight::at('/area', 'area-exists', "\"{$draft->area}\" has its colours in this scheme already; open it there, or say for which figures these differ.");
            }
            $this->requireSource($scheme, $draft);
            $row = SchemeArea::query()->create([
                'scheme_id' => $scheme->id, 'area' => $draft->area, 'figure_type' => $draft->figureType, 'note' => $draft->note, 'same_as' => $draft->sameAs, 'surface' => $draft->surface,
                'position' => SchemeArea::query()->where('scheme_id', $scheme->id)->count() + 1,
            ])->refresh();
            $this->write->handle($row, $ladder);
            $this->settle($scheme, $row, '');

            return [[$row->id], $row];
        }));
    }

    /**
     * @param  string|null  $seenOn figure type that it was looked at on while it was written
     *
     * @throws Stale|NotRight
     */
    public function replace(SchemeArea $row, AreaDraft $draft, int $versionRead, ?string $seenOn = null): SchemeArea
    {
        $ladder = $this->drafts->read($draft);
        $scheme = $row->scheme()->firstOrFail();
        $this->surfaces->require($scheme, $draft->surface);

        return Transaction::run(fn (): SchemeArea => $this->following->during($scheme->force_id, function () use ($row, $scheme, $draft, $ladder, $versionRead, $seenOn): array {
            $now = Versioned::lock($row, $versionRead, "the colours of \"{$row->area}\"");
            $this->requireSource($scheme, $draft, $now->same_as);
            $written = $this->asWritten($scheme, $now, $ladder, $seenOn);
            $was = $now->surface;
            $now->fill(['note' => $draft->note, 'same_as' => $draft->sameAs, 'surface' => $draft->surface]);
            $this->write->handle($now, $written);
            $this->settle($scheme, $now, $was);

            return [[$now->id], $now];
        }));
    }

    /** Called at the beginning of a transaction, on a row that is there. */
    public function rewrite(SchemeArea $row, AreaLadder $ladder): void
    {
        $this->following->during($row->scheme()->firstOrFail()->force_id, function () use ($row, $ladder): array {
            $this->write->handle($row, $ladder);

            return [[$row->id], null];
        });
    }

    /** @throws Stale */
    public function remove(SchemeArea $row, int $versionRead): void
    {
        $scheme = $row->scheme()->firstOrFail();
        Transaction::run(fn () => $this->following->during($scheme->force_id, function () use ($row, $scheme, $versionRead): array {
            $now = Versioned::lock($row, $versionRead, "the colours of \"{$row->area}\"");
            $this->write->clear($now);
            $was = $now->surface;
            $now->surface = '';
            $this->settle($scheme, $now, $was);
            $now->delete();

            return [[$row->id], null];
        }));
    }

    private function settle(Scheme $scheme, SchemeArea $row, string $was): void
    {
        if ($row->surface !== $was) {
            $this->surfaces->changed($scheme, $row);
        }
    }

    /** What was changed where something of the figure type showed through is changed in what holds for any. */
    private function asWritten(Scheme $scheme, SchemeArea $row, AreaLadder $ladder, ?string $seenOn): AreaLadder
    {
        $seen = $seenOn === null ? null : $this->book->of($scheme)->find($seenOn, $row->area);
        if ($seen === null || $seen['row']->id !== $row->id) {
            return $ladder;
        }
        $own = $this->book->ladder($seen['row']);

        return $seen['ladder']->equals($own) ? $ladder : (new LadderMerge($seen['ladder'], $own))->over($ladder);
    }

    /** @throws NotRight if the area shall be the same as one that has no colours, or that takes its own from this one */
    private function requireSource(Scheme $scheme, AreaDraft $draft, string $before = ''): void
    {
        if ($draft->sameAs === $before) {
            return;
        }
        $said = $this->book->of($scheme)->said;
        if ($said->leadsBack($draft->area, $draft->sameAs, $draft->figureType)) {
            throw NotRight::at('/same_as', 'same-as-itself', "\"{$draft->sameAs}\" takes its colours from \"{$draft->area}\" itself; let one of the two have its own.");
        }
        if ($said->find($draft->figureType, $draft->sameAs) === null) {
            throw NotRight::at('/same_as', 'no-ladder', "Nothing is said of \"{$draft->sameAs}\" yet; give it its colours first.", $draft->sameAs);
        }
    }
}
