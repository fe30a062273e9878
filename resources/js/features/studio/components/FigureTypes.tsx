import type { Schemas } from '@api';
import { figureTypesOptions } from '@features/figureTypes';
import { useSession } from '@features/session';
import { count } from '@shared/format';
import { LinkButton } from '@shared/LinkButton';
import { Loaded } from '@shared/Loaded';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Link } from 'react-router';
import { useRetire } from '../useRetire';

export function FigureTypes() {
    const { user } = useSession();
    const types = useQuery(figureTypesOptions());
    return (
        <section>
            <h2>
                Figure types
                {user.role === 'lead' && (
                    <span className="head-deed">
                        <LinkButton to="/studio/figure-types/new">Take one down</LinkButton>
                    </span>
                )}
            </h2>
            <Loaded query={types}>
                {(rows) => (rows.length === 0 ? <None /> : <Types rows={rows} mayChange={user.role === 'lead'} />)}
            </Loaded>
        </section>
    );
}

function None() {
    return (
        <p className="studio-line">
            None yet. A figure type is the list of areas of a figure: what they are made of, how large they are, what they sit on
            and touch, what draws the eye. Names that a roster has and the studio has not are made while it is read.
        </p>
    );
}

function Types({ rows, mayChange }: { rows: Schemas['FigureType'][]; mayChange: boolean }) {
    const retire = useRetire();
    return (
        <table className="list list-stacked">
            <thead>
                <tr>
                    <th scope="col">Name</th>
                    <th scope="col">Size</th>
                    <th scope="col">Areas, focal ones bold</th>
                    {mayChange && <th scope="col">For new rosters</th>}
                </tr>
            </thead>
            <tbody>
                {rows.map((type) => (
                    <tr key={type.id} className={type.retired ? 'ended' : undefined}>
                        <td>
                            <Link to={`/studio/figure-types/${String(type.id)}`}>{type.name}</Link>
                            <br />
                            <code>{type.key}</code>
                        </td>
                        <td>{type.size}</td>
                        <td>
                            {type.areas.map((area, i) => (
                                <span key={area.name}>
                                    {i > 0 && ', '}
                                    {area.focal ? <b>{area.name}</b> : area.name}
                                    {area.features.map((piece) => ` (${count(piece.pieces, piece.feature)})`)}
                                </span>
                            ))}
                            {type.without_neighbours > 0 && (
                                <small className="type-open">
                                    {count(type.without_neighbours, 'area')} of which nobody has said what they touch
                                </small>
                            )}
                        </td>
                        {mayChange && (
                            <td className="type-deeds">
                                <Button
                                    disabled={retire.isPending}
                                    aria-label={`${type.retired ? 'Take up again' : 'Retire'}: ${type.name}`}
                                    onClick={() => retire.mutate({ type, retired: !type.retired })}
                                >
                                    {type.retired ? 'Take up again' : 'Retire'}
                                </Button>
                                <Link
                                    aria-label={`Another like it: ${type.name}`}
                                    to={`/studio/figure-types/new?like=${String(type.id)}`}
                                >
                                    Another like it
                                </Link>
                            </td>
                        )}
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
