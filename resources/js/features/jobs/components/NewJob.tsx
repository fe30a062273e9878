import { api, unwrap } from '@api';
import { standardsOptions } from '@features/standards';
import { SidePanel } from '@shared/SidePanel';
import { DateField, today } from '@shared/days';
import { ErrorNote } from '@shared/ErrorNote';
import { forget, keep, keptValue } from '@shared/kept';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Form, Input, Select } from 'antd';
import { useNavigate } from 'react-router';
import { jobKeys } from '../queries';
import { PURPOSES } from './ClientsSay';

interface Values {
    name: string;
    client: string;
    force: string;
    due?: string;
    purpose?: 'played' | 'displayed';
    standard_version_id?: number;
}

interface Props {
    open: boolean;
    onClose: () => void;
}

export function NewJob({ open, onClose }: Props) {
    const [form] = Form.useForm<Values>();
    const client = useQueryClient();
    const navigate = useNavigate();
    const standards = useQuery({ ...standardsOptions(), enabled: open });
    const booking = useMutation({
        mutationFn: (values: Values) =>
            unwrap(api.POST('/api/jobs', { body: { ...values, due: values.due === '' ? null : (values.due ?? null) } })),
        onSuccess: async (job) => {
            await client.invalidateQueries({ queryKey: jobKeys.all });
            forget('booking');
            onClose();
            await navigate(`/jobs/${job.id}/roster`);
        },
    });
    const problems = booking.error?.byField() ?? {};
    return !open ? null : (
        <SidePanel over={440} onClose={onClose} title="Book a job">
            <Form<Values>
                form={form}
                initialValues={(keptValue('booking') as Values | null) ?? {}}
                onValuesChange={(_, values) => keep('booking', values)}
                layout="vertical"
                onFinish={(values) => booking.mutate(values)}
                requiredMark={false}
            >
                <Field name="name" label="Name" say="What the studio calls it." problem={problems['name']} />
                <Field name="client" label="Client" say="Who ordered it." problem={problems['client']} />
                <Field
                    name="force"
                    label="Force"
                    say="Figures that must look like one belong to one force."
                    problem={problems['force']}
                />
                <Form.Item name="due" label="Due" {...help(problems['due'])}>
                    <Due />
                </Form.Item>
                <Form.Item name="purpose" label="What for" extra="Left as it is: it is asked in the job.">
                    <Select allowClear placeholder="not said yet" options={PURPOSES} />
                </Form.Item>
                <Form.Item name="standard_version_id" label="Standard" extra="Left as it is: the version in force.">
                    <Select
                        allowClear
                        placeholder="the version in force"
                        options={(standards.data ?? []).map((one) => ({
                            value: one.id,
                            label: `${one.name} ${one.version} (${one.state.replace('-', ' ')})`,
                        }))}
                    />
                </Form.Item>
                <ErrorNote error={booking.error} />
                <Button type="primary" htmlType="submit" loading={booking.isPending}>
                    Book it
                </Button>
            </Form>
        </SidePanel>
    );
}

/** The form gives it its id, its value and what hears of a change. */
function Due({
    id = '',
    value = '',
    onChange = () => undefined,
}: {
    id?: string;
    value?: string;
    onChange?: (due: string) => void;
}) {
    return <DateField id={id} value={value} min={today()} onChange={onChange} />;
}

function help(problem: string | undefined) {
    return problem === undefined ? {} : { validateStatus: 'error' as const, help: problem };
}

function Field({ name, label, say, problem }: { name: keyof Values; label: string; say: string; problem: string | undefined }) {
    return (
        <Form.Item name={name} label={label} rules={[{ required: true, whitespace: true, message: say }]} {...help(problem)}>
            <Input maxLength={190} placeholder={say} />
        </Form.Item>
    );
}
