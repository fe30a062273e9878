import { api, type Schemas, unwrap } from '@api';
import { SidePanel } from '@shared/SidePanel';
import { ErrorNote } from '@shared/ErrorNote';
import { NumberInput } from '@shared/NumberInput';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input, Select } from 'antd';
import { studioKeys } from '../queries';

interface Values {
    name: string;
    email: string;
    role: 'lead' | 'deputy' | 'painter';
    signing_rank?: number;
}

interface Props {
    open: boolean;
    onClose: () => void;
}

/** Somebody is invited by a link that is used once; there is no public registration. */
export function InvitePerson({ open, onClose }: Props) {
    const [form] = Form.useForm<Values>();
    const client = useQueryClient();
    const role = Form.useWatch('role', form);
    const inviting = useMutation({
        mutationFn: (values: Values) =>
            unwrap(api.POST('/api/invitations', { body: { ...values, signing_rank: values.signing_rank ?? null } })),
        onSuccess: (invitations) => {
            client.setQueryData(studioKeys.invitations, { ...invitations, link: null, mailed: null });
            form.resetFields();
        },
    });
    const link = inviting.data?.link ?? null;
    const close = () => {
        inviting.reset();
        onClose();
    };
    return !open ? null : (
        <SidePanel over={440} onClose={close} title="Invite somebody">
            {link !== null ? (
                <InvitationLink
                    link={link}
                    mailed={inviting.data?.mailed ?? null}
                    to={inviting.variables?.email ?? ''}
                    onClose={close}
                />
            ) : (
                <Form<Values>
                    form={form}
                    layout="vertical"
                    requiredMark={false}
                    initialValues={{ role: 'painter' }}
                    onFinish={(values) => inviting.mutate(values)}
                >
                    <Form.Item
                        name="name"
                        label="Name"
                        rules={[{ required: true, whitespace: true, message: 'As records shall name them.' }]}
                    >
                        <Input maxLength={120} />
                    </Form.Item>
                    <Form.Item
                        name="email"
                        label="E-mail"
                        rules={[{ required: true, type: 'email', message: 'An e-mail address; they sign in with it.' }]}
                    >
                        <Input maxLength={190} autoComplete="off" />
                    </Form.Item>
                    <Form.Item name="role" label="Role">
                        <Select
                            options={[
                                { value: 'painter', label: 'painter' },
                                { value: 'deputy', label: 'deputy' },
                                { value: 'lead', label: 'lead' },
                            ]}
                        />
                    </Form.Item>
                    {role === 'deputy' && (
                        <Form.Item
                            name="signing_rank"
                            label="Signs up to rank"
                            extra="The rank of a tier stands in its head on the standard. Left empty: checks, but signs nothing."
                        >
                            <NumberInput min={0} max={999} whole />
                        </Form.Item>
                    )}
                    <ErrorNote error={inviting.error} />
                    <Button type="primary" htmlType="submit" loading={inviting.isPending}>
                        Make the link
                    </Button>
                </Form>
            )}
        </SidePanel>
    );
}

/** Browsers copy for a page only on addresses that are safe; elsewhere the text is selected by a press on it. */
function copy(text: string) {
    if ('clipboard' in navigator) {
        void navigator.clipboard.writeText(text);
    }
}

interface LinkProps {
    link: string;
    mailed: Schemas['Invitations']['mailed'];
    to: string;
    onClose: () => void;
}

function InvitationLink({ link, mailed, to, onClose }: LinkProps) {
    return (
        <div className="invitation-link">
            {mailed === 'failed' && (
                <p role="alert">
                    <span aria-hidden="true">◆ </span>The mail server did not take the mail to {to}. The invitation stands.
                </p>
            )}
            <p>
                {mailed === 'sent'
                    ? `Mailed to ${to}. If it does not arrive, send this link yourself.`
                    : 'Send this link to them.'}{' '}
                It is used once, within seven days, and not shown again.
            </p>
            <Input.TextArea
                aria-label="Link of the invitation"
                readOnly
                autoSize
                value={link}
                onFocus={(event) => event.target.select()}
            />
            <p>
                <Button type="primary" onClick={() => copy(link)}>
                    Copy it
                </Button>{' '}
                <Button onClick={onClose}>Done</Button>
            </p>
        </div>
    );
}
