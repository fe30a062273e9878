import { ErrorNote } from '@shared/ErrorNote';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input } from 'antd';
import { useEffect } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { sessionKeys, signIn } from './queries';

interface Values {
    email: string;
    password: string;
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
        mutationFn: (values: Values) => signIn(values.email, values.password),
        onSuccess: async (session) => {
            client.clear();
            client.setQueryData(sessionKeys.all, session);
            await navigate(placeAfter(state), { replace: true });
        },
    });
    useEffect(() => {
        document.title = 'Sign in · Ordotype';
    }, []);
    return (
        <main className="door">
            <div className="door-mark" aria-hidden="true">
                <span />
                <span />
                <span />
                <span />
            </div>
            <div>
                <h1>Ordotype</h1>
                <p>Write the standard once. Bench sheets, checks and certificates follow from it.</p>
                <Form<Values> layout="vertical" onFinish={(values) => signing.mutate(values)} requiredMark={false}>
                    <Form.Item
                        name="email"
                        label="Address"
                        rules={[{ required: true, message: 'Your address, as the lead gave it to you.' }]}
                    >
                        <Input autoComplete="username" autoFocus size="large" />
                    </Form.Item>
                    <Form.Item name="password" label="Password" rules={[{ required: true, message: 'Your password.' }]}>
                        <Input.Password autoComplete="current-password" size="large" visibilityToggle={false} />
                    </Form.Item>
                    <ErrorNote error={signing.error} />
                    <Button type="primary" htmlType="submit" size="large" loading={signing.isPending} block>
                        Sign in
                    </Button>
                </Form>
            </div>
        </main>
    );
}
