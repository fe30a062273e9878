<?php

declare(strict_types=1);

namespace Core\Standard;

/** How many faults of each severity a tier bears. Each at least 0. */
final readonly class FaultLimits
{
    public function __construct(
        public int $critical,
        public int $major,
        public int $minor,
    ) {
        foreach (['critical' => $critical, 'major' => $major, 'minor' => $minor] as $severity => $limit) {
            if ($limit < 0) {
                throw OutOfRange::below("limit of {$severity} faults", 0, $limit);
            }
        }
    }

    public function of(Severity $severity): int
    {
        return match ($severity) {
            Severity::Critical => $this->critical,
            Severity::Major => $this->major,
            Severity::Minor => $this->minor,
        };
    }

    /** @return array{critical: int, major: int, minor: int} */
    public function toArray(): array
    {
        return ['critical' => $this->critical, 'major' => $this->major, 'minor' => $this->minor];
    }

    public function inWords(): string
    {
        return "critical {$this->critical}, major {$this->major}, minor {$this->minor}";
    }

    /** At each severity the lower of both. */
    public function strictest(self $other): self
    {
        return new self(min($this->critical, $other->critical), min($this->major, $other->major), min($this->minor, $other->minor));
    }

    /** Whether these limits let more faults pass than the others, at any severity. */
    public function areLooserThan(self $other): bool
    {
        return $this->critical > $other->critical
            || $this->major > $other->major
            || $this->minor > $other->minor;
    }
}
