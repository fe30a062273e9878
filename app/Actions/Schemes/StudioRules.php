<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\ReadOnce;
use App\Models\CurrentStudio;
use App\Models\Studio;
use App\Refusals\NotRight;
use Core\CoreException;
use Core\Scheme\SchemeRules;
use Core\Scheme\Setting;

/** The numbers that the studio's schemes are held to, read once a request. */
final class StudioRules implements ReadOnce
{
    /** @var array<int, SchemeRules> by studio */
    private array $read = [];

    public function __construct(private readonly CurrentStudio $studio)
    {
    }

    public function now(): SchemeRules
    {
        return $this->read[$this->studio->id()] ??= new SchemeRules(Studio::query()->findOrFail($this->studio->id())->scheme_rules ?? []);
    }

    public function forget(): void
    {
        $this->read = [];
    }

    /**
     * @param  array<string, float>  $numbers by setting; what is as usual is not stored, so that it follows what is usual
     *
     * @throws NotRight if a number makes no sense
     */
    public function change(array $numbers): SchemeRules
    {
        try {
            $rules = new SchemeRules($numbers);
        } catch (CoreException $refusal) {
            throw NotRight::core($refusal, $refusal->pointer());
        }
        $differing = array_filter($rules->numbers(), static fn (float $number, string $name): bool => $number !== Setting::from($name)->usual(), ARRAY_FILTER_USE_BOTH);
        Studio::query()->findOrFail($this->studio->id())->update(['scheme_rules' => $differing === [] ? null : $differing]);

        return $this->read[$this->studio->id()] = $rules;
    }
}
