<?php

declare(strict_types=1);

namespace App\Papers;

use App\Actions\Schemes\ReadScheme;
use App\Models\Paper;
use App\Models\PaperKind;
use App\Models\Scheme;
use App\Models\User;
use App\Refusals\NotRight;

/** Has the proof plates of a figure in a scheme's colours made as a paper. */
final readonly class AskForProof
{
    public function __construct(
        private AskForPaper $asking,
        private ReadScheme $reading,
    ) {
    }

    /**
     * @param  string|null  $type key of a figure type; null: the first of the force
     *
     * @throws NotRight if there is none of that name; that is refused now and not by a paper that never comes
     */
    public function handle(User $asks, Scheme $scheme, ?string $type): Paper
    {
        return $this->asking->handle($asks, PaperKind::Proof, ['scheme' => $scheme->id, 'type' => $this->reading->type($scheme, $type)]);
    }
}
