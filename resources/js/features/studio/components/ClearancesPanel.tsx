import { api, type Schemas, unwrap } from '@api';
import { SidePanel } from '@shared/SidePanel';
import { ErrorNote } from '@shared/ErrorNote';
import { count } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Select } from 'antd';
import { clearancesOptions, studioKeys } from '../queries';
import { peopleOptions } from '@features/jobs';

type Clearances = Schemas['PersonClearances'];
type Technique = Schemas['ClearanceOf'];

interface Props {
    person: Schemas['Colleague'] | null;
    onClose: () => void;
}

/** What a painter may do with nobody beside them, technique by technique. */
export function ClearancesPanel({ person, onClose }: Props) {
    return person === null ? null : (
        <SidePanel over={460} onClose={onClose} title={`Clearances of ${person.name}`}>
            <List person={person.id} />
        </SidePanel>
    );
}

function List({ person }: { person: number }) {
    const query = useQuery(clearancesOptions(person));
    return <Loaded query={query}>{(data) => <Form data={data} />}</Loaded>;
}

function Form({ data }: { data: Clearances }) {
    const client = useQueryClient();
    const changing = useMutation({
        mutationFn: (techniques: readonly Technique[]) =>
            unwrap(
                api.PUT('/api/people/{user}/clearances', {
                    params: { path: { user: data.id } },
                    body: {
                        version: data.version,
                        clearances: techniques.flatMap(({ technique, up_to_rank }) =>
                            up_to_rank === null ? [] : [{ technique, up_to_rank }],
                        ),
                    },
                }),
            ),
        onSuccess: (now) => {
            client.setQueryData(studioKeys.clearances(data.id), now);
            void client.invalidateQueries({ queryKey: peopleOptions().queryKey });
        },
        onError: () => client.invalidateQueries({ queryKey: studioKeys.clearances(data.id) }),
    });
    const set = (technique: string, rank: number | null) =>
        changing.mutate(data.techniques.map((one) => (one.technique === technique ? { ...one, up_to_rank: rank } : one)));
    const all = (rank: number | null) => changing.mutate(data.techniques.map((one) => ({ ...one, up_to_rank: rank })));
    const isSaid = data.techniques.some((one) => one.up_to_rank !== null);
    return (
        <>
            <p>
                {isSaid
                    ? 'At the bench, a step beyond this says that somebody looks on.'
                    : 'Nothing is said of them yet, so the bench says nothing either. Once one technique is cleared, every other is not.'}
            </p>
            <ErrorNote error={changing.error} />
            {data.techniques.length === 0 && <p>No standard is in force yet; its techniques stand here then.</p>}
            <ul className="clearances">
                {data.techniques.length > 1 && (
                    <li>
                        <label htmlFor="clear-all">
                            <b>All techniques</b>
                        </label>
                        <Select
                            id="clear-all"
                            aria-label="All techniques: cleared up to"
                            placeholder="set all to …"
                            disabled={changing.isPending}
                            options={[
                                { value: 'none', label: 'not cleared' },
                                ...data.tiers.map((tier) => ({ value: String(tier.rank), label: `up to ${tier.name}` })),
                            ]}
                            value={null}
                            onChange={(rank: string | null) => rank !== null && all(rank === 'none' ? null : Number(rank))}
                        />
                    </li>
                )}
                {data.techniques.map((one) => (
                    <li key={one.technique}>
                        <label htmlFor={`clear-${one.technique}`}>
                            {one.name} <small>{one.by !== '' && `by ${one.by}`}</small>
                            <SignedWork signed={one.signed} />
                        </label>
                        <Select
                            id={`clear-${one.technique}`}
                            aria-label={`${one.name}: cleared up to`}
                            value={one.up_to_rank}
                            loading={changing.isPending}
                            disabled={changing.isPending}
                            options={options(data, one)}
                            onChange={(rank: number | null) => set(one.technique, rank)}
                        />
                    </li>
                ))}
            </ul>
        </>
    );
}

/** What of their work was signed by others: the ground that a clearance stands on. */
function SignedWork({ signed }: { signed: Technique['signed'] }) {
    return signed.length === 0 ? null : (
        <small className="clearance-signed">
            signed: {signed.map((one) => `${count(one.figures, 'figure')} at ${one.tier}`).join(', ')}
        </small>
    );
}

/** A rank that no tier has any more is shown as what it is. */
function options({ tiers }: Clearances, { up_to_rank: rank }: Technique) {
    return [
        { value: null, label: 'not cleared' },
        ...tiers.map((tier) => ({ value: tier.rank, label: `up to ${tier.name}` })),
        ...(rank === null || tiers.some((tier) => tier.rank === rank) ? [] : [{ value: rank, label: `up to rank ${rank}` }]),
    ];
}
