<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Actions\Checks\CheckReading;
use App\Actions\Checks\MayCheck;
use App\Actions\Checks\ReadCheck;
use App\Actions\NotAllowed;
use App\Actions\Versioned;
use App\Models\Check;
use App\Models\Figure;
use App\Models\FigureState;
use App\Models\SignOff;
use App\Models\Studio;
use App\Models\User;
use Carbon\CarbonImmutable;
use Core\Record\Link;
use Illuminate\Support\Facades\DB;

/** Signs a figure off: possible only when everything is answered and the verdict allows; the record cannot change any more. */
final readonly class SignFigure
{
    public function __construct(
        private ReadCheck $reading,
        private SignOffRecord $records,
    ) {
    }

    public function handle(Check $check, int $versionRead, User $by): SignOff
    {
        return DB::transaction(function () use ($check, $versionRead, $by): SignOff {
            // Records are appended one after the other, so that the chain of a studio never forks.
            $studio = Studio::query()->lockForUpdate()->findOrFail($check->studio_id);
            $locked = Versioned::lock($check, $versionRead, 'this check');
            $figure = Figure::query()->lockForUpdate()->findOrFail($locked->figure_id);
            $reading = $this->reading->handle($locked);
            MayCheck::requireSigning($by, $figure, $reading->tier);
            $this->requireReady($reading, $figure);
            $signedAt = CarbonImmutable::now('UTC')->startOfSecond();
            $link = self::append($this->records->of($reading, $studio, $by, $signedAt));
            $signOff = SignOff::query()->create([
                'figure_id' => $figure->id, 'check_id' => $locked->id, 'signed_by' => $by->id, 'signed_at' => $signedAt,
                'number' => $link->number, 'previous' => $link->previous, 'hash' => $link->hash, 'record' => $link->canonical,
            ]);
            $locked->setRelations([]);
            $locked->fill(['state' => 'signed', 'closed_at' => $signedAt])->save();
            $figure->fill(['state' => FigureState::Signed, 'version' => $figure->version + 1])->save();

            return $signOff;
        });
    }

    private function requireReady(CheckReading $reading, Figure $figure): void
    {
        if ($reading->check->state !== 'open' || $figure->state !== FigureState::ToCheck) {
            throw NotAllowed::checkClosed();
        }
        $open = count($reading->state->open($reading->sheet));
        if ($open > 0) {
            throw NotAllowed::because('items-open', "{$open} ".($open === 1 ? 'item is' : 'items are').' not answered yet; a figure is signed when everything is.');
        }
        $sides = array_column($reading->state->sidesLeft($reading->sheet), 'value');
        if ($sides !== []) {
            throw NotAllowed::because('sides-left', 'Not every side that counts was passed yet: '.implode(', ', $sides).'.');
        }
        if (! $reading->judgement->verdict->allowsSignOff()) {
            throw NotAllowed::because('verdict-rework', 'The faults are over the limits of the tier; send the figure back, or let the lead waive a fault.');
        }
    }

    /** @param  array<string, mixed>  $record */
    private static function append(array $record): Link
    {
        $last = SignOff::query()->orderByDesc('number')->first();

        return $last === null ? Link::first($record) : Link::stored($last->number, $last->previous, $last->record, $last->hash)->next($record);
    }
}
