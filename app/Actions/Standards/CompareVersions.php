<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\StandardVersion;
use Core\Standard\Standard;
use Document\Difference\ChangeLine;
use Document\Difference\DifferenceWords;

/** What differs between two versions, in words; a version without one before it differs from nothing. */
final readonly class CompareVersions
{
    public function __construct(private StandardLibrary $library)
    {
    }

    /** The version that a draft would take the place of: the one in force, else the one it was made from. */
    public function before(StandardVersion $version): ?StandardVersion
    {
        $inForce = StandardVersion::inForce();

        return $inForce !== null && $inForce->id !== $version->id ? $inForce : StandardVersion::query()->find($version->based_on_id);
    }

    /** @return list<ChangeLine> */
    public function lines(StandardVersion $from, StandardVersion $to): array
    {
        return self::between($this->library->of($from->id), $this->library->of($to->id));
    }

    /** @return list<ChangeLine> */
    public static function between(Standard $from, Standard $to): array
    {
        return (new DifferenceWords($from, $to))->lines();
    }
}
