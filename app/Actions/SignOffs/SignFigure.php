<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Actions\Bench\Painters;
use App\Actions\Checks\CheckLock;
use App\Actions\Checks\CheckReading;
use App\Actions\Checks\MayCheck;
use App\Actions\Checks\ReadCheck;
use App\Actions\Studios\Log;
use App\Actions\Transaction;
use App\Models\Check;
use App\Models\Figure;
use App\Models\LogKind;
use App\Models\RoundState;
use App\Models\SignOff;
use App\Models\Studio;
use App\Models\User;
use App\Refusals\NotAllowed;
use Carbon\CarbonImmutable;
use Core\Plan\FigureState;
use Core\Record\Link;

/** Signs a figure off: possible only when everything is answered and the verdict allows; the record cannot change any more. */
final readonly class SignFigure
{
    public function __construct(
        private ReadCheck $reading,
        private SignOffRecord $records,
        private Keyring $keys,
        private Anchors $anchors,
    ) {
    }

    public function handle(Check $check, int $versionRead, User $by): SignOff
    {
        $signOff = Transaction::run(function () use ($check, $versionRead, $by): SignOff {
            // Records are appended one after the other, so that the chain of a studio never forks.
            $studio = Studio::query()->lockForUpdate()->findOrFail($check->studio_id);
            $lock = CheckLock::take($check, $versionRead);
            [$figure, $locked] = [$lock->figure, $lock->check];
            $reading = $this->reading->handle($locked);
            MayCheck::requireSigning($by, $figure, $reading->tier);
            $this->requireReady($reading, $figure);
            $signedAt = CarbonImmutable::now('UTC')->startOfSecond();
            $link = self::append($this->records->of($reading, $studio, $by, $signedAt));
            $signOff = SignOff::query()->create([
                'figure_id' => $figure->id, 'check_id' => $locked->id, 'signed_by' => $by->id, 'signed_at' => $signedAt,
                'number' => $link->number, 'previous' => $link->previous, 'hash' => $link->hash, 'record' => $link->canonical,
                ...$this->seal($studio->id, $link),
            ]);
            $locked->setRelations([]);
            $locked->fill(['state' => RoundState::Signed, 'closed_at' => $signedAt, 'closed_by' => $by->id])->save();
            $figure->fill(['state' => FigureState::Signed, 'version' => $figure->version + 1])->save();
            if (Painters::painted($by, $figure)) {
                Log::of($by, LogKind::SelfChecked, "record {$signOff->number}");
            }

            return $signOff;
        });
        // Outside only once it is certain inside: a head that never was would accuse a chain that is whole.
        $this->anchors->append($signOff->studio_id, $signOff->number, $signOff->hash);

        return $signOff;
    }

    /** @return array{key_id: string, signature: string} */
    private function seal(int $studio, Link $link): array
    {
        $signed = $this->keys->sign(RecordSeal::message($studio, $link->number, $link->hash));

        return ['key_id' => $signed['key'], 'signature' => $signed['signature']];
    }

    private function requireReady(CheckReading $reading, Figure $figure): void
    {
        if ($reading->check->state !== RoundState::Open || $figure->state !== FigureState::ToCheck) {
            throw NotAllowed::checkClosed();
        }
        $bar = $reading->standsBetween();
        if ($bar !== null) {
            throw NotAllowed::because($bar->code, $bar->sentence);
        }
    }

    /** @param  array<string, mixed>  $record */
    private static function append(array $record): Link
    {
        $last = SignOff::query()->orderByDesc('number')->first();

        return $last === null ? Link::first($record) : Link::stored($last->number, $last->previous, $last->record, $last->hash)->next($record);
    }
}
