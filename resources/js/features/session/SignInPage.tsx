import { ApiError } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input } from 'antd';
import { useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { Door } from './Door';
import { sessionKeys, signIn } from './queries';

interface Values {
    email: string;
    password: string;
    code?: string;
}

/** Where to go after signing in: to the place one was sent away from, else to what waits. */
function placeAfter(state: unknown): string {
    const from = typeof state === 'object' && state !== null && 'from' in state ? state.from : '/';
    return typeof from === 'string' && from.startsWith('/') ? from : '/';
}

export function SignInPage() {
    const client = useQueryClient();
    const navigate = useNavigate();
    const { state } = useLocation() as { state: unknown };
    const signing = useMutation({
        mutationFn: (values: Values) => signIn(values.email, values.password, values.code ?? ''),
        onSuccess: async (session) => {
            client.clear();
            client.setQueryData(sessionKeys.all, session);
            await navigate(placeAfter(state), { replace: true });
        },
    });
    const needsCode = signing.error instanceof ApiError && signing.error.path === '/code';
    const [asked, setAsked] = useState(false);
    if (needsCode && !asked) {
        setAsked(true);
    }
    useEffect(() => {
        document.title = 'Sign in · Ordotype';
    }, []);
    return (
        <Door>
            <h1>Ordotype</h1>
            <p>Write the standard once. Bench sheets, checks and certificates follow from it.</p>
            <Form<Values> layout="vertical" onFinish={(values) => signing.mutate(values)} requiredMark={false}>
                <Form.Item
                    name="email"
                    label="E-mail"
                    rules={[{ required: true, message: 'Your e-mail, as the lead invited you by it.' }]}
                >
                    <Input autoComplete="username" autoFocus size="large" />
                </Form.Item>
                <Form.Item name="password" label="Password" rules={[{ required: true, message: 'Your password.' }]}>
                    <Input.Password autoComplete="current-password" size="large" visibilityToggle={false} />
                </Form.Item>
                {asked && (
                    <Form.Item name="code" label="Code of your app, or a recovery code">
                        <Input autoComplete="one-time-code" autoFocus size="large" maxLength={40} />
                    </Form.Item>
                )}
                <ErrorNote error={signing.error} />
                <Button type="primary" htmlType="submit" size="large" loading={signing.isPending} block>
                    Sign in
                </Button>
            </Form>
        </Door>
    );
}
