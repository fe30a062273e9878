<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\Checks\ActInCheck;
use App\Models\Check;

/** Answers one item of a check. */
final readonly class AnswerItem
{
    public function __construct(private ActInCheck $acting, private CheckPresenter $checks)
    {
    }

    public function __invoke(AnswerRequest $request, Check $check): CheckResource
    {
        $reading = $this->acting->answer($check, $request->versionRead(), $request->given(), $request->person(), $request->requestKey());

        return $this->checks->read($reading, $request->person());
    }
}
