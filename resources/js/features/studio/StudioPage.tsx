import { api, unwrap } from '@api';
import { figureTypesOptions, peopleOptions } from '@features/jobs';
import { paintsOptions } from '@features/paints';
import { sessionKeys, useSession } from '@features/session';
import { ErrorNote } from '@shared/ErrorNote';
import { count } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { NewPerson } from './NewPerson';
import { SchemeSettings } from './SchemeSettings';

export function StudioPage() {
    const { studio } = useSession();
    return (
        <>
            <PageHead
                title={studio.name}
                sub={`times in ${studio.time_zone} · ${studio.allows_self_check ? 'own work may be checked, and the record says so' : 'nobody checks own work'}`}
            />
            <div className="studio">
                <Settings />
                <People />
                <FigureTypes />
                <Paints />
                <SchemeSettings />
            </div>
        </>
    );
}

function Settings() {
    const { studio, user } = useSession();
    const client = useQueryClient();
    const change = useMutation({
        mutationFn: (settings: { single_keys: boolean; allows_self_check: boolean; time_zone: string }) =>
            unwrap(api.PUT('/api/studio', { body: settings })),
        onSuccess: (session) => client.setQueryData(sessionKeys.all, session),
    });
    const settings = {
        single_keys: studio.single_keys,
        allows_self_check: studio.allows_self_check,
        time_zone: studio.time_zone,
    };
    const off = user.role !== 'lead' || change.isPending;
    return (
        <section>
            <h2>Settings</h2>
            <div className="settings">
                <Checkbox
                    checked={studio.single_keys}
                    disabled={off}
                    onChange={(event) => change.mutate({ ...settings, single_keys: event.target.checked })}
                >
                    Single letters work as keys when nothing is being typed
                </Checkbox>
                <Checkbox
                    checked={studio.allows_self_check}
                    disabled={off}
                    onChange={(event) => change.mutate({ ...settings, allows_self_check: event.target.checked })}
                >
                    Own work may be checked, and the record says so (a studio of one)
                </Checkbox>
                <ErrorNote error={change.error} />
            </div>
        </section>
    );
}

function People() {
    const { user } = useSession();
    const [adding, setAdding] = useState(false);
    const people = useQuery(peopleOptions());
    return (
        <section>
            <h2>
                People
                {user.role === 'lead' && (
                    <Button className="head-deed" onClick={() => setAdding(true)}>
                        Add somebody
                    </Button>
                )}
            </h2>
            <NewPerson open={adding} onClose={() => setAdding(false)} />
            <Loaded query={people}>
                {(rows) => (
                    <table className="list">
                        <thead>
                            <tr>
                                <th scope="col">Name</th>
                                <th scope="col">Role</th>
                                <th scope="col">Signs</th>
                            </tr>
                        </thead>
                        <tbody>
                            {rows.map((person) => (
                                <tr key={person.id}>
                                    <td>{person.name}</td>
                                    <td>{person.role}</td>
                                    <td>
                                        {person.role === 'lead'
                                            ? 'every tier'
                                            : person.signing_rank === null
                                              ? ''
                                              : `up to rank ${person.signing_rank}`}
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                )}
            </Loaded>
        </section>
    );
}

function FigureTypes() {
    const types = useQuery(figureTypesOptions());
    return (
        <section>
            <h2>Figure types</h2>
            <Loaded query={types}>
                {(rows) => (
                    <table className="list">
                        <thead>
                            <tr>
                                <th scope="col">Name</th>
                                <th scope="col">Size</th>
                                <th scope="col">Areas, focal ones bold</th>
                            </tr>
                        </thead>
                        <tbody>
                            {rows.map((type) => (
                                <tr key={type.id}>
                                    <td>
                                        {type.name}
                                        <br />
                                        <code>{type.key}</code>
                                    </td>
                                    <td>{type.size_class.replace('-', ' ')}</td>
                                    <td>
                                        {type.areas.map((area, i) => (
                                            <span key={area.name}>
                                                {i > 0 && ', '}
                                                {area.focal ? <b>{area.name}</b> : area.name}
                                                {area.features.map((piece) => ` (${count(piece.pieces, piece.feature)})`)}
                                            </span>
                                        ))}
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                )}
            </Loaded>
        </section>
    );
}

function Paints() {
    const paints = useQuery(paintsOptions());
    return (
        <section>
            <h2>Paints</h2>
            <p className="studio-line">
                <Loaded query={paints}>{(rows) => <>{count(rows.length, 'paint')}. </>}</Loaded>
                <Link to="/studio/paints">Open the paints</Link>: colours, what is left, substitutes.
            </p>
        </section>
    );
}
