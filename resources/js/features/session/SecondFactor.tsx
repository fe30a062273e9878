import { api, type Schemas, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { date } from '@shared/format';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { accountKeys, sessionKeys } from './queries';
import { useConfirm } from './useConfirm';

/** A second factor by an app: off, being set up, or on. */
export function SecondFactor({ account }: { account: Schemas['Account'] }) {
    const [codes, setCodes] = useState<readonly string[] | null>(null);
    const client = useQueryClient();
    const confirmed = useConfirm();
    const settle = () => {
        void client.invalidateQueries({ queryKey: accountKeys.all });
        void client.invalidateQueries({ queryKey: sessionKeys.all });
    };
    const preparing = useMutation({ mutationFn: () => confirmed(() => unwrap(api.POST('/api/account/second-factor'))) });
    const turningOff = useMutation({
        mutationFn: () => confirmed(() => unwrap(api.DELETE('/api/account/second-factor'))),
        onSuccess: settle,
    });
    return (
        <section>
            <h2>Second factor</h2>
            {codes !== null && <RecoveryCodes codes={codes} onKept={() => setCodes(null)} />}
            {account.second_factor_since !== null && codes === null && (
                <>
                    <p>
                        On since {date(account.second_factor_since.slice(0, 10))}. {account.recovery_left} recovery codes left.
                    </p>
                    {!account.required && (
                        <Button loading={turningOff.isPending} onClick={() => turningOff.mutate()}>
                            Turn it off
                        </Button>
                    )}
                </>
            )}
            {account.second_factor_since === null && codes === null && (
                <>
                    <p>
                        {account.required
                            ? 'Your studio asks everybody for a second factor. Set it up with an app on your phone; nothing else is open until then.'
                            : 'With a code of an app on your phone beside the password, a password that got out is not enough.'}
                    </p>
                    {preparing.data === undefined ? (
                        <Button type="primary" loading={preparing.isPending} onClick={() => preparing.mutate()}>
                            Set it up
                        </Button>
                    ) : (
                        <SetUp
                            secret={preparing.data}
                            onDone={(fresh) => {
                                setCodes(fresh);
                                settle();
                            }}
                        />
                    )}
                </>
            )}
            <ErrorNote error={preparing.error ?? turningOff.error} />
        </section>
    );
}

function SetUp({ secret, onDone }: { secret: Schemas['SecondFactorSecret']; onDone: (codes: readonly string[]) => void }) {
    const [code, setCode] = useState('');
    const confirming = useMutation({
        mutationFn: () => unwrap(api.PUT('/api/account/second-factor', { body: { code } })),
        onSuccess: ({ codes }) => onDone(codes),
    });
    return (
        <form
            className="second-factor"
            onSubmit={(event) => {
                event.preventDefault();
                confirming.mutate();
            }}
        >
            <img
                src={`data:image/svg+xml;utf8,${encodeURIComponent(secret.picture)}`}
                alt="Code to be read by the app"
                width={180}
            />
            <div>
                <p>Read the picture with the app, or type these letters into it:</p>
                <p>
                    <code>{secret.secret}</code>
                </p>
                <label>
                    The code it shows now
                    <Input
                        inputMode="numeric"
                        autoComplete="one-time-code"
                        maxLength={7}
                        value={code}
                        onChange={(event) => setCode(event.target.value)}
                    />
                </label>
                <ErrorNote error={confirming.error} />
                <Button type="primary" htmlType="submit" loading={confirming.isPending}>
                    Turn it on
                </Button>
            </div>
        </form>
    );
}

function RecoveryCodes({ codes, onKept }: { codes: readonly string[]; onKept: () => void }) {
    return (
        <div className="recovery" role="status">
            <p>
                <b>It is on.</b> If the phone is lost, each of these lets you in once. They are not shown again: write them down
                or print them.
            </p>
            <ul>
                {codes.map((code) => (
                    <li key={code}>
                        <code>{code}</code>
                    </li>
                ))}
            </ul>
            <Button onClick={onKept}>I have them</Button>
        </div>
    );
}
