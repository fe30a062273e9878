import { api, unwrap } from '@api';
import { peopleOptions } from '@features/jobs';
import { ErrorNote } from '@shared/ErrorNote';
import { NumberInput } from '@shared/NumberInput';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Drawer, Form, Input, Select } from 'antd';

interface Values {
    name: string;
    email: string;
    role: 'lead' | 'deputy' | 'painter';
    signing_rank?: number;
    password: string;
}

interface Props {
    open: boolean;
    onClose: () => void;
}

/** An account for somebody of the studio; there is no public registration. */
export function NewPerson({ open, onClose }: Props) {
    const [form] = Form.useForm<Values>();
    const client = useQueryClient();
    const role = Form.useWatch('role', form);
    const adding = useMutation({
        mutationFn: (values: Values) =>
            unwrap(api.POST('/api/people', { body: { ...values, signing_rank: values.signing_rank ?? null } })),
        onSuccess: (people) => {
            client.setQueryData(peopleOptions().queryKey, people);
            form.resetFields();
            onClose();
        },
    });
    return (
        <Drawer open={open} onClose={onClose} title="Add somebody" size={420}>
            <Form<Values>
                form={form}
                layout="vertical"
                requiredMark={false}
                initialValues={{ role: 'painter' }}
                onFinish={(values) => adding.mutate(values)}
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
                    label="Address"
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
                <Form.Item
                    name="password"
                    label="First password"
                    rules={[{ required: true, min: 8, message: 'At least 8 characters.' }]}
                >
                    <Input.Password maxLength={190} autoComplete="new-password" />
                </Form.Item>
                <ErrorNote error={adding.error} />
                <Button type="primary" htmlType="submit" loading={adding.isPending}>
                    Add them
                </Button>
            </Form>
        </Drawer>
    );
}
