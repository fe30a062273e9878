<?php

declare(strict_types=1);

namespace App\Http\Shared;

use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** A file to be kept, of the type that its address {@see Answers}. */
final readonly class Download implements Responsable
{
    /** @param  string  $plain the name in plain letters, for programs that know no others; empty: the same */
    public function __construct(
        private string $bytes,
        private string $name,
        private string $plain = '',
    ) {
    }

    public function toResponse($request): Response
    {
        return new Response($this->bytes, 200, [
            'Content-Type' => Answers::to($request)->type,
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', str_replace(['/', '\\', '%'], ' ', $this->name), $this->plain),
        ]);
    }
}
