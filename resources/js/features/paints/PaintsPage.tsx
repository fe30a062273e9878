import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { Swatch } from '@shared/Swatch';
import { Why } from '@shared/Why';
import { useQuery } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { PaintFilePanel } from './components/PaintFilePanel';
import { PaintPanel } from './components/PaintPanel';
import { SubstitutePanel } from './components/SubstitutePanel';
import { left } from './left';
import { needsOptions, paintsOptions } from './queries';

type Paint = Schemas['Paint'];

export function PaintsPage() {
    const paints = useQuery(paintsOptions());
    const { user } = useSession();
    const [search, setSearch] = useSearchParams();
    const [sought, setSought] = useState(search.get('find') ?? '');
    const open = (panel: string, paint?: number) =>
        setSearch(panel === '' ? {} : { panel, ...(paint === undefined ? {} : { of: String(paint) }) }, { replace: true });
    const isLead = user.role === 'lead';
    return (
        <div className="standard">
            <PageHead title="Paints" sub="Colours under D65 daylight, as a thick dry swatch shows them">
                <Input
                    aria-label="Find a paint"
                    placeholder="Find a paint"
                    value={sought}
                    onChange={(event) => setSought(event.target.value)}
                    style={{ width: 200 }}
                />
                <a className="plain-button tool" href="/api/paint-list?format=csv">
                    CSV
                </a>
                <a className="plain-button tool" href="/api/paint-list?format=gpl">
                    Palette
                </a>
                {isLead && <Button onClick={() => open('file')}>From a list</Button>}
                {isLead && (
                    <Button type="primary" onClick={() => open('paint')}>
                        Add a paint
                    </Button>
                )}
            </PageHead>
            <div className="sheet-and-side">
                <div className="sheet-scroll">
                    <Loaded query={paints}>
                        {(rows) =>
                            rows.length === 0 ? (
                                <Empty say="No paint yet. Add the first (a name, its kind, its colour as hex or L*a*b*), paste a list, or begin with plain ones under “From a list”." />
                            ) : (
                                <PaintTable
                                    paints={rows.filter((paint) => paint.name.toLowerCase().includes(sought.toLowerCase()))}
                                    onOpen={isLead ? (paint) => open('paint', paint.id) : null}
                                    onSubstitute={isLead ? (paint) => open('substitute', paint.id) : null}
                                />
                            )
                        }
                    </Loaded>
                </div>
                <Beside panel={search.get('panel')} paints={paints.data ?? []} of={search.get('of')} onClose={() => open('')} />
            </div>
        </div>
    );
}

interface BesideProps {
    panel: string | null;
    paints: readonly Paint[];
    of: string | null;
    onClose: () => void;
}

function Beside({ panel, paints, of, onClose }: BesideProps) {
    const paint = paints.find((one) => String(one.id) === of);
    if (panel === 'substitute' && paint !== undefined) {
        return <SubstitutePanel key={paint.id} paint={paint} onClose={onClose} />;
    }
    if (panel === 'file') {
        return <PaintFilePanel onClose={onClose} />;
    }
    return panel === 'paint' && (of === null || paint !== undefined) ? (
        <PaintPanel key={paint?.id ?? 'new'} paint={paint ?? null} onClose={onClose} />
    ) : null;
}

interface TableProps {
    paints: readonly Paint[];
    onOpen: ((paint: Paint) => void) | null;
    onSubstitute: ((paint: Paint) => void) | null;
}

function Need({ need }: { need: Schemas['PaintNeed'] | undefined }) {
    if (need === undefined) {
        return null;
    }
    return (
        <>
            {need.short && <span aria-hidden="true">▲ </span>}
            {need.ml < 1 ? 'under 1' : Math.round(need.ml)} ml{need.short && ', too little'}
        </>
    );
}

function PaintTable({ paints, onOpen, onSubstitute }: TableProps) {
    const needs = useQuery(needsOptions());
    const why = needs.data?.why;
    const materials = needs.data?.materials ?? [];
    return (
        <>
            {materials.length > 0 && (
                <p className="materials">
                    Running jobs take by the piece: {materials.map((one) => `${one.pieces} × ${one.name}`).join(', ')}.
                </p>
            )}
            <table className="list paint-table">
                <thead>
                    <tr>
                        <th scope="col">Paint</th>
                        <th scope="col">Kind</th>
                        <th scope="col">Hex</th>
                        <th scope="col" className="number paint-wide">
                            L*, a*, b*
                        </th>
                        <th scope="col" className="paint-wide">
                            Coats on dark, middle, light
                        </th>
                        <th scope="col" className="number">
                            Left
                        </th>
                        <th scope="col" className="number">
                            Running jobs take {why !== undefined && <Why why={why} about="what running jobs take" />}
                        </th>
                        <th scope="col">
                            <span className="unseen">What can be done</span>
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {paints.map((paint) => (
                        <tr key={paint.id}>
                            <td>
                                <Swatch hex={paint.hex} />{' '}
                                {onOpen === null ? (
                                    <b>{paint.name}</b>
                                ) : (
                                    <button type="button" className="link-button" onClick={() => onOpen(paint)}>
                                        {paint.name}
                                    </button>
                                )}
                            </td>
                            <td>
                                {paint.kind}
                                {paint.opacity !== 'opaque' && `, ${paint.opacity}`}
                            </td>
                            <td>{paint.hex}</td>
                            <td className="number paint-wide">{paint.lab.map((each) => Math.round(each)).join(', ')}</td>
                            <td className="paint-wide">
                                {paint.opacity === 'opaque'
                                    ? `${paint.coats_dark}, ${paint.coats_middle}, ${paint.coats_light}`
                                    : ''}
                            </td>
                            <td className="number">
                                {paint.stock_ml === 0 && <span aria-hidden="true">▲ </span>}
                                {paint.stock_ml === null || paint.stock_ml === 0
                                    ? left(paint.stock_ml)
                                    : `${paint.stock_ml} of ${paint.ml} ml`}
                            </td>
                            <td className="number">
                                <Need need={needs.data?.needs.find((one) => one.paint === paint.name)} />
                            </td>
                            <td>
                                {onSubstitute !== null && (
                                    <button
                                        type="button"
                                        className="link-button"
                                        aria-label={`Find a substitute for ${paint.name}`}
                                        onClick={() => onSubstitute(paint)}
                                    >
                                        Substitute
                                    </button>
                                )}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </>
    );
}
