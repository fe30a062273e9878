<?php

declare(strict_types=1);

namespace App\Http\Papers;

use App\Export\MadeFiles;
use App\Http\Shared\Answers;
use App\Http\Shared\Download;
use App\Models\Paper;
use App\Refusals\NotRight;

/** A paper that was made, as PDF. */
#[Answers(type: 'application/pdf')]
final readonly class DownloadPaper
{
    public function __construct(private MadeFiles $files)
    {
    }

    public function __invoke(PaperRequest $request, Paper $paper): Download
    {
        $pdf = $paper->file === null ? null : $this->files->read($paper->file);

        return $pdf === null
            ? throw NotRight::at('', 'not-made', 'This paper is not there: it is not made yet, or was thrown away since. Ask for it again.')
            : new Download($pdf, "{$paper->kind->value}.pdf");
    }
}
