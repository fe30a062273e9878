<?php

declare(strict_types=1);

namespace App\Papers;

use App\Export\PdfFiles;
use App\Models\CurrentStudio;
use App\Models\Paper;
use App\Models\PaperKind;
use App\Models\PaperState;
use App\Models\StudioScope;
use App\Refusals\Refusal;
use Carbon\CarbonImmutable;
use Core\CoreException;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes a paper that was asked for. A worker that was stopped in the middle leaves it to another, which finds what is drawn already. */
final class WritePaper implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 600;

    public function __construct(
        private readonly int $studio,
        private readonly int $paper,
    ) {
    }

    public function handle(CurrentStudio $studio, PdfFiles $files): void
    {
        $studio->enter($this->studio);
        $paper = Paper::query()->find($this->paper);
        if ($paper === null || ! $paper->state->isOpen()) {
            return;
        }
        try {
            $page = $this->maker($paper)->page($paper, static function (int $drawn, int $of) use ($paper): void {
                $paper->update(['state' => PaperState::Drawing, 'drawn' => $drawn, 'of' => $of]);
            });
            $paper->update(['state' => PaperState::Made, 'file' => $files->of($page), 'made_at' => CarbonImmutable::now()]);
        } catch (Refusal|CoreException $refusal) {
            $this->end($refusal->getMessage());
        } catch (ModelNotFoundException) {
            $this->end('What it is of was taken away meanwhile.');
        }
    }

    /** Nobody waits for what does not come. */
    public function failed(?Throwable $why): void
    {
        $this->end('The paper could not be made; the log of the application says why. Ask for it again.');
    }

    private function end(string $sentence): void
    {
        Paper::query()->withoutGlobalScope(StudioScope::class)->whereKey($this->paper)->whereIn('state', PaperState::OPEN)->update(['state' => PaperState::Failed, 'said' => mb_substr($sentence, 0, 500)]);
    }

    private function maker(Paper $paper): Maker
    {
        return app(match ($paper->kind) {
            PaperKind::Proof => ProofPaper::class,
            PaperKind::Comparison => ComparisonPaper::class,
        });
    }
}
