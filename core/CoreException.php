<?php

declare(strict_types=1);

namespace Core;

use DomainException;

/**
 * What the core refuses: a word of the published list of codes, the place in the document that was
 * read, and a sentence that says what is wrong and what would be right.
 */
abstract class CoreException extends DomainException
{
    final protected function __construct(
        private readonly string $errorCode,
        private readonly string $pointer,
        string $sentence,
    ) {
        parent::__construct($sentence);
    }

    /** One of the codes of the command contract, such as `unknown-tier`. */
    public function code(): string
    {
        return $this->errorCode;
    }

    /** JSON pointer (RFC 6901) to the wrong value; the empty string when nothing was read from a document. */
    public function pointer(): string
    {
        return $this->pointer;
    }
}
