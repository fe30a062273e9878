<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Models\SignOff;
use Core\Check\SealedVerdict;
use Core\Record\NotARecord;
use Core\Record\Said;

/** One record held against its signature, its row, the rows behind it, and its own verdict. */
final readonly class RecordChecks
{
    public function __construct(private Keyring $keys)
    {
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $behind rows behind it
     * @return list<string> what is wrong with it
     */
    public function of(SignOff $row, array $behind, Heads $heads): array
    {
        $wrong = $this->ofSignature($row, $heads);
        try {
            $said = Said::in($row->record);
            if ($said->textOrNull('format') === SealedVerdict::FORMAT) {
                array_push($wrong, ...self::ofRow($row, $said), ...self::ofFirst($row, $said), ...self::ofEvidence($row, $said, $behind));
            }
        } catch (NotARecord $unreadable) {
            $wrong[] = "Record {$row->number}: {$unreadable->getMessage()}";
        }
        foreach (SealedVerdict::faults($row->record) as $sentence) {
            $wrong[] = "Record {$row->number}: {$sentence}";
        }

        return $wrong;
    }

    /** @return list<string> */
    private function ofSignature(SignOff $row, Heads $heads): array
    {
        $key = $row->key_id ?? '';

        return match (true) {
            $row->signature === null && $row->number <= $heads->baseline() => [],
            $row->signature === null => ["Record {$row->number} is not signed."],
            ! $this->keys->knows($key) => ["Record {$row->number} is signed with a key ({$key}) that this application does not have."],
            ! $this->keys->verifies($key, $row->signature, RecordSeal::message($row->studio_id, $row->number, $row->hash)) => ["The signature of record {$row->number} does not fit it."],
            default => [],
        };
    }

    /** @return list<string> */
    private static function ofRow(SignOff $row, Said $said): array
    {
        $ids = $said->at('ids');
        $columns = [
            'studio' => [$row->studio_id, $ids->whole('studio')],
            'figure' => [$row->figure_id, $ids->whole('figure')],
            'check' => [$row->check_id, $ids->whole('check')],
            'signer' => [$row->signed_by, $ids->whole('signer')],
            'date' => [$row->signed_at->utc()->toIso8601ZuluString(), $said->at('signed')->text('at')],
        ];
        $wrong = [];
        foreach ($columns as $name => [$stored, $sealed]) {
            if ($stored !== $sealed) {
                $wrong[] = "Record {$row->number} is stored with another {$name} ({$stored}) than it says ({$sealed}).";
            }
        }

        return $wrong;
    }

    /** @return list<string> where a figure came back, whether it is stored as it says of which record */
    private static function ofFirst(SignOff $row, Said $said): array
    {
        $stored = $row->figure->raises?->hash;
        $sealed = $said->has('raises') ? $said->at('raises')->text('hash') : null;

        return $stored === $sealed ? [] : ["Record {$row->number} is stored as raising another record than it says."];
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $behind
     * @return list<string>
     */
    private static function ofEvidence(SignOff $row, Said $said, array $behind): array
    {
        $sealed = $said->at('evidence');
        $now = Evidence::digest($behind, $sealed->whole('rounds'), $sealed->whole('last_mark'));

        return $now === $sealed->text('digest') ? [] : ["What stands behind record {$row->number} (marks, answers, faults or mendings) was altered after it was signed."];
    }
}
