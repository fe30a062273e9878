<?php

declare(strict_types=1);

namespace Document\Difference;

use Core\School\SchoolBook;
use Core\School\SchoolQuestion;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Technique;

/** What differs beside tiers and cells: techniques, surfaces, schools, the reference figure. */
final readonly class WholeChangeWords
{
    public function __construct(
        private Standard $from,
        private Standard $to,
    ) {
    }

    /** @return list<ChangeLine> */
    public function lines(): array
    {
        return [
            ...self::named('Technique', $this->from->techniques, $this->to->techniques),
            ...self::named('Surface', $this->from->surfaces, $this->to->surfaces),
            ...$this->schools(),
            ...($this->from->reference == $this->to->reference ? [] : [new ChangeLine(null, null, 'Reference figure', 'changed; all hours for it follow')]),
        ];
    }

    /**
     * @param  list<Technique>|list<Surface>  $before
     * @param  list<Technique>|list<Surface>  $after
     * @return list<ChangeLine>
     */
    private static function named(string $kind, array $before, array $after): array
    {
        $old = array_column($before, null, 'id');
        $new = array_column($after, null, 'id');
        $lines = [];
        foreach ($after as $one) {
            $was = $old[$one->id] ?? null;
            $what = match (true) {
                $was === null => 'new',
                $was->name !== $one->name => "called {$one->name} instead of {$was->name}",
                $was != $one => 'described otherwise',
                default => '',
            };
            if ($what !== '') {
                $lines[] = new ChangeLine(null, null, "{$kind} {$one->name}", $what);
            }
        }
        foreach ($before as $one) {
            if (! isset($new[$one->id])) {
                $lines[] = new ChangeLine(null, null, "{$kind} {$one->name}", 'taken away');
            }
        }

        return $lines;
    }

    /** @return list<ChangeLine> */
    private function schools(): array
    {
        $lines = [];
        foreach (SchoolQuestion::cases() as $question) {
            $before = $this->from->schools->choice($question);
            $after = $this->to->schools->choice($question);
            if ($before !== $after) {
                $lines[] = new ChangeLine(null, null, $question->inWords(), self::choice($question, $after).' instead of '.self::choice($question, $before));
            }
        }

        return $lines;
    }

    private static function choice(SchoolQuestion $question, ?string $id): string
    {
        foreach (SchoolBook::choices($question) as $choice) {
            if ($choice->id === $id) {
                return $choice->name;
            }
        }

        return 'left open';
    }
}
