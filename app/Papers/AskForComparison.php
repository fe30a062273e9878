<?php

declare(strict_types=1);

namespace App\Papers;

use App\Actions\Standards\StandardLibrary;
use App\Models\Paper;
use App\Models\PaperKind;
use App\Models\StandardVersion;
use App\Models\User;
use Core\CoreException;

/** Has two tiers side by side made as a paper. */
final readonly class AskForComparison
{
    public function __construct(
        private AskForPaper $asking,
        private StandardLibrary $library,
    ) {
    }

    /**
     * @param  string  $left id of a tier
     * @param  string  $right likewise, of the other version
     *
     * @throws CoreException if a version has no tier of that name; that is refused now and not by a paper that never comes
     */
    public function handle(User $asks, StandardVersion $version, string $left, StandardVersion $other, string $right): Paper
    {
        return $this->asking->handle($asks, PaperKind::Comparison, [
            'left' => $this->library->of($version->id)->tier($left)->id, 'left_version' => $version->id,
            'right' => $this->library->of($other->id)->tier($right)->id, 'right_version' => $other->id,
        ]);
    }
}
