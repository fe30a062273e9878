<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

/** The triggers by which the database refuses any change of what is signed, and of what is only ever appended. */
final readonly class GuardingTriggers
{
    public const NAMES = [
        'sign_offs_update', 'sign_offs_delete',
        'figures_signed_update', 'figures_signed_delete',
        'checks_signed_update', 'checks_signed_delete',
        'check_actions_signed_insert', 'check_actions_signed_update', 'check_actions_signed_delete',
        'check_answers_signed_insert', 'check_answers_signed_update', 'check_answers_signed_delete',
        'faults_signed_insert', 'faults_signed_update', 'faults_signed_delete',
        'mendings_signed_insert', 'mendings_signed_update', 'mendings_signed_delete',
        'bench_marks_signed_insert', 'bench_marks_appended_update', 'bench_marks_appended_delete',
    ];
}
