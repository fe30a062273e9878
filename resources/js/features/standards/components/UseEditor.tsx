import { useQuery } from '@tanstack/react-query';
import { AutoComplete, Input, Select } from 'antd';
import { type StandardDoc, type UseDoc, nameOfUse, WHOLE, withMember, without } from '../document';
import type { Errors } from '../errors';
import { membersOf } from '../members';
import { extentsOptions, vocabularyOptions } from '../queries';
import { Names } from '@shared/Names';
import { Field, NumberField, TextField } from '@shared/Field';
import { LiesAmong } from './LiesAmong';
import { MemberFields } from './MemberFields';
import { Plate } from '@features/plates';
import { techniqueOptions } from './techniqueOptions';

interface Props {
    version: number;
    document: StandardDoc;
    tier: string;
    surface: string;
    use: UseDoc;
    /** Names of the other uses of its requirement. */
    others: readonly string[];
    /** Features that the standard speaks of. */
    features: readonly string[];
    errors: Errors;
    onChange: (use: UseDoc) => void;
}

/** The degree of one use. */
export function UseEditor({ version, document, tier, surface, use, others, features, errors, onChange }: Props) {
    const set = <K extends keyof UseDoc>(member: K, value: UseDoc[K] | undefined | '') =>
        onChange(withMember(use, member, value));
    const vocabulary = useQuery(vocabularyOptions());
    const members = membersOf(vocabulary.data?.fields.use, use, errors, onChange);
    const chosen = use.any_of ?? (use.technique === undefined ? [] : [use.technique]);
    return (
        <div className="use-editor">
            <Field label="Technique, or several to choose from" error={errors('technique') ?? errors('any_of')}>
                {(id) => (
                    <Select
                        id={id}
                        mode="multiple"
                        value={chosen}
                        options={techniqueOptions(document.techniques)}
                        showSearch={{ optionFilterProp: 'label' }}
                        onChange={(techniques: string[]) => onChange(withTechniques(use, techniques))}
                    />
                )}
            </Field>
            <div className="fields">
                <MemberFields section="degree" {...members} />
                <NumberField
                    label="Share covered"
                    value={use.cover === undefined ? undefined : Math.round(use.cover * 1000) / 10}
                    suffix="%"
                    error={errors('cover')}
                    onChange={(cover) => set('cover', cover === undefined ? undefined : cover / 100)}
                />
            </div>
            <Extents version={version} surface={surface} technique={chosen[0]} use={use} onChange={onChange} />
            <Names
                label="Named places"
                hint="Brow, nose, cheek: Enter after each."
                error={errors('places')}
                names={use.places ?? []}
                onChange={(names) => set('places', names.length === 0 ? undefined : names)}
            />
            <Names
                label="Places it leaves out"
                hint="Round the eyes, inside the cape: Enter after each."
                error={errors('not_places')}
                names={use.not_places ?? []}
                onChange={(names) => set('not_places', names.length === 0 ? undefined : names)}
            />
            <div className="fields">
                <MemberFields section="minutes" {...members} />
            </div>
            <div className="fields">
                <MemberFields section="leeway" {...members} />
                <Field label="In turn with" error={errors('in_turn_with')} hint="Mix by mix: line, strokes, next mix.">
                    {(id) => (
                        <Select
                            id={id}
                            allowClear
                            value={use.in_turn_with ?? null}
                            options={others.map((other) => ({ value: other, label: other }))}
                            onChange={(other: string | null) => set('in_turn_with', other ?? undefined)}
                        />
                    )}
                </Field>
            </div>
            {surface === WHOLE && (
                <>
                    <OverAll document={document} use={use} errors={errors} stages={vocabulary.data?.groups ?? []} set={set} />
                    {chosen[0] !== undefined && <LiesAmong version={version} tier={tier} technique={chosen[0]} use={use} />}
                </>
            )}
            <div className="fields">
                <Field label="Asked only of pieces" error={errors('feature')} hint="eye, buckle, rib, decal">
                    {(id) => (
                        <AutoComplete
                            id={id}
                            value={use.feature ?? ''}
                            options={features.map((feature) => ({ value: feature }))}
                            onChange={(feature: string) => set('feature', feature)}
                        >
                            <Input />
                        </AutoComplete>
                    )}
                </Field>
                <TextField
                    label="Name of this layer"
                    value={nameOfUse(use)}
                    error={errors('id')}
                    onChange={(id) => set('id', id)}
                />
            </div>
        </div>
    );
}

interface OverAllProps {
    document: StandardDoc;
    use: UseDoc;
    errors: Errors;
    stages: readonly string[];
    set: (member: 'stage' | 'except', value: string | string[] | undefined) => void;
}

/** When a use of the whole figure comes, and what it is kept off. */
function OverAll({ document, use, errors, stages, set }: OverAllProps) {
    return (
        <div className="fields">
            <Field label="Laid over all before what is" error={errors('stage')} hint="Left open: at the stage of its technique.">
                {(id) => (
                    <Select
                        id={id}
                        allowClear
                        value={use.stage ?? null}
                        options={stages.map((stage) => ({ value: stage, label: stage }))}
                        onChange={(stage: string | null) => set('stage', stage ?? undefined)}
                    />
                )}
            </Field>
            <Field label="Not over" error={errors('except')} hint="Surfaces that it is kept off.">
                {(id) => (
                    <Select
                        id={id}
                        mode="multiple"
                        value={use.except ?? []}
                        options={document.surfaces
                            .filter((one) => one.id !== WHOLE)
                            .map((one) => ({ value: one.id, label: one.name }))}
                        showSearch={{ optionFilterProp: 'label' }}
                        onChange={(surfaces: string[]) => set('except', surfaces.length === 0 ? undefined : surfaces)}
                    />
                )}
            </Field>
        </div>
    );
}

/** Two or more leave the method open; such a use has a name of its own. */
function withTechniques(use: UseDoc, techniques: string[]): UseDoc {
    if (techniques.length > 1) {
        return { ...without(use, 'technique'), id: nameOfUse(use), any_of: techniques };
    }
    const [technique] = techniques;
    return technique === undefined ? use : { ...without(use, 'any_of'), id: use.id ?? nameOfUse(use), technique };
}

const WORDS: Record<string, string> = { spot: 'spots', focal: 'focal', upper: 'upper', every: 'every' };

function Extents({
    version,
    surface,
    technique,
    use,
    onChange,
}: Pick<Props, 'version' | 'surface' | 'use' | 'onChange'> & { technique: string | undefined }) {
    const plates = useQuery({ ...extentsOptions(version, surface, technique ?? ''), enabled: technique !== undefined });
    const now = use.extent ?? 'every';
    return (
        <fieldset className="extents">
            <legend>How far it reaches here</legend>
            {Object.entries(WORDS).map(([extent, word]) => {
                const plate = plates.data?.find((one) => one.tier === extent);
                return (
                    <button
                        key={extent}
                        type="button"
                        aria-pressed={now === extent}
                        onClick={() => onChange(withMember(use, 'extent', extent === 'every' ? undefined : extent))}
                    >
                        {plate !== undefined && <Plate plate={plate} about={`reaching ${word}`} />}
                        <span>{word}</span>
                    </button>
                );
            })}
        </fieldset>
    );
}
