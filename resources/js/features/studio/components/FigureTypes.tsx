import type { Schemas } from '@api';
import { figureTypesOptions, QuickType } from '@features/figureTypes';
import { useSession } from '@features/session';
import { sheetOptions, standardsOptions } from '@features/standards';
import { count } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';

export function FigureTypes() {
    const { user } = useSession();
    const types = useQuery(figureTypesOptions());
    const [making, setMaking] = useState(false);
    return (
        <section>
            <h2>
                Figure types
                {user.role === 'lead' && !making && (
                    <Button className="head-deed" onClick={() => setMaking(true)}>
                        Make a figure type
                    </Button>
                )}
            </h2>
            {making && <Making onClose={() => setMaking(false)} />}
            <Loaded query={types}>{(rows) => (rows.length === 0 ? <None /> : <Types rows={rows} />)}</Loaded>
        </section>
    );
}

function None() {
    return (
        <p className="studio-line">
            None yet. A figure type is the list of areas of a figure: what they are made of, how large they are, what draws the
            eye. Names that a roster has and the studio has not are made while it is read.
        </p>
    );
}

function Types({ rows }: { rows: Schemas['FigureType'][] }) {
    return (
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
    );
}

/** What an area can be made of is what the standard in force names; before there is one, its newest draft. */
function Making({ onClose }: { onClose: () => void }) {
    const standards = useQuery(standardsOptions());
    return (
        <Loaded query={standards}>
            {(rows) => {
                const version = rows.find((row) => row.state === 'in-force') ?? rows[0];
                return version === undefined ? (
                    <p className="studio-line">
                        An area is made of something that the standard names: <Link to="/standard">begin a standard</Link> first.
                    </p>
                ) : (
                    <MakingBy version={version.id} onClose={onClose} />
                );
            }}
        </Loaded>
    );
}

function MakingBy({ version, onClose }: { version: number; onClose: () => void }) {
    const client = useQueryClient();
    const sheet = useQuery(sheetOptions(version));
    const made = () => {
        void client.invalidateQueries({ queryKey: figureTypesOptions().queryKey });
        onClose();
    };
    return (
        <Loaded query={sheet}>
            {({ surfaces }) => <QuickType name="" deed="Make it" surfaces={surfaces} onMade={made} onLeave={onClose} />}
        </Loaded>
    );
}
