<?php

declare(strict_types=1);

namespace App\Models;

/** What is worth a line in the log. */
enum LogKind: string
{
    case SignedIn = 'signed-in';
    case SignInRefused = 'sign-in-refused';
    case PasswordChanged = 'password-changed';
    case SecondFactorOn = 'second-factor-on';
    case SecondFactorOff = 'second-factor-off';
    case RecoveryCodeUsed = 'recovery-code-used';
    case SessionEnded = 'session-ended';
    case Invited = 'invited';
    case InvitationWithdrawn = 'invitation-withdrawn';
    case Joined = 'joined';
    case RoleChanged = 'role-changed';
    case ClearanceChanged = 'clearance-changed';
    case AccountEnded = 'account-ended';
    case SettingsChanged = 'settings-changed';
    case SelfChecked = 'self-checked';
    case PutInForce = 'put-in-force';
    case JobDeleted = 'job-deleted';

    public function words(): string
    {
        return match ($this) {
            self::SignedIn => 'signed in',
            self::SignInRefused => 'sign-in refused',
            self::PasswordChanged => 'changed the password',
            self::SecondFactorOn => 'second factor on',
            self::SecondFactorOff => 'second factor off',
            self::RecoveryCodeUsed => 'a recovery code used',
            self::SessionEnded => 'ended a session',
            self::Invited => 'invited',
            self::InvitationWithdrawn => 'withdrew an invitation',
            self::Joined => 'joined',
            self::RoleChanged => 'changed a role',
            self::ClearanceChanged => 'changed clearances',
            self::AccountEnded => 'ended an account',
            self::SettingsChanged => 'changed settings',
            self::SelfChecked => 'signed own work',
            self::PutInForce => 'put a version in force',
            self::JobDeleted => 'deleted a job',
        };
    }
}
