<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\People\Clear;
use App\Models\User;
use App\Refusals\NotRight;
use Core\Standard\Clearances;

/** Who may look on while somebody does what they are not cleared for: who checks for the studio, and who may do it alone. */
final readonly class Supervision
{
    /**
     * @param  list<User>  $others of their studio
     * @param  array<int, Clearances>  $clearances by person
     */
    private function __construct(private array $others, private array $clearances)
    {
    }

    public static function of(User $painter): self
    {
        $others = array_values(User::query()->where('studio_id', $painter->studio_id)->whereKeyNot($painter->id)->whereNull('ended_at')->orderBy('name')->get()->all());

        return new self($others, Clear::ofAll($others));
    }

    /**
     * @param  int  $rank of the tier at which it is done
     * @return list<User>
     */
    public function whoMayLookOn(string $technique, int $rank): array
    {
        return array_values(array_filter($this->others, fn (User $one): bool => $one->role->checks() || $this->clearances[$one->id]->cover($technique, $rank) === true));
    }

    /** @throws NotRight if this person may not do it alone either */
    public function require(int $person, string $technique, int $rank, string $inWords): void
    {
        if (! in_array($person, array_map(static fn (User $one): int => $one->id, $this->whoMayLookOn($technique, $rank)), true)) {
            throw NotRight::at('/supervisor_id', 'may-not-look-on', "Who looks on at {$inWords} may do it alone, or checks for the studio, and is somebody else; choose one of those who are listed.");
        }
    }
}
