import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { type Change, type Draft, piece, type TechniqueDoc, withMember } from '../document';
import { errorsOf } from '../errors';
import { membersOf } from '../members';
import { vocabularyOptions } from '../queries';
import { usePiece } from '../usePiece';
import { PiecePanel } from './PiecePanel';
import { RemovePiece } from './RemovePiece';
import { MemberFields } from './MemberFields';
import { MoveInList } from './MoveInList';
import { Field } from '@shared/Field';
import { PrecedenceEditor } from './PrecedenceEditor';
import { techniqueOptions } from './techniqueOptions';

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
    const members = membersOf(words?.fields.technique, technique, errors, hand.change);
    const others = draft.document.techniques.filter((one) => one.id !== id);
    return (
        <PiecePanel
            title={stored?.name ?? id}
            hand={hand}
            words={(value) => <p>{value?.name ?? 'taken away'}</p>}
            onClose={onClose}
        >
            <MemberFields section="head" {...members} />
            <div className="fields">
                <MemberFields section="character" {...members} />
            </div>
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
            <Field
                label="Laid into, while that is wet"
                error={errors('wet_into')}
                hint="Where it lies directly on one of these, both are one go on each figure."
            >
                {(field) => (
                    <Select
                        id={field}
                        mode="multiple"
                        value={technique.wet_into ?? []}
                        options={techniqueOptions(draft.document.techniques)}
                        showSearch={{ optionFilterProp: 'label' }}
                        onChange={(wet: string[]) => set('wet_into', wet.length === 0 ? undefined : wet)}
                    />
                )}
            </Field>
            <div className="fields">
                <MemberFields section="bench" {...members} />
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
            <Field label="Does badly on" error={errors('poor_on')}>
                {(field) => (
                    <Select
                        id={field}
                        mode="multiple"
                        value={technique.poor_on ?? []}
                        options={(words?.plates ?? []).map((plate) => ({ value: plate, label: plate }))}
                        onChange={(kinds: string[]) => set('poor_on', kinds.length === 0 ? undefined : kinds)}
                    />
                )}
            </Field>
            <MemberFields section="words" {...members} />
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
