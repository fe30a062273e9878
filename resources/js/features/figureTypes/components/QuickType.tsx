import { api, type ApiError, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { NumberInput } from '@shared/NumberInput';
import { forget, keep, keptValue } from '@shared/kept';
import { useMutation } from '@tanstack/react-query';
import { SIZES, WEIGHTS } from '../sizes';
import { Button, Checkbox, Form, type FormInstance, Input, Select } from 'antd';

interface AreaValues {
    name: string;
    surface: string;
    weight: 'tiny' | 'small' | 'medium' | 'large';
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
    /** Empty: it is named in the form. */
    name: string;
    /** What its button does, besides making it. */
    deed: string;
    surfaces: readonly { key: string; name: string }[];
    onMade: () => void;
    /** Without: the form is there as long as it is needed. */
    onLeave?: () => void;
}

/** A figure type by names, surfaces and rough sizes; the rest follows. */
export function QuickType({ name, deed, surfaces, onMade, onLeave }: Props) {
    const kept = `type ${name}`;
    const [form] = Form.useForm<Values>();
    const making = useMutation({
        mutationFn: ({ areas, ...type }: Values) =>
            unwrap(
                api.POST('/api/figure-types', {
                    body: {
                        ...type,
                        areas: areas.map(({ feature, pieces, ...area }) => ({
                            ...area,
                            focal: area.focal ?? false,
                            features: feature && pieces ? [{ feature, pieces }] : [],
                        })),
                    },
                }),
            ),
        onSuccess: () => {
            forget(kept);
            onMade();
        },
        onError: (error) => form.setFields(atFields(error)),
    });
    const options = surfaces
        .filter((surface) => surface.key !== 'whole')
        .map((surface) => ({ value: surface.key, label: surface.name }));
    const names = (surface: string) => options.some((option) => option.value === surface);
    const first = names('cloth') ? 'cloth' : (options[0]?.value ?? '');
    const below: AreaValues[] = ['ground', 'rim'].map((surface) => ({ name: surface, surface, weight: 'small' }));
    const start: AreaValues[] = [{ name: '', surface: first, weight: 'large' }, ...below.filter((area) => names(area.surface))];
    return (
        <section className="quick-type" aria-label={name === '' ? 'A figure type' : `Figure type ${name}`}>
            <h2>{name === '' ? 'Make a figure type' : `Make the figure type “${name}”`}</h2>
            <p>
                Name its areas and say roughly how large they are. The figure as a whole is added, all sides but below are taken,
                and depth follows from the surface.
            </p>
            <Form<Values>
                form={form}
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
                        <Select options={[...SIZES]} />
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
                            <Button onClick={() => add({ name: '', surface: first, weight: 'medium' })}>Add an area</Button>
                        </>
                    )}
                </Form.List>
                {making.error !== null && making.error.all().some(({ path }) => !HAS_FIELD.test(path)) && (
                    <ErrorNote error={making.error} />
                )}
                <Button type="primary" htmlType="submit" loading={making.isPending}>
                    {deed}
                </Button>
                {onLeave !== undefined && <Button onClick={onLeave}>Leave it</Button>}
            </Form>
        </section>
    );
}

type NamePath = Parameters<FormInstance<Values>['setFields']>[0][number]['name'];

/** The fields that a refusal is about have these places; what is wrong elsewhere is told below them. */
const HAS_FIELD = /^\/(name|size_class|areas\/\d+\/\w+)$/;

/** `/areas/0/name` is the name of the first area. */
function atFields(error: ApiError) {
    return error
        .all()
        .filter(({ path }) => HAS_FIELD.test(path))
        .map(({ path, message }) => ({ name: path.split('/').slice(1).map(step) as NamePath, errors: [message] }));
}

function step(text: string): string | number {
    return /^\d+$/.test(text) ? Number(text) : text;
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
                <Select options={[...WEIGHTS]} />
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
