<?php

declare(strict_types=1);

namespace App\Refusals;

use DomainException;

/** What an action refuses, with a code for programs, a sentence for people, and the place it speaks of. */
abstract class Refusal extends DomainException
{
    /**
     * @param  string  $path JSON pointer into what was sent; empty when it is about the whole
     * @param  string  $about the name that it speaks of, such as that of a paint; empty for none
     */
    final protected function __construct(
        private readonly string $errorCode,
        string $sentence,
        private readonly string $path = '',
        private readonly string $about = '',
    ) {
        parent::__construct($sentence);
    }

    public function errorCode(): string
    {
        return $this->errorCode;
    }

    public function path(): string
    {
        return $this->path;
    }

    public function about(): string
    {
        return $this->about;
    }
}
