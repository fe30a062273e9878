<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Checks\ActInCheck;
use App\Http\Checks;
use App\Http\Requests\AnswerRequest;
use App\Http\Resources\CheckResource;
use App\Models\Check;

/** Answers one item of a check. */
final readonly class AnswerItem
{
    public function __construct(private ActInCheck $acting, private Checks $checks)
    {
    }

    public function __invoke(AnswerRequest $request, Check $check): CheckResource
    {
        return $this->checks->read($this->acting->answer(
            $check,
            $request->versionRead(),
            $request->string('area')->toString(),
            $request->string('criterion')->toString(),
            $request->answer(),
            $request->side(),
            $request->string('reason')->toString(),
            $request->person(),
        ), $request->person());
    }
}
