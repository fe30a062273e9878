<?php

declare(strict_types=1);

namespace App\Http\Papers;

use App\Http\Shared\AnybodyRequest;
use App\Models\Paper;

/** For a paper that was asked for: whoever may ask for it may have it, whoever asked first. */
final class PaperRequest extends AnybodyRequest
{
    public function authorize(): bool
    {
        $paper = $this->route('paper');

        return parent::authorize() && $paper instanceof Paper && in_array($this->person()->role, $paper->kind->roles(), true);
    }
}
