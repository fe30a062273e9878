import type { Schemas } from '@api';
import { useQuery } from '@tanstack/react-query';
import { Checkbox, Select } from 'antd';
import { type Change, type Draft, piece, type TechniqueDoc, withMember } from '../document';
import { type Errors, errorsOf } from '../errors';
import { vocabularyOptions } from '../queries';
import { usePiece } from '../usePiece';
import { PiecePanel } from './PiecePanel';
import { RemovePiece } from './RemovePiece';
import { MoveInList } from './MoveInList';
import { Field, NumberField, TextField } from '@shared/Field';
import { PrecedenceEditor } from './PrecedenceEditor';
import { techniqueOptions } from './techniqueOptions';
import { WordField } from './WordField';

interface Props {
    draft: Draft;
    id: string;
    onClose: () => void;
    onChange: (changes: Change[]) => void;
}

export function TechniqueEditor({ draft, id, onClose, onChange }: Props) {
    const stored = draft.document.techniques.find((one) => one.id === id) ?? null;
    const hand = usePiece<TechniqueDoc>(draft, piece('technique', id), stored);
    const vocabulary = useQuery(vocabularyOptions());
    const technique = hand.value;
    if (technique === null) {
        return null;
    }
    const errors = errorsOf(hand.error);
    const words = vocabulary.data;
    const set = <K extends keyof TechniqueDoc>(member: K, value: TechniqueDoc[K] | undefined | '') =>
        hand.change(withMember(technique, member, value));
    const others = draft.document.techniques.filter((one) => one.id !== id);
    return (
        <PiecePanel
            title={stored?.name ?? id}
            hand={hand}
            words={(value) => <p>{value?.name ?? 'taken away'}</p>}
            onClose={onClose}
        >
            <TextField
                label="Name"
                value={technique.name}
                error={errors('name')}
                onChange={(name) => hand.change({ ...technique, name })}
            />
            <Character technique={technique} words={words} errors={errors} onChange={hand.change} />
            <Field label="Does the work of" error={errors('replaces')}>
                {(field) => (
                    <Select
                        id={field}
                        mode="multiple"
                        value={technique.replaces ?? []}
                        options={techniqueOptions(others)}
                        showSearch={{ optionFilterProp: 'label' }}
                        onChange={(replaces: string[]) => set('replaces', replaces.length === 0 ? undefined : replaces)}
                    />
                )}
            </Field>
            <div className="fields">
                <TextField
                    label="How thin"
                    value={technique.thinning}
                    error={errors('thinning')}
                    onChange={(value) => set('thinning', value)}
                />
                <TextField
                    label="With what"
                    value={technique.tool}
                    error={errors('tool')}
                    onChange={(value) => set('tool', value)}
                />
            </div>
            <PrecedenceEditor
                label="Comes after"
                canBeNeeded
                precedences={technique.comes_after ?? []}
                techniques={others}
                reasons={words?.order_reasons ?? []}
                error={errors('comes_after')}
                onChange={(value) => set('comes_after', value.length === 0 ? undefined : value)}
            />
            <PrecedenceEditor
                label="Comes before"
                precedences={technique.comes_before ?? []}
                techniques={others}
                reasons={words?.order_reasons ?? []}
                error={errors('comes_before')}
                onChange={(value) => set('comes_before', value.length === 0 ? undefined : value)}
            />
            <TextField
                label="Caution"
                rows={2}
                value={technique.caution}
                hint="The product's safety data sheet and local rules come first."
                onChange={(value) => set('caution', value)}
            />
            <Field label="Faults that it often leaves" error={errors('prone_to')}>
                {(field) => (
                    <Select
                        id={field}
                        mode="tags"
                        open={false}
                        suffix={null}
                        value={technique.prone_to ?? []}
                        onChange={(faults: string[]) => set('prone_to', faults.length === 0 ? undefined : faults)}
                    />
                )}
            </Field>
            <TextField label="Note" rows={2} value={technique.note} onChange={(value) => set('note', value)} />
            <div className="copy-deeds">
                <MoveInList
                    draft={draft}
                    list="techniques"
                    id={id}
                    earlier="Earlier in the list"
                    later="Later in the list"
                    onChange={onChange}
                />
                <RemovePiece draft={draft} piece={piece('technique', id)} label="Take this technique away" onChange={onChange} />
            </div>
        </PiecePanel>
    );
}

interface CharacterProps {
    technique: TechniqueDoc;
    words: Schemas['Vocabulary'] | undefined;
    errors: Errors;
    onChange: (technique: TechniqueDoc) => void;
}

/** What the rules read of a technique. */
function Character({ technique, words, errors, onChange }: CharacterProps) {
    const set = <K extends keyof TechniqueDoc>(member: K, value: TechniqueDoc[K] | undefined) =>
        onChange(withMember(technique, member, value));
    const need = (member: 'group' | 'opacity') => (value: string | undefined) =>
        value !== undefined && onChange({ ...technique, [member]: value });
    return (
        <>
            <div className="fields">
                <WordField
                    label="Group"
                    needed
                    value={technique.group}
                    words={words?.groups ?? []}
                    error={errors('group')}
                    onChange={need('group')}
                />
                <WordField
                    label="Opacity"
                    needed
                    value={technique.opacity}
                    words={words?.opacities ?? []}
                    error={errors('opacity')}
                    onChange={need('opacity')}
                />
                <WordField
                    label="Lies on"
                    value={technique.lies_on ?? 'all'}
                    words={words?.lies_on ?? []}
                    onChange={(value) => set('lies_on', value === 'all' ? undefined : value)}
                />
                <NumberField
                    label="Dry after"
                    suffix="min"
                    value={technique.dry}
                    otherwise={0}
                    error={errors('dry')}
                    onChange={(dry) => set('dry', dry)}
                />
                <WordField
                    label="Looks"
                    value={technique.texture}
                    words={words?.textures ?? []}
                    onChange={(value) => set('texture', value)}
                />
                <WordField
                    label="Sheen"
                    value={technique.sheen}
                    words={words?.sheens ?? []}
                    onChange={(value) => set('sheen', value)}
                />
            </div>
            <Checkbox checked={technique.messy ?? false} onChange={(event) => set('messy', event.target.checked || undefined)}>
                Messy: it soils neighbours
            </Checkbox>
        </>
    );
}
