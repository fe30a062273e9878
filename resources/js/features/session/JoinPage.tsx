import type { Schemas } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Form } from 'antd';
import { useNavigate, useParams } from 'react-router';
import { Door } from './Door';
import { PasswordField } from './PasswordField';
import { invitationOptions, join, sessionKeys } from './queries';

/** Somebody who was invited chooses a password, and is in. */
export function JoinPage() {
    const token = useParams()['token'] ?? '';
    const invitation = useQuery(invitationOptions(token));
    return (
        <Door>
            <h1>Ordotype</h1>
            <ErrorNote error={invitation.error} />
            {invitation.data !== undefined && <Joining token={token} invitation={invitation.data} />}
        </Door>
    );
}

function Joining({ token, invitation }: { token: string; invitation: Schemas['Join'] }) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const joining = useMutation({
        mutationFn: ({ password }: { password: string }) => join(token, password),
        onSuccess: async (session) => {
            client.clear();
            client.setQueryData(sessionKeys.all, session);
            await navigate('/', { replace: true });
        },
    });
    return (
        <>
            <p>
                {invitation.studio} invites you, {invitation.name}, as {invitation.role}. You sign in with {invitation.email} and
                the password that you choose now.
            </p>
            <Form<{ password: string }> layout="vertical" requiredMark={false} onFinish={(values) => joining.mutate(values)}>
                <Form.Item name="password" label="Password" rules={[{ required: true, message: 'Choose a password.' }]}>
                    <PasswordField known={[invitation.name, invitation.email, invitation.studio]} />
                </Form.Item>
                <ErrorNote error={joining.error} />
                <Button type="primary" htmlType="submit" size="large" loading={joining.isPending} block>
                    Join
                </Button>
            </Form>
        </>
    );
}
