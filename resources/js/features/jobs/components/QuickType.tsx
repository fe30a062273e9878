import { api, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { NumberInput } from '@shared/NumberInput';
import { forget, keep, keptValue } from '@shared/kept';
import { useMutation } from '@tanstack/react-query';
import { Button, Checkbox, Form, Input, Select } from 'antd';

interface AreaValues {
    name: string;
    surface: string;
    weight: 'small' | 'medium' | 'large';
    focal?: boolean;
    feature?: string;
    pieces?: number;
}

interface Values {
    name: string;
    size_class: 'small' | 'foot' | 'large-foot' | 'mounted' | 'monster' | 'centrepiece';
    areas: AreaValues[];
}

interface Props {
    name: string;
    surfaces: readonly { key: string; name: string }[];
    onMade: () => void;
}

const SIZES = [
    { value: 'small', label: 'small (0.4 of a foot figure)' },
    { value: 'foot', label: 'on foot (1)' },
    { value: 'large-foot', label: 'large, on foot (1.6)' },
    { value: 'mounted', label: 'mounted (2.5)' },
    { value: 'monster', label: 'monster or vehicle (5)' },
    { value: 'centrepiece', label: 'centrepiece (12)' },
];

const WEIGHTS = [
    { value: 'small', label: 'small' },
    { value: 'medium', label: 'medium' },
    { value: 'large', label: 'large' },
];

/** A figure type by names, surfaces and rough sizes; the rest follows. */
export function QuickType({ name, surfaces, onMade }: Props) {
    const kept = `type ${name}`;
    const making = useMutation({
        mutationFn: ({ areas, ...type }: Values) =>
            unwrap(
                api.POST('/api/figure-types', {
                    body: { ...type, areas: areas.map((area) => ({ ...area, focal: area.focal ?? false })) },
                }),
            ),
        onSuccess: () => {
            forget(kept);
            onMade();
        },
    });
    const options = surfaces
        .filter((surface) => surface.key !== 'whole')
        .map((surface) => ({ value: surface.key, label: surface.name }));
    const start: AreaValues[] = [
        { name: '', surface: 'cloth', weight: 'large' },
        { name: 'ground', surface: 'ground', weight: 'small' },
        { name: 'rim', surface: 'rim', weight: 'small' },
    ];
    return (
        <section className="quick-type" aria-label={`Figure type ${name}`}>
            <h2>Make the figure type “{name}”</h2>
            <p>
                Name its areas and say roughly how large they are. The figure as a whole is added, all sides but below are taken,
                and depth follows from the surface.
            </p>
            <Form<Values>
                layout="vertical"
                requiredMark={false}
                name={`type ${name}`.replaceAll(/\W+/g, '-')}
                initialValues={(keptValue(kept) as Values | null) ?? { name, size_class: 'foot', areas: start }}
                onValuesChange={(_, values) => keep(kept, values)}
                onFinish={(values) => making.mutate(values)}
            >
                <div className="quick-head">
                    <Form.Item name="name" label="Name" rules={[{ required: true, whitespace: true, message: 'A name.' }]}>
                        <Input maxLength={120} />
                    </Form.Item>
                    <Form.Item name="size_class" label="Size">
                        <Select options={SIZES} />
                    </Form.Item>
                </div>
                <Form.List name="areas">
                    {(fields, { add, remove }) => (
                        <>
                            {fields.map((field) => (
                                <AreaRow
                                    key={field.key}
                                    at={field.name}
                                    surfaces={options}
                                    onRemove={fields.length > 1 ? () => remove(field.name) : undefined}
                                />
                            ))}
                            <Button onClick={() => add({ name: '', surface: 'cloth', weight: 'medium' })}>Add an area</Button>
                        </>
                    )}
                </Form.List>
                <ErrorNote error={making.error} />
                <Button type="primary" htmlType="submit" loading={making.isPending}>
                    Make it and read the roster again
                </Button>
            </Form>
        </section>
    );
}

interface RowProps {
    at: number;
    surfaces: { value: string; label: string }[];
    onRemove: (() => void) | undefined;
}

function AreaRow({ at, surfaces, onRemove }: RowProps) {
    return (
        <div className="quick-area">
            <Form.Item name={[at, 'name']} label="Area" rules={[{ required: true, whitespace: true, message: 'A name.' }]}>
                <Input maxLength={120} />
            </Form.Item>
            <Form.Item name={[at, 'surface']} label="Surface">
                <Select options={surfaces} />
            </Form.Item>
            <Form.Item name={[at, 'weight']} label="Size">
                <Select options={WEIGHTS} />
            </Form.Item>
            <Form.Item name={[at, 'feature']} label="Pieces of">
                <Input maxLength={60} placeholder="eye, buckle …" />
            </Form.Item>
            <Form.Item name={[at, 'pieces']} label="How many">
                <NumberInput min={1} max={999} whole />
            </Form.Item>
            <Form.Item name={[at, 'focal']} valuePropName="checked" label="Focal">
                <Checkbox>draws the eye</Checkbox>
            </Form.Item>
            <Button onClick={onRemove} disabled={onRemove === undefined} aria-label="Take this area away">
                −
            </Button>
        </div>
    );
}
