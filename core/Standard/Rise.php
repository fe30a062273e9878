<?php

declare(strict_types=1);

namespace Core\Standard;

/** What a use adds to the next lower tier. */
final readonly class Rise
{
    public const NEW = 'new';

    public const MORE = 'more';

    public const INSTEAD = 'instead';

    public const SAME = 'same';

    /**
     * @param  self::NEW|self::MORE|self::INSTEAD|self::SAME  $kind
     * @param  string  $note what it was at the lower tier, in words; empty where nothing was
     */
    private function __construct(
        public string $kind,
        public string $note,
    ) {
    }

    public static function of(TechniqueUse $use, ?Requirement $lower, Answering $answering): self
    {
        $before = $lower?->use($use->id);
        if ($before === null) {
            return self::byAnother($use, $lower, $answering);
        }
        if ($before->techniques !== $use->techniques) {
            return new self(self::INSTEAD, implode(' or ', $before->techniques));
        }
        $grown = $before->asksLessThan($use) || $before->places !== $use->places || $before->cover !== $use->cover;
        $was = UseWords::degree($before);

        return $grown ? new self(self::MORE, $was === '' ? 'one pass everywhere' : $was) : new self(self::SAME, '');
    }

    private static function byAnother(TechniqueUse $use, ?Requirement $lower, Answering $answering): self
    {
        foreach ($lower->uses ?? [] as $before) {
            if ($answering->answers($use, $before)) {
                return new self(self::INSTEAD, $before->id);
            }
        }

        return new self(self::NEW, '');
    }
}
