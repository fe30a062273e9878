import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { Choice } from '@shared/Choice';
import { Empty } from '@shared/Empty';
import { LinkButton } from '@shared/LinkButton';
import { count } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useKeys } from '@shared/useKeys';
import { useQuery } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { AreaPanel } from './components/AreaPanel';
import { HeadPanel } from './components/HeadPanel';
import { ByUse, LadderCard } from './components/LadderCard';
import { NotesPanel } from './components/NotesPanel';
import { PastePanel } from './components/PastePanel';
import { SchemeSide } from './components/SchemeSide';
import { TrialPanel } from './components/TrialPanel';
import { schemeOptions, type View } from './queries';

type Scheme = Schemas['Scheme'];

export function SchemePage() {
    const { scheme } = useParams();
    const [search] = useSearchParams();
    const view: View = { type: search.get('type'), tier: search.get('tier') };
    const query = useQuery(schemeOptions(Number(scheme), view));
    const first = query.data === undefined ? BEFORE[query.error?.code ?? ''] : undefined;
    if (first !== undefined && query.error !== null) {
        return (
            <>
                <PageHead title="A scheme" sub="not yet" />
                <Empty say={query.error.message}>
                    {first.map(({ to, say }) => (
                        <LinkButton key={to} to={to}>
                            {say}
                        </LinkButton>
                    ))}
                </Empty>
            </>
        );
    }
    return <Loaded query={query}>{(data) => <Ladders scheme={data} view={view} />}</Loaded>;
}

/** What there must be before areas can be coloured, and where it is made, by the code of what is refused without it. */
const BEFORE: Record<string, { to: string; say: string }[] | undefined> = {
    'no-figure-type': [
        { to: '/studio', say: 'Figure types, in Studio' },
        { to: '/jobs', say: 'A job with its roster' },
    ],
    'no-standard': [{ to: '/standard', say: 'The standard' }],
    'no-tier': [{ to: '/standard', say: 'The standard' }],
};

/** What stands beside the ladders is in the address. */
function useBeside() {
    const [search, setSearch] = useSearchParams();
    const set = (changes: Record<string, string | null>) =>
        setSearch(
            (before) => {
                const next = new URLSearchParams(before);
                for (const [name, value] of Object.entries(changes)) {
                    if (value === null) {
                        next.delete(name);
                    } else {
                        next.set(name, value);
                    }
                }
                return next;
            },
            { replace: true },
        );
    return {
        area: search.get('area'),
        panel: search.get('panel'),
        set,
        openArea: (area: string) => set({ area, panel: null }),
        openPanel: (panel: string) => set({ panel, area: null }),
        close: () => set({ panel: null, area: null }),
    };
}

function Ladders({ scheme, view }: { scheme: Scheme; view: View }) {
    const { user, studio } = useSession();
    const mayChange = user.role === 'lead';
    const beside = useBeside();
    const navigate = useNavigate();
    const proof = `/schemes/${scheme.id}/proof?type=${encodeURIComponent(scheme.type)}`;
    useKeys(
        {
            p: { does: 'opens the proof sheet', deed: () => void navigate(proof) },
            '+': { does: 'adds an area', deed: () => beside.openPanel('add') },
        },
        studio.single_keys,
    );
    const laddered = scheme.areas.filter((area) => area.rungs.length > 0);
    return (
        <div className="standard scheme">
            <PageHead
                title={scheme.name}
                sub={`${scheme.force.name === scheme.name ? '' : `${scheme.force.name} · `}${count(scheme.areas.length, 'area')}${scheme.light_from === '' ? '' : ` · light ${scheme.light_from}`}`}
            >
                <Choice
                    label="Tier"
                    options={scheme.tiers.map((tier) => ({ value: tier.key, label: tier.name }))}
                    value={scheme.tier}
                    onChange={(tier) => beside.set({ tier })}
                />
                <LinkButton to={proof}>
                    Proof sheet <kbd>P</kbd>
                </LinkButton>
            </PageHead>
            <div className="sheet-tools scheme-tools">
                <Select
                    aria-label="Figure type"
                    className="tool-select"
                    value={scheme.type}
                    options={scheme.types.map((type) => ({ value: type.key, label: type.name }))}
                    onChange={(type) => beside.set({ type, area: null })}
                />
                {scheme.others.length > 1 && (
                    <Select
                        aria-label="Scheme of the force"
                        className="tool-select"
                        value={scheme.id}
                        options={scheme.others.map((other) => ({
                            value: other.id,
                            label: other.common_id === null ? `${other.name} (common)` : other.name,
                        }))}
                        onChange={(id) => void navigate(`/schemes/${id}`)}
                    />
                )}
                <span className="tools-end">
                    <Button onClick={() => beside.openPanel('trial')}>Try a colour</Button>
                    <Button onClick={() => beside.openPanel('notes')}>Paints and notes</Button>
                    {mayChange && <Button onClick={() => beside.openPanel('paste')}>Paste a list</Button>}
                    {mayChange && <AddArea scheme={scheme} onAdd={beside.openArea} />}
                </span>
            </div>
            <div className="sheet-and-side">
                <div className="sheet-scroll ladder-grid" tabIndex={0} role="region" aria-label="Ladders, area by area">
                    {scheme.areas.length === 0 && (
                        <p className="empty">
                            No area of this figure has its colours yet. Add one, or paste a list of paints by use.
                        </p>
                    )}
                    {laddered.map((area) => (
                        <LadderCard
                            key={area.area}
                            scheme={scheme}
                            area={area}
                            isOpen={beside.area === area.area}
                            onOpen={() => beside.openArea(area.area)}
                        />
                    ))}
                    <ByUse areas={scheme.areas.filter((area) => area.rungs.length === 0)} onOpen={beside.openArea} />
                </div>
                <Beside scheme={scheme} view={view} mayChange={mayChange} beside={beside} />
            </div>
        </div>
    );
}

interface BesideProps {
    scheme: Scheme;
    view: View;
    mayChange: boolean;
    beside: ReturnType<typeof useBeside>;
}

function Beside({ scheme, view, mayChange, beside }: BesideProps) {
    if (beside.area !== null && mayChange) {
        const area = scheme.areas.find((one) => one.area === beside.area) ?? null;
        return (
            <AreaPanel
                // What is written holds for every tier: it stays when another is looked at, and when its data come.
                key={`${beside.area} ${view.type ?? ''}`}
                scheme={scheme}
                view={view}
                area={area}
                name={beside.area}
                onClose={beside.close}
            />
        );
    }
    switch (beside.panel) {
        case 'light':
            return <HeadPanel key={scheme.id} scheme={scheme} view={view} onClose={beside.close} />;
        case 'paste':
            return <PastePanel scheme={scheme} view={view} onClose={beside.close} />;
        case 'trial':
            return <TrialPanel onClose={beside.close} />;
        case 'notes':
            return <NotesPanel scheme={scheme} view={view} mayChange={mayChange} onClose={beside.close} />;
        default:
            return (
                <SchemeSide
                    scheme={scheme}
                    view={view}
                    mayChange={mayChange}
                    onLight={() => beside.openPanel('light')}
                    onArea={beside.openArea}
                />
            );
    }
}

function AddArea({ scheme, onAdd }: { scheme: Scheme; onAdd: (area: string) => void }) {
    return scheme.without.length === 0 ? null : (
        <Select
            aria-label="Add an area"
            className="tool-select"
            placeholder="Add an area"
            value={null}
            options={scheme.without.map((area) => ({ value: area.key, label: area.key }))}
            onChange={(area: string | null) => area !== null && onAdd(area)}
        />
    );
}
