<?php

declare(strict_types=1);

namespace Document\Standard;

use ArrayObject;
use Core\CoreException;

/** What is done with what a document gets wrong: thrown at once, or kept, so that all of it can be told. */
final readonly class Refusals
{
    /** @param  ArrayObject<int, CoreException>|null  $kept null: thrown at once */
    private function __construct(private ?ArrayObject $kept)
    {
    }

    public static function thrown(): self
    {
        return new self(null);
    }

    public static function kept(): self
    {
        /** @var ArrayObject<int, CoreException> $kept */
        $kept = new ArrayObject;

        return new self($kept);
    }

    /** @throws CoreException unless refusals are kept */
    public function refuse(CoreException $refusal): void
    {
        if ($this->kept === null) {
            throw $refusal;
        }
        $this->kept->append($refusal);
    }

    /** @return list<CoreException> in the order they were met */
    public function all(): array
    {
        return array_values($this->kept?->getArrayCopy() ?? []);
    }
}
