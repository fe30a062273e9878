<?php

declare(strict_types=1);

namespace Core\Standard;

/** Which techniques come before which. */
final readonly class TechniqueOrder
{
    /** @param  array<array-key, list<string>>  $later by technique, those that come after it */
    private function __construct(private array $later)
    {
    }

    /** @param  list<Technique>  $techniques */
    public static function of(array $techniques): self
    {
        $later = [];
        foreach ($techniques as $technique) {
            foreach ($technique->after as $precedence) {
                $later[$precedence->technique][] = $technique->id;
            }
            foreach ($technique->before as $precedence) {
                $later[$technique->id][] = $precedence->technique;
            }
        }

        return new self($later);
    }

    /** @return non-empty-list<string>|null techniques that must come before each other, in a ring; null when there are none */
    public function ring(): ?array
    {
        $done = [];
        foreach (array_keys($this->later) as $start) {
            $ring = $this->walk((string) $start, [], $done);
            if ($ring !== null) {
                return $ring;
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $path
     * @param  array<array-key, true>  $done
     * @return non-empty-list<string>|null
     */
    private function walk(string $technique, array $path, array &$done): ?array
    {
        $seen = array_search($technique, $path, true);
        if ($seen !== false) {
            $ring = array_slice($path, $seen);

            return $ring === [] ? null : $ring;
        }
        if (isset($done[$technique])) {
            return null;
        }
        foreach ($this->later[$technique] ?? [] as $next) {
            $ring = $this->walk($next, [...$path, $technique], $done);
            if ($ring !== null) {
                return $ring;
            }
        }
        $done[$technique] = true;

        return null;
    }
}
