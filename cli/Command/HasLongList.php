<?php

declare(strict_types=1);

namespace Cli\Command;

/** A command whose input is a long list of small entries, too long to look at each by its schema. */
interface HasLongList extends Command
{
    /** The member of the input that is the list. */
    public function longList(): string;

    /** Whether an entry certainly has the shape of the schema; where not, the schema is asked. */
    public function isSound(mixed $entry): bool;
}
