import { api, type Schemas, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { instant } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input } from 'antd';
import { useState } from 'react';
import { PasswordField } from './PasswordField';
import { accountKeys, accountOptions } from './queries';
import { SecondFactor } from './SecondFactor';
import { useSession } from './useSession';

/** One's own account: password, second factor, and where one is signed in. */
export function AccountPage() {
    const { user } = useSession();
    const account = useQuery(accountOptions());
    return (
        <>
            <PageHead title={user.name} sub={user.role} />
            <Loaded query={account}>
                {(data) => (
                    <div className="studio account">
                        <SecondFactor account={data} />
                        <ChangePassword account={data} />
                        <Sessions sessions={data.sessions} />
                    </div>
                )}
            </Loaded>
        </>
    );
}

interface Passwords {
    current: string;
    next: string;
}

function ChangePassword({ account }: { account: Schemas['Account'] }) {
    const [form] = Form.useForm<Passwords>();
    const { studio } = useSession();
    const client = useQueryClient();
    const [changed, setChanged] = useState(false);
    const changing = useMutation({
        mutationFn: ({ current, next }: Passwords) =>
            unwrap(api.PUT('/api/account/password', { body: { current_password: current, password: next } })),
        onSuccess: async () => {
            form.resetFields();
            setChanged(true);
            await client.invalidateQueries({ queryKey: accountKeys.all });
        },
    });
    return (
        <section>
            <h2>Password</h2>
            <Form<Passwords> form={form} layout="vertical" requiredMark={false} onFinish={(values) => changing.mutate(values)}>
                <Form.Item name="current" label="Password now" rules={[{ required: true, message: 'The one you sign in with.' }]}>
                    <Input.Password autoComplete="current-password" maxLength={190} size="large" />
                </Form.Item>
                <Form.Item name="next" label="New password" rules={[{ required: true, message: 'The one from now on.' }]}>
                    <PasswordField known={[account.name, account.email, studio.name]} />
                </Form.Item>
                <ErrorNote error={changing.error} />
                {changed && <p role="status">Changed. You are signed out everywhere but here.</p>}
                <Button type="primary" htmlType="submit" loading={changing.isPending}>
                    Change it
                </Button>
            </Form>
        </section>
    );
}

function Sessions({ sessions }: { sessions: Schemas['Account']['sessions'] }) {
    const client = useQueryClient();
    const { studio } = useSession();
    const ending = useMutation({
        mutationFn: (session: string) => unwrap(api.DELETE('/api/account/sessions/{session}', { params: { path: { session } } })),
        onSuccess: (account) => client.setQueryData(accountKeys.all, account),
    });
    return (
        <section>
            <h2>Where you are signed in</h2>
            <ErrorNote error={ending.error} />
            <ul className="sessions">
                {sessions.map((session) => (
                    <li key={session.key}>
                        <span>
                            {session.agent === '' ? 'an unknown browser' : session.agent}
                            <small>
                                {session.from}, last seen {instant(session.last_seen, studio.time_zone)}
                            </small>
                        </span>
                        {session.current ? (
                            <b>here</b>
                        ) : (
                            <Button size="small" onClick={() => ending.mutate(session.key)}>
                                Sign out there
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
        </section>
    );
}
