<?php

declare(strict_types=1);

namespace App\Http\Standards;

use Document\Member\Member;
use Document\Member\Members;

/**
 * The fields that members of a standard are written in, as they are declared.
 *
 * @phpstan-type MemberWord array{value: string, label: string}
 * @phpstan-type MemberField array{
 *   name: string,
 *   label: string,
 *   section: string,
 *   kind: 'text'|'number'|'switch'|'word'|'other',
 *   unit: string,
 *   step: float,
 *   rows: int,
 *   hint: string,
 *   needed: bool,
 *   otherwise: string|int|float|bool|null,
 *   words: list<MemberWord>,
 * }
 */
final readonly class MemberFields
{
    /**
     * @param  Members<covariant object>  $members
     * @return list<MemberField>
     */
    public static function of(Members $members): array
    {
        $fields = array_filter($members->all, static fn (Member $member): bool => $member->called->field !== '');

        return array_values(array_map(static fn (Member $member): array => [
            'name' => $member->name,
            'label' => $member->called->field,
            'section' => $member->called->section,
            'kind' => $member->kind->field,
            'unit' => $member->called->unit,
            'step' => $member->called->step,
            'rows' => $member->called->rows,
            'hint' => $member->called->hint,
            'needed' => $member->needed,
            'otherwise' => $members->otherwise($member),
            'words' => array_map(static fn (string $word): array => ['value' => $word, 'label' => $member->called->words[$word] ?? $word], $member->kind->words),
        ], $fields));
    }
}
