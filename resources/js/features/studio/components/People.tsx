import { api, type Schemas, unwrap } from '@api';
import { peopleOptions } from '@features/jobs';
import { WorkAhead } from '@features/plan';
import { useConfirm, useSession } from '@features/session';
import { ErrorNote } from '@shared/ErrorNote';
import { instant } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { NumberInput } from '@shared/NumberInput';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { invitationsOptions, studioKeys } from '../queries';
import { ClearancesPanel } from './ClearancesPanel';
import { InvitePerson } from './InvitePerson';

type Person = Schemas['Colleague'];

export function People() {
    const { user } = useSession();
    const [inviting, setInviting] = useState(false);
    const [clearing, setClearing] = useState<Person | null>(null);
    const people = useQuery(peopleOptions());
    const isLead = user.role === 'lead';
    return (
        <section>
            <h2>
                People
                {isLead && (
                    <Button className="head-deed" onClick={() => setInviting(true)}>
                        Invite somebody
                    </Button>
                )}
            </h2>
            <ClearancesPanel person={clearing} onClose={() => setClearing(null)} />
            <InvitePerson open={inviting} onClose={() => setInviting(false)} />
            <Loaded query={people}>
                {(rows) => (
                    <table className="list list-stacked">
                        <thead>
                            <tr>
                                <th scope="col">Name</th>
                                <th scope="col">Role</th>
                                <th scope="col">Signs</th>
                                <th scope="col">At work</th>
                                {isLead && <th scope="col">Second factor</th>}
                                {isLead && <th scope="col">Account</th>}
                            </tr>
                        </thead>
                        <tbody>
                            {rows.map((person) => (
                                <PersonRow
                                    key={`${person.id} ${person.version}`}
                                    person={person}
                                    isLead={isLead}
                                    isSelf={person.id === user.id}
                                    onClear={() => setClearing(person)}
                                />
                            ))}
                        </tbody>
                    </table>
                )}
            </Loaded>
            {isLead && <Invitations />}
            {isLead && (
                <p className="studio-line">
                    <Link to="/studio/log">The log</Link>: who signed in, what was refused, what was changed.
                </p>
            )}
        </section>
    );
}

function signs(person: Person): string {
    return person.role === 'lead' ? 'every tier' : person.signing_rank === null ? '' : `up to rank ${person.signing_rank}`;
}

interface RowProps {
    person: Person;
    isLead: boolean;
    isSelf: boolean;
    onClear: () => void;
}

function PersonRow({ person, isLead, isSelf, onClear }: RowProps) {
    const [changing, setChanging] = useState(false);
    return (
        <tr className={person.ended ? 'ended' : ''}>
            <td>{person.name}</td>
            <td>{person.ended ? `was ${person.role}` : person.role}</td>
            <td>{person.ended ? '' : signs(person)}</td>
            <td>{!person.ended && <WorkAhead person={person.id} />}</td>
            {isLead && (
                <td data-lead={person.ended ? '' : 'second factor'}>{person.ended ? '' : person.second_factor ? 'on' : 'off'}</td>
            )}
            {isLead && (
                <td>
                    {person.ended
                        ? 'ended; marks and signatures stay'
                        : !changing && (
                              <button
                                  type="button"
                                  className="link-button"
                                  aria-label={`Change ${person.name}`}
                                  onClick={() => setChanging(true)}
                              >
                                  Change
                              </button>
                          )}
                    {!person.ended && !changing && person.role === 'painter' && (
                        <>
                            {' · '}
                            <button
                                type="button"
                                className="link-button"
                                aria-label={`Clearances of ${person.name}`}
                                onClick={onClear}
                            >
                                Clearances
                            </button>
                        </>
                    )}
                    {changing && <ChangePerson person={person} isSelf={isSelf} onClose={() => setChanging(false)} />}
                </td>
            )}
        </tr>
    );
}

interface ChangeProps {
    person: Person;
    isSelf: boolean;
    onClose: () => void;
}

function ChangePerson({ person, isSelf, onClose }: ChangeProps) {
    const client = useQueryClient();
    const confirmed = useConfirm();
    const [role, setRole] = useState(person.role);
    const [rank, setRank] = useState(person.signing_rank);
    const take = (people: Person[]) => client.setQueryData(peopleOptions().queryKey, people);
    const path = { user: person.id };
    const changing = useMutation({
        mutationFn: () =>
            confirmed(() =>
                unwrap(
                    api.PUT('/api/people/{user}', {
                        params: { path },
                        body: { version: person.version, role, signing_rank: rank },
                    }),
                ),
            ),
        onSuccess: take,
    });
    const ending = useMutation({
        mutationFn: () =>
            confirmed(() => unwrap(api.DELETE('/api/people/{user}', { params: { path, query: { version: person.version } } }))),
        onSuccess: take,
    });
    return (
        <form
            className="change-person"
            aria-label={`Change ${person.name}`}
            onSubmit={(event) => {
                event.preventDefault();
                changing.mutate();
            }}
        >
            <Select
                aria-label="Role"
                value={role}
                options={['painter', 'deputy', 'lead'].map((one) => ({ value: one, label: one }))}
                onChange={setRole}
            />
            {role === 'deputy' && (
                <NumberInput
                    aria-label="Signs up to rank"
                    placeholder="signs up to rank"
                    whole
                    min={0}
                    max={999}
                    value={rank}
                    onChange={setRank}
                />
            )}
            <Button size="small" type="primary" htmlType="submit" loading={changing.isPending}>
                Change the role
            </Button>
            {!isSelf && (
                <Button size="small" loading={ending.isPending} onClick={() => ending.mutate()}>
                    End the account
                </Button>
            )}
            <Button size="small" onClick={onClose}>
                Back
            </Button>
            <ErrorNote error={changing.error ?? ending.error} />
        </form>
    );
}

function Invitations() {
    const client = useQueryClient();
    const { studio } = useSession();
    const invitations = useQuery(invitationsOptions());
    const withdrawing = useMutation({
        mutationFn: (invitation: number) =>
            unwrap(api.DELETE('/api/invitations/{invitation}', { params: { path: { invitation } } })),
        onSuccess: (left) => client.setQueryData(studioKeys.invitations, left),
    });
    const open = invitations.data?.open ?? [];
    return open.length === 0 ? null : (
        <ul className="sessions">
            {open.map((one) => (
                <li key={one.id}>
                    <span>
                        {one.name} is invited as {one.role}
                        <small>
                            {one.email}, by {one.by}, until {instant(one.expires_at, studio.time_zone)}
                        </small>
                    </span>
                    <Button size="small" onClick={() => withdrawing.mutate(one.id)}>
                        Withdraw it
                    </Button>
                </li>
            ))}
        </ul>
    );
}
